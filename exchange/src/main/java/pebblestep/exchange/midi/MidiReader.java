package pebblestep.exchange.midi;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.melody.Melody;
import pebblestep.core.melody.Spelling;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;
import pebblestep.exchange.FoundMusic;

/**
 * Reads one track of a Standard MIDI File: its notes as they are where they lie on a grid that can be written, else moved to the
 * nearest place of the coarsest grid on which nearly all of them lie.
 */
public final class MidiReader {
    private static final int TRACK_NAME = 3;
    private static final int TEMPO = 0x51;
    private static final int METER = 0x58;
    private static final int KEY = 0x59;
    private static final int DRUMS = 9;
    private static final int MOST_READ = 20_000;

    /** A line takes a few kB; the platform's reader holds about sixty bytes for each byte of the file. */
    private static final int MOST_BYTES = 1024 * 1024;

    private static final int MOST_TRACKS = 200;

    /** Where the head of a file says how many tracks it has (Standard MIDI Files 1.0, header chunk). */
    private static final int TRACKS_AT = 10;

    /** Values finer than this are nobody's handwriting. */
    private static final int FINEST = 96;

    /** Grids in parts of a whole note, from the coarsest. */
    private static final int[] GRIDS = {4, 8, 12, 16, 24, 32};

    /** A note is near a place of the grid within this part of its step, and so many of a hundred have to be. */
    private static final double NEAR = 0.2;

    private static final double MOST_NEAR = 0.95;

    private MidiReader() {}

    /**
     * What a file has, read from one of its tracks with notes, from 0. Refuses what is no such file, and one that is larger than 1 MB
     * or has more than two hundred tracks.
     */
    public static FoundMusic read(byte[] file, int part) {
        requireBounded(file);
        Sequence sequence = sequence(file);
        List<Track> tracks = new ArrayList<>();
        for (Track track : sequence.getTracks()) if (!struck(track).isEmpty()) tracks.add(track);
        if (tracks.isEmpty()) throw Refusal.of("There is no note in this file but drums.");
        if (part < 0 || part >= tracks.size()) {
            throw Refusal.of("part", "This file has " + tracks.size() + " tracks with notes.");
        }
        List<String> names = new ArrayList<>();
        for (Track track : tracks) names.add(name(track).orElse("Track " + (names.size() + 1)));
        List<String> left = new ArrayList<>();
        if (tracks.size() > 1) left.add("other tracks than " + names.get(part));
        try {
            Melody melody = new Reading(sequence, tracks.get(part), left).melody(title(sequence));
            return new FoundMusic(names, 1, part, 0, melody, left, List.of());
        } catch (ArithmeticException e) {
            throw Refusal.of("Its times are too long to be reckoned with.");
        }
    }

