package pebblestep.documents.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.time.LocalDate;
import java.util.Base64;
import java.util.List;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.sound.Hearing;
import pebblestep.core.sound.Programme;
import pebblestep.core.sound.Synth;
import pebblestep.core.sound.Track;
import pebblestep.core.sound.WaveFile;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.practice.SoundAsked.SoundAnswer;
import pebblestep.documents.practice.SoundAsked.SoundPart;

class SoundAskedTest {
    private static final SpeechDocument SPEECH = SpeechDocument.of(Speech.USUAL);
    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);

    private static SoundAsked asked(int times, @Nullable Integer from, @Nullable String at) {
        SoundPart part = new SoundPart(StepDocuments.write(Steps.PLAIN), null, at);
        return new SoundAsked(
                "Ada Reed",
                "Low tide: C",
                SPEECH,
                DAY,
                null,
                List.of(part),
                List.of(Track.CLICK, Track.LINE),
                times,
                false,
                from);
    }

    @Test
    void stretch_after_stretch_is_the_file_that_the_studio_would_send() throws Exception {
        Programme programme = new Hearing(java.util.Set.of(Track.CLICK, Track.LINE), 12, false)
                .of(pebblestep.core.climb.Ascent.alone(Steps.PLAIN), null, null);
        assertThat(programme.seconds()).isGreaterThan(SoundAsked.SECONDS);
        Synth synth = new Synth(programme, ReferencePitch.ISO_16, SoundAsked.RATE);
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        whole.writeBytes(new WaveFile(SoundAsked.RATE, synth.length()).head());
        synth.play((samples, count) -> whole.writeBytes(WaveFile.body(samples, count)));

        ByteArrayOutputStream joined = new ByteArrayOutputStream();
        SoundAnswer look = asked(12, null, null).answer();
        assertThat(look.data()).isNull();
        assertThat(look.name()).isEqualTo("Ada Reed, Low tide C, 2026-11-30.wav");
        Integer next = 0;
        while (next != null) {
            SoundAnswer stretch = asked(12, next, null).answer();
            joined.writeBytes(Base64.getDecoder().decode(stretch.data()));
            next = stretch.next();
        }
        assertThat(joined.toByteArray()).isEqualTo(whole.toByteArray());
        assertThat(look.bytes()).isEqualTo(joined.size());
        AudioInputStream read = AudioSystem.getAudioInputStream(new ByteArrayInputStream(joined.toByteArray()));
        assertThat(read.getFrameLength()).isEqualTo(synth.length());
    }

    @Test
    void what_nobody_can_play_is_refused_by_its_place() {
        assertThatThrownBy(() -> asked(1, 7, null).answer())
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("30 seconds");
        assertThatThrownBy(() -> asked(1, -30, null).answer()).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> asked(0, null, null).answer())
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("1 to 100");
        assertThatThrownBy(() -> asked(1, null, "9.9").answer())
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.field()).contains("pieces.0.at"));
        SoundAsked none = new SoundAsked(null, null, SPEECH, DAY, null, List.of(), List.of(), 1, false, null);
        assertThatThrownBy(none::answer).isInstanceOf(Refusal.class).hasMessageContaining("nothing to play");
    }
}
