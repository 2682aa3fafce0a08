package pebblestep.core.keyplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.tempo.LadderScheme;

class InKeyTest {
    private static final Step TWO_OCTAVES =
            Steps.step("C", "major", Extent.octaves(2), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0");
    private static final Ascent TEMPLATE =
            Ascent.of(TWO_OCTAVES, Climb.tempo(Bpm.of(60), Bpm.of(80), LadderScheme.fixed(10)));
    private static final Player ENGLISH_HORN = Player.of(Instruments.of("english-horn"));

    private static Key key(String tonic, String form) {
        return Key.of(NoteName.parse(tonic), Forms.of(form));
    }

    @Test
    void a_step_moves_to_a_key_that_sounds_or_is_read() {
        InKey concert = InKey.of(TEMPLATE, key("B♭", "major"), Named.CONCERT, ENGLISH_HORN, Speech.USUAL);
        assertThat(Passage.of(concert.ascent().step(), ENGLISH_HORN).writtenKey())
                .hasToString("F major");
        InKey written = InKey.of(TEMPLATE, key("B♭", "major"), Named.WRITTEN, ENGLISH_HORN, Speech.USUAL);
        assertThat(Passage.of(written.ascent().step(), ENGLISH_HORN).writtenKey())
                .hasToString("B♭ major");
        assertThat(written.ascent().climb()).isEqualTo(TEMPLATE.climb());
        assertThat(concert.fewerOctaves()).isEmpty();
    }

    @Test
    void it_is_called_by_its_key() {
        Ascent unnamed = Ascent.of(TWO_OCTAVES.withTitle(""), TEMPLATE.climb());
        assertThat(InKey.of(unnamed, key("D", "dorian"), Named.WRITTEN, ENGLISH_HORN, Speech.USUAL)
                        .ascent()
                        .step()
                        .title())
                .startsWith("D dorian, two octaves up and down");
        Ascent named = Ascent.of(TWO_OCTAVES.withTitle("Even eighths"), TEMPLATE.climb());
        assertThat(InKey.of(named, key("D", "major"), Named.WRITTEN, ENGLISH_HORN, Speech.USUAL)
                        .ascent()
                        .step()
                        .title())
                .isEqualTo("D major: Even eighths");
    }

    @Test
    void where_two_octaves_do_not_fit_it_goes_through_one() {
        Player beginner = ENGLISH_HORN.within(PitchRange.parse("D4-G5"));
        InKey shorter = InKey.of(TEMPLATE, key("G", "major"), Named.WRITTEN, beginner, Speech.USUAL);
        assertThat(shorter.fewerOctaves()).contains(1);
        assertThat(shorter.ascent().step().line().extent()).isEqualTo(Extent.octaves(1));
        assertThatThrownBy(() -> InKey.of(TEMPLATE, key("A♭", "major"), Named.WRITTEN, beginner, Speech.USUAL))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("octaves");
    }
}
