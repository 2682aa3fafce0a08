package pebblestep.exchange.midi;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.sound.Programme;
import pebblestep.core.sound.Run;
import pebblestep.core.sound.Sound;
import pebblestep.core.sound.Track;

/**
 * Writes a programme as a Standard MIDI File 1.0, type 1: tempo and meter on the first track, then each thing that sounds on a
 * track of its own, by its name. Ticks are exact: a quarter note has as many as every position needs.
 */
public final class MidiFile {
    /** The usual media type. */
    public static final String MEDIA_TYPE = "audio/midi";

    /** The highest number of ticks to a quarter note that the format can say (15 bits). */
    static final int MOST_TICKS = 32_767;

    /** Ticks where no number of them is exact: it has all the small factors. */
    private static final int NEAR_TICKS = 30_240;

    private static final int HIGHEST_NOTE = 127;
    private static final int DRUM_CHANNEL = 9;
    private static final int TRACK_NAME = 3;
    private static final int TEMPO = 0x51;
    private static final int METER = 0x58;
    private static final int TEXT = 1;

    private MidiFile() {}

    /**
     * The file of a programme. Refuses notes that the format does not have, outside C-1 to G9.
     *
     * @param title the name of its first track
     * @param lead who plays the line; heard as a piano without one
     */
    public static byte[] write(String title, Programme programme, @Nullable Instrument lead) {
        return new Writer(title, programme, lead == null ? 0 : Programs.of(lead)).bytes();
    }

    /** Ticks of a quarter note in which every position of a programme is whole; empty where there would be too many. */
    static Optional<Integer> exactTicks(Programme programme) {
        Fraction unit = Fraction.ONE;
        for (Run run : programme.runs()) {
            for (Sound sound : run.sounds()) {
                for (Fraction at : ends(sound)) unit = unit.commonMeasure(at.times(4));
                if (unit.denominator() > MOST_TICKS) return Optional.empty();
            }
        }
        long ticks = unit.denominator();
        // Programs that show a grid want some ticks between the beats.
        int most = 1;
        while (ticks * most < 96) most *= 2;
        return Optional.of((int) ticks * most);
    }

    private static List<Fraction> ends(Sound sound) {
        return switch (sound) {
            case Sound.Toned tone -> List.of(tone.at(), tone.at().plus(tone.value()));
            case Sound.Droned drone -> List.of(drone.at(), drone.at().plus(drone.value()));
            case Sound.Clicked click -> List.of(click.at());
            case Sound.Drummed hit -> List.of(hit.at());
        };
    }

    /** Something that happens at a tick; what ends comes before what begins. */
    private record Happening(long tick, int order, MidiMessage message) {}

    private static final class Writer {
        private final Programme programme;
        private final int program;
        private final int ticks;
        private final boolean exact;
        private final Map<String, List<Happening>> tracks = new LinkedHashMap<>();
        private final List<Happening> conductor = new ArrayList<>();

        Writer(String title, Programme programme, int program) {
            this.programme = programme;
            this.program = program;
            Optional<Integer> exactly = exactTicks(programme);
            this.exact = exactly.isPresent();
            this.ticks = exactly.orElse(NEAR_TICKS);
            conductor.add(new Happening(0, 0, text(TRACK_NAME, title)));
            if (!exact) {
                conductor.add(new Happening(
                        0, 0, text(TEXT, "Positions are rounded to " + ticks + " ticks of a quarter note.")));
            }
        }

