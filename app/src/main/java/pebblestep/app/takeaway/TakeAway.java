package pebblestep.app.takeaway;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.springframework.stereotype.Service;
import pebblestep.app.platform.FewAtOnce;
import pebblestep.app.takeaway.Pieces.Asked;
import pebblestep.app.takeaway.TakeAwayViews.TakeAwayOptions;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.sound.Hearing;
import pebblestep.core.sound.Programme;
import pebblestep.core.sound.Synth;
import pebblestep.core.sound.WaveFile;
import pebblestep.documents.FileName;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.RoutineJson;
import pebblestep.exchange.StepJson;
import pebblestep.exchange.midi.MidiFile;
import pebblestep.exchange.musicxml.MusicXml;
import pebblestep.exchange.musicxml.Sheet;
import tools.jackson.databind.json.JsonMapper;

/** Makes files of what was asked for. */
@Service
class TakeAway {
    /** So many sound files are made at once; an hour of sound takes a processor for a quarter of a minute. */
    private static final int AT_ONCE = 2;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FewAtOnce making =
            FewAtOnce.of(AT_ONCE, Duration.ZERO, "Other sound files are being made. Try again in a moment.");

    private static final List<Integer> RATES = List.of(44_100, 48_000);

    /** Writes a file as it is made. */
    interface Body {
        void to(OutputStream out) throws IOException;
    }

    /**
     * A file on its way.
     *
     * @param name a plain one: student, title, date
     * @param bytes how large it is
     * @param seconds how long it sounds; 0 for one that does not
     */
    record TakenFile(String name, String mediaType, long bytes, double seconds, Body body) {}

    /** The file; refuses what cannot be written in that format, before anything of it is sent. */
    TakenFile file(Format format, Asked asked, TakeAwayOptions options) {
        String name = FileName.of(asked.whose().orElse(null), asked.title(), asked.day(), format.ending());
        return switch (format) {
            case MUSICXML -> whole(name, format, MusicXml.write(asked.title(), sheets(asked), options.beside()));
            case MXL ->
                whole(
                        name,
                        format,
                        MusicXml.compressed(MusicXml.write(asked.title(), sheets(asked), options.beside())));
            case MIDI ->
                whole(
                        name,
                        format,
                        MidiFile.write(
                                asked.title(),
                                programme(asked, options),
                                asked.pieces()
                                        .getFirst()
                                        .player()
                                        .map(Player::instrument)
                                        .orElse(null)));
            case WAV -> sound(name, format, asked, options);
            case STEP ->
                whole(
                        named(asked, ", step"),
                        format,
                        pretty(StepJson.writeText(alone(asked).step())));
            case CLIMB ->
                whole(
                        named(asked, ", climb"),
                        format,
                        pretty(ClimbJson.writeText(alone(asked).ascent().climb())));
            case ROUTINE ->
                whole(
                        name,
                        format,
                        RoutineJson.write(
                                asked.title(),
                                asked.pieces().stream().map(Piece::ascent).toList()));
        };
    }

    private static String named(Asked asked, String what) {
        return FileName.of(asked.whose().orElse(null), asked.title() + what, asked.day(), "json");
    }

    /** A document of a step or a climb is of one alone. */
    private static Piece alone(Asked asked) {
        if (asked.pieces().size() == 1) return asked.pieces().getFirst();
        throw Refusal.of("format", "There are " + asked.pieces().size() + " steps, and such a file holds one.")
                .fits("Take the routine file, which holds all of them.");
    }

    private static byte[] pretty(String json) {
        return JSON.writerWithDefaultPrettyPrinter()
                .writeValueAsString(JSON.readTree(json))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static TakenFile whole(String name, Format format, byte[] file) {
        return new TakenFile(name, format.mediaType(), file.length, 0, out -> out.write(file));
    }

    private static List<Sheet> sheets(Asked asked) {
        return asked.pieces().stream()
                .map(piece -> Sheet.of(piece.step(), piece.player().orElse(null), asked.speech())
                        .titled(piece.title()))
                .toList();
    }

    private static Programme programme(Asked asked, TakeAwayOptions options) {
        Hearing hearing = options.hearing();
        return asked.pieces().stream()
                .map(piece -> hearing.of(
                        piece.ascent(), piece.at().orElse(null), piece.player().orElse(null)))
                .reduce(Programme::then)
                .orElseThrow();
    }

    private TakenFile sound(String name, Format format, Asked asked, TakeAwayOptions options) {
        int rate = options.rate() == null ? RATES.getFirst() : options.rate();
        if (!RATES.contains(rate)) {
            throw Refusal.of("options.rate", "A sound file has 44100 or 48000 samples a second, not " + rate + ".");
        }
        Programme programme = programme(asked, options);
        ReferencePitch reference =
                Hearing.reference(asked.pieces().getFirst().player().orElse(null));
        Synth synth = new Synth(programme, reference, rate);
        WaveFile wave = new WaveFile(rate, synth.length());
        return new TakenFile(name, format.mediaType(), wave.bytes(), programme.seconds(), out -> {
            making.during(() -> written(wave, synth, out));
        });
    }

    /** How many bytes of a sound were written. */
    private static long written(WaveFile wave, Synth synth, OutputStream out) throws IOException {
        try {
            out.write(wave.head());
            synth.play((samples, count) -> {
                try {
                    out.write(WaveFile.body(samples, count));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
            return wave.bytes();
        } catch (UncheckedIOException e) {
            // Whoever asked for it has gone away.
            throw e.getCause();
        }
    }
}