    /** Refuses what would take much memory, before anything of it is held. */
    private static void requireBounded(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw Refusal.of("This MIDI file is larger than 1 MB; a line takes a few kB.")
                    .fits("Export the part that you need by itself.");
        }
        int tracks = file.length < TRACKS_AT + 2 ? 0 : (file[TRACKS_AT] & 255) << 8 | file[TRACKS_AT + 1] & 255;
        if (tracks > MOST_TRACKS) {
            throw Refusal.of("This MIDI file has " + tracks + " tracks; at most " + MOST_TRACKS + " are read.")
                    .fits("Export the part that you need by itself.");
        }
    }

    private static Sequence sequence(byte[] file) {
        try {
            Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(file));
            if (sequence.getDivisionType() != Sequence.PPQ || sequence.getResolution() < 1) {
                throw Refusal.of("This file counts in frames of film, not in beats.")
                        .fits("Export it with ticks of a quarter note.");
            }
            return sequence;
        } catch (InvalidMidiDataException | IOException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            throw Refusal.of("This is no MIDI file that can be read.").fits("Export it again as a Standard MIDI File.");
        }
    }

    private static Optional<String> name(Track track) {
        return meta(track, TRACK_NAME)
                .map(meta -> new String(meta.getData(), StandardCharsets.UTF_8)
                        .replaceAll("[\\p{Cntrl}]+", " ")
                        .strip())
                .filter(text -> !text.isEmpty())
                .map(text -> text.length() > 80 ? text.substring(0, 80) : text);
    }

    private static String title(Sequence sequence) {
        return sequence.getTracks().length == 0
                ? ""
                : name(sequence.getTracks()[0]).orElse("");
    }

    private static Optional<MetaMessage> meta(Track track, int type) {
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == type)
                return Optional.of(meta);
        }
        return Optional.empty();
    }

    private static Optional<MetaMessage> meta(Sequence sequence, int type) {
        for (Track track : sequence.getTracks()) {
            Optional<MetaMessage> found = meta(track, type);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    /** A note in ticks. */
    private record Struck(long on, long off, int key) {}

    private static List<Struck> struck(Track track) {
        Map<Integer, Long> open = new HashMap<>();
        List<Struck> notes = new ArrayList<>();
        for (int i = 0; i < track.size() && notes.size() < MOST_READ; i++) {
            MidiEvent event = track.get(i);
            if (!(event.getMessage() instanceof ShortMessage message) || message.getChannel() == DRUMS) continue;
            boolean on = message.getCommand() == ShortMessage.NOTE_ON && message.getData2() > 0;
            boolean off = message.getCommand() == ShortMessage.NOTE_OFF
                    || message.getCommand() == ShortMessage.NOTE_ON && message.getData2() == 0;
            if (!on && !off) continue;
            Long began = open.remove(message.getData1());
            if (began != null && event.getTick() > began) {
                notes.add(new Struck(began, event.getTick(), message.getData1()));
            }
            if (on) open.put(message.getData1(), event.getTick());
        }
        notes.sort(Comparator.comparing(Struck::on).thenComparing(Struck::key));
        return notes;
    }

    private static final class Reading {
        private final Sequence sequence;
        private final Track track;
        private final List<String> left;
        private final long whole;

        Reading(Sequence sequence, Track track, List<String> left) {
            this.sequence = sequence;
            this.track = track;
            this.left = left;
            this.whole = 4L * sequence.getResolution();
        }

        Melody melody(String title) {
            Meter meter = meter();
            Tempo tempo = tempo();
            Integer fifths = fifths();
            List<Struck> one = oneAtATime(struck(track));
            if (one.size() > Melody.MOST_NOTES) {
                throw Refusal.of("It has " + one.size() + " notes; a line has at most " + Melody.MOST_NOTES + ".")
                        .fits("Take a shorter passage out of it.");
            }
            List<Placed> placed = isExact(one) ? exactly(one) : onGrid(one, tempo);
            Fraction silent = meter.downbeat(meter.barOf(placed.get(0).at()));
            if (silent.signum() > 0) left.add("bars before the first note, such as a count-in");
            List<Pitch> pitches = Spelling.of(one.stream().map(Struck::key).toList(), fifths);
            List<Melody.Note> notes = new ArrayList<>();
            for (int i = 0; i < placed.size(); i++) {
                Placed note = placed.get(i);
                notes.add(new Melody.Note(pitches.get(i), note.at().minus(silent), note.value()));
            }
            return new Melody(
                    title, meter, Optional.ofNullable(tempo), Optional.empty(), Optional.ofNullable(fifths), notes);
        }

        private record Placed(Fraction at, Fraction value) {}

        /** Of notes that begin together the highest; one that goes on under the next is cut. */
        private List<Struck> oneAtATime(List<Struck> all) {
            List<Struck> one = new ArrayList<>();
            int chords = 0;
            for (Struck note : all) {
                Struck last = one.isEmpty() ? null : one.get(one.size() - 1);
                if (last != null && last.on() == note.on()) {
                    one.set(one.size() - 1, note);
                    chords++;
                    continue;
                }
                if (last != null && last.off() > note.on())
                    one.set(one.size() - 1, new Struck(last.on(), note.on(), last.key()));
                one.add(note);
            }
            if (chords > 0) left.add(Words.counted(chords, "lower note") + " of chords");
            return one;
        }

        private boolean isExact(List<Struck> notes) {
            return notes.stream()
                    .allMatch(note -> Fraction.of(note.on(), whole).denominator() <= FINEST
                            && Fraction.of(note.off() - note.on(), whole).denominator() <= FINEST);
        }

        private List<Placed> exactly(List<Struck> notes) {
            return notes.stream()
                    .map(note -> new Placed(Fraction.of(note.on(), whole), Fraction.of(note.off() - note.on(), whole)))
                    .toList();
        }

        private List<Placed> onGrid(List<Struck> notes, @Nullable Tempo tempo) {
            int parts = grid(notes);
            List<Placed> placed = new ArrayList<>();
            long moved = 0;
            double furthest = 0;
            long before = -1;
            for (int i = 0; i < notes.size(); i++) {
                Struck note = notes.get(i);
                long place = Math.max(before + 1, nearest(note.on(), parts));
                long next = i + 1 < notes.size()
                        ? Math.max(place + 1, nearest(notes.get(i + 1).on(), parts))
                        : Long.MAX_VALUE;
                long end = Math.min(next, Math.max(place + 1, nearest(note.off(), parts)));
                double off = Math.abs(note.on() - (double) place * whole / parts);
                if (off > 0.5) moved++;
                furthest = Math.max(furthest, off);
                placed.add(new Placed(Fraction.of(place, parts), Fraction.of(end - place, parts)));
                before = place;
            }
            if (moved > 0) {
                double seconds = furthest / whole * (tempo == null ? 2.0 : tempo.millis(Fraction.ONE) / 1000);
                left.add("places off the grid: put on 1/" + parts + " notes; " + moved + " of "
                        + Words.counted(notes.size(), "note") + " were moved, by "
                        + Math.round(seconds * 1000) + " ms at most");
            }
            return placed;
        }

        private long nearest(long tick, int parts) {
            return Math.round((double) tick * parts / whole);
        }

        /** The coarsest grid on which nearly all notes begin; the finest where none fits. */
        private int grid(List<Struck> notes) {
            for (int parts : GRIDS) {
                double step = (double) whole / parts;
                long near = notes.stream()
                        .filter(note -> Math.abs(note.on() - nearest(note.on(), parts) * step) <= NEAR * step)
                        .count();
                if (near >= MOST_NEAR * notes.size()) return parts;
            }
            return GRIDS[GRIDS.length - 1];
        }

        private Meter meter() {
            Optional<MetaMessage> said = meta(sequence, METER);
            if (said.isEmpty() || said.get().getData().length < 2) return Meter.parse("4/4");
            int beats = said.get().getData()[0] & 255;
            int power = said.get().getData()[1] & 255;
            String text = beats + "/" + (power > 6 ? 0 : 1 << power);
            try {
                return Meter.parse(text.equals("2/2") ? "4/4" : text);
            } catch (Refusal e) {
                throw Refusal.of("A meter of " + text + " is not carried here.");
            }
        }

        private @Nullable Tempo tempo() {
            Optional<MetaMessage> said = meta(sequence, TEMPO);
            if (said.isEmpty() || said.get().getData().length < 3) return null;
            byte[] data = said.get().getData();
            long micros = (data[0] & 255L) << 16 | (data[1] & 255L) << 8 | data[2] & 255L;
            if (micros == 0) throw Refusal.of("A tempo of 0 cannot be played.").fits("Give the file a tempo.");
            BigDecimal bpm = BigDecimal.valueOf(60_000_000L)
                    .divide(BigDecimal.valueOf(micros), MathContext.DECIMAL64)
                    .setScale(1, RoundingMode.HALF_UP)
                    .stripTrailingZeros();
            boolean carried = bpm.compareTo(BigDecimal.valueOf(20)) >= 0 && bpm.compareTo(BigDecimal.valueOf(400)) <= 0;
            if (!carried) left.add("a tempo outside 20 to 400");
            return carried ? new Tempo(Fraction.of(1, 4), Bpm.of(bpm)) : null;
        }

        private @Nullable Integer fifths() {
            return meta(sequence, KEY)
                    .filter(meta -> meta.getData().length > 0 && Math.abs(meta.getData()[0]) <= 7)
                    .map(meta -> (int) meta.getData()[0])
                    .orElse(null);
        }
    }
}