        byte[] bytes() {
            try {
                long begins = 0;
                Fraction start = Fraction.ZERO;
                for (Run run : programme.runs()) {
                    begins = tick(start);
                    conductor.add(new Happening(begins, 1, tempo(run.tempo())));
                    conductor.add(new Happening(begins, 1, meter(run.meter())));
                    for (Sound sound : run.sounds()) sound(start, sound);
                    start = start.plus(run.length());
                }
                Sequence sequence = new Sequence(Sequence.PPQ, ticks);
                fill(sequence.createTrack(), conductor, tick(start));
                for (Map.Entry<String, List<Happening>> track : tracks.entrySet()) {
                    List<Happening> named = new ArrayList<>(track.getValue());
                    named.add(new Happening(0, -1, text(TRACK_NAME, track.getKey())));
                    fill(sequence.createTrack(), named, tick(start));
                }
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                MidiSystem.write(sequence, 1, bytes);
                return bytes.toByteArray();
            } catch (InvalidMidiDataException e) {
                throw new IllegalStateException(e);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        private static void fill(javax.sound.midi.Track track, List<Happening> happenings, long end)
                throws InvalidMidiDataException {
            happenings.sort(Comparator.comparing(Happening::tick).thenComparing(Happening::order));
            for (Happening one : happenings) track.add(new MidiEvent(one.message(), one.tick()));
            // Every track lasts as long as the whole.
            track.add(new MidiEvent(new MetaMessage(0x2F, new byte[0], 0), end));
        }

        private long tick(Fraction at) {
            Fraction exactly = at.times(4L * ticks);
            return exact
                    ? exactly.numerator() / exactly.denominator()
                    : BigDecimal.valueOf(exactly.numerator())
                            .divide(BigDecimal.valueOf(exactly.denominator()), 0, RoundingMode.HALF_UP)
                            .longValueExact();
        }

        private void sound(Fraction start, Sound sound) throws InvalidMidiDataException {
            Fraction at = start.plus(sound.at());
            switch (sound) {
                case Sound.Clicked click -> {
                    // High and low wood block, and a closed triangle between (General MIDI percussion).
                    int key = click.accent() ? 76 : click.between() ? 80 : 77;
                    struck("Click", at, key, click.accent() ? 112 : click.between() ? 56 : 88);
                }
                case Sound.Drummed hit -> struck("Drums", at, drum(hit.drum()), hit.strong() ? 110 : 76);
                case Sound.Toned tone -> {
                    Fraction end = at.plus(tone.value());
                    int channel = channel(tone);
                    String name = name(tone);
                    begun(name, channel);
                    note(name, channel, at, end, tone.midi(), tone.track() == Track.LINE ? 96 : 80);
                }
                case Sound.Droned drone -> {
                    Fraction end = at.plus(drone.value());
                    begun("Drone", 7);
                    note("Drone", 7, at, end, drone.midi(), 64);
                    if (drone.fifth()) note("Drone", 7, at, end, drone.midi() + 7, 56);
                }
            }
        }

        private static int drum(Groove.Drum drum) {
            return switch (drum) {
                case LOW -> 36;
                case SOFT -> 42;
                case HIGH -> 37;
            };
        }

        private static String name(Sound.Toned tone) {
            return switch (tone.track()) {
                case LINE -> "Line";
                case VOICES -> "Voice " + (tone.voice() + 2);
                case CHORDS -> "Chords";
                case BASS -> "Bass";
                case CLICK, DRUMS, DRONE -> throw new IllegalStateException(tone.toString());
            };
        }

        private static int channel(Sound.Toned tone) {
            return switch (tone.track()) {
                case LINE -> 0;
                case VOICES -> 1 + tone.voice();
                case CHORDS -> 5;
                default -> 6;
            };
        }

        /** A track of notes begins with its program: the line's own, an organ's for the drone, a bass's, a piano's for the rest. */
        private void begun(String name, int channel) throws InvalidMidiDataException {
            if (tracks.containsKey(name)) return;
            int own =
                    switch (name) {
                        case "Line" -> program;
                        case "Drone" -> 19;
                        case "Bass" -> 32;
                        default -> 0;
                    };
            List<Happening> track = new ArrayList<>();
            track.add(new Happening(0, 0, new ShortMessage(ShortMessage.PROGRAM_CHANGE, channel, own, 0)));
            tracks.put(name, track);
        }

        private void note(String name, int channel, Fraction at, Fraction end, int key, int velocity)
                throws InvalidMidiDataException {
            if (key < 0 || key > HIGHEST_NOTE) {
                throw Refusal.of("line.register", "A MIDI file has notes from C-1 to G9; this line goes beyond.")
                        .fits("Choose another octave, or for whom it is.");
            }
            List<Happening> track = Objects.requireNonNull(tracks.get(name));
            track.add(new Happening(tick(at), 2, new ShortMessage(ShortMessage.NOTE_ON, channel, key, velocity)));
            track.add(new Happening(tick(end), 1, new ShortMessage(ShortMessage.NOTE_OFF, channel, key, 0)));
        }

        private void struck(String name, Fraction at, int key, int velocity) throws InvalidMidiDataException {
            List<Happening> track = tracks.computeIfAbsent(name, of -> new ArrayList<>());
            long on = tick(at);
            long off = on + Math.max(1, ticks / 16);
            track.add(new Happening(on, 2, new ShortMessage(ShortMessage.NOTE_ON, DRUM_CHANNEL, key, velocity)));
            track.add(new Happening(off, 1, new ShortMessage(ShortMessage.NOTE_OFF, DRUM_CHANNEL, key, 0)));
        }

        private static MetaMessage text(int type, String text) {
            byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
            try {
                return new MetaMessage(type, bytes, bytes.length);
            } catch (InvalidMidiDataException e) {
                throw new IllegalStateException(e);
            }
        }

        /** Microseconds of a quarter note, as the format says a tempo. */
        private static MetaMessage tempo(Tempo tempo) throws InvalidMidiDataException {
            long micros = Math.round(tempo.millis(Fraction.of(1, 4)) * 1000);
            byte[] data = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
            return new MetaMessage(TEMPO, data, data.length);
        }

        private static MetaMessage meter(Meter meter) throws InvalidMidiDataException {
            Fraction pulse = meter.pulse();
            byte clocks = (byte) Math.min(127, Math.max(1, Math.round(pulse.toDouble() * 4 * 24)));
            byte[] data = {(byte) meter.units(), (byte) Integer.numberOfTrailingZeros(meter.unit()), clocks, 8};
            return new MetaMessage(METER, data, data.length);
        }
    }
}
