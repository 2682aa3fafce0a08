package pebblestep.exchange.musicxml;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.ScorePartwise.Part;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.Transpose;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Marking;
import pebblestep.core.melody.Melody;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.exchange.FoundMusic;

/** One reading of one voice of one part, measure by measure as it is heard. */
final class PartReader {
    private static final int MOST_DIVISIONS = 100_000;

    /** Modes of the standard by the forms that they are here; where its tonic lies, the form knows. */
    private static final Map<String, String> MODES = Map.of(
            "major", "major",
            "ionian", "major",
            "mixolydian", "mixolydian",
            "dorian", "dorian",
            "minor", "natural-minor",
            "aeolian", "natural-minor",
            "phrygian", "phrygian",
            "locrian", "locrian",
            "lydian", "lydian");

    private final Part part;
    private final String voice;
    private final LeftOut left;
    private final List<Melody.Note> notes = new ArrayList<>();
    private final List<FoundMusic.Marked> marked = new ArrayList<>();
    private Fraction divisions = Fraction.ONE;
    private @Nullable Meter meter;
    private @Nullable Tempo tempo;
    private @Nullable Integer fifths;
    private @Nullable Key signed;
    private Interval toConcert = Interval.UNISON;
    private boolean tied;

    PartReader(Part part, String voice, LeftOut left) {
        this.part = part;
        this.voice = voice;
        this.left = left;
    }

    Melody melody(String title) {
        Fraction at = Fraction.ZERO;
        boolean first = true;
        for (int index : Repeats.heard(part.getMeasure())) {
            Part.Measure measure = part.getMeasure().get(index);
            String name = shown(Optional.ofNullable(measure.getNumber()).orElse(String.valueOf(index + 1)));
            int before = notes.size();
            Fraction length = measure(measure, name, at);
            if (first && meter != null && length.isLessThan(meter.bar())) {
                // A pickup stands before the first downbeat.
                moveFrom(before, length.negated());
                length = Fraction.ZERO;
            }
            first = false;
            at = at.plus(length);
            if (notes.size() > Melody.MOST_NOTES) break;
        }
        return whole(title);
    }

    /** The fingerings that stand at the notes, once it has been read. */
    List<FoundMusic.Marked> marked() {
        return List.copyOf(marked);
    }

    private void moveFrom(int index, Fraction by) {
        for (int i = index; i < notes.size(); i++) {
            Melody.Note note = notes.get(i);
            notes.set(i, new Melody.Note(note.pitch(), note.at().plus(by), note.value()));
        }
    }

    private Melody whole(String title) {
        Meter in = meter == null ? Meter.parse("4/4") : meter;
        List<Melody.Note> all = notes;
        if (!all.isEmpty()) {
            // Bars of rest before the first note are not counted.
            Fraction silent = in.downbeat(in.barOf(all.get(0).at()));
            if (silent.signum() > 0) {
                left.whole("bars of rest before the first note");
                all = all.stream()
                        .map(note -> new Melody.Note(note.pitch(), note.at().minus(silent), note.value()))
                        .toList();
            }
        }
        Optional<Integer> concertFifths = Optional.ofNullable(fifths)
                .map(sharps -> sharps + fifthsOf(toConcert))
                .filter(sharps -> Math.abs(sharps) <= 7);
        return new Melody(
                title,
                in,
                Optional.ofNullable(tempo),
                Optional.ofNullable(signed).map(key -> key.transposed(toConcert)),
                concertFifths,
                all);
    }

    /** How many sharps a key gains when it is moved by an interval. */
    private static int fifthsOf(Interval by) {
        return by.semitones() * 7 - 12 * by.steps();
    }

    private Fraction measure(Part.Measure measure, String name, Fraction start) {
        Fraction cursor = Fraction.ZERO;
        Fraction longest = Fraction.ZERO;
        for (Object one : measure.getNoteOrBackupOrForward()) {
            switch (one) {
                case Attributes attributes -> attributes(attributes, name);
                case Backup backup -> {
                    cursor = cursor.minus(length(backup.getDuration(), name));
                    if (cursor.signum() < 0) throw at(name, "Something goes back before the beginning of the measure.");
                }
                case Forward forward -> cursor = cursor.plus(length(forward.getDuration(), name));
                case Note note -> cursor = note(note, name, start, cursor);
                case Direction direction -> direction(direction, name);
                case Sound sound -> sound(sound, name);
                case Harmony harmony -> left.of("chord symbols", name);
                default -> {}
            }
            if (longest.isLessThan(cursor)) longest = cursor;
        }
        return longest;
    }

    private Fraction note(Note note, String name, Fraction start, Fraction cursor) {
        if (note.getGrace() != null) {
            left.of("grace notes", name);
            return cursor;
        }
        if (note.getCue() != null) left.of("cue notes", name);
        Fraction value = length(note.getDuration(), name);
        if (note.getChord() != null) {
            if (voice(note).equals(voice)) left.of("further notes of chords", name);
            return cursor;
        }
        Fraction after = cursor.plus(value);
        if (!voice(note).equals(voice)) {
            if (note.getRest() == null) left.of("other voices", name);
            return after;
        }
        if (note.getRest() != null || note.getCue() != null) {
            tied = false;
            return after;
        }
        if (note.getPitch() == null) {
            left.of("notes without a pitch", name);
            tied = false;
            return after;
        }
        if (value.signum() == 0) {
            left.of("notes without a length", name);
            return after;
        }
        if (!note.getNotations().isEmpty() || !note.getLyric().isEmpty()) marks(note, name);
        Pitch written = pitch(note, name);
        int before = notes.size();
        add(written.plus(toConcert), start.plus(cursor), value, note);
        Marking marking = FingerMarks.of(note);
        if (notes.size() > before && !marking.isEmpty()) marked.add(new FoundMusic.Marked(before, written, marking));
        return after;
    }

    private void marks(Note note, String name) {
        boolean more = note.getNotations().stream()
                .flatMap(all -> all.getTiedOrSlurOrTuplet().stream())
                .anyMatch(mark -> !(mark instanceof org.audiveris.proxymusic.Tied)
                        && !(mark instanceof org.audiveris.proxymusic.Tuplet)
                        && !FingerMarks.isOnlyFingers(mark));
        if (more) left.of("slurs, bows and signs at notes", name);
        if (!note.getLyric().isEmpty()) left.of("words under the notes", name);
    }

    private void add(Pitch pitch, Fraction at, Fraction value, Note note) {
        boolean stops = note.getTie().stream().anyMatch(tie -> tie.getType() == StartStop.STOP);
        Melody.Note last = notes.isEmpty() ? null : notes.get(notes.size() - 1);
        boolean goesOn = tied
                && stops
                && last != null
                && last.pitch().equals(pitch)
                && last.at().plus(last.value()).equals(at);
        if (goesOn && last != null) {
            notes.set(
                    notes.size() - 1,
                    new Melody.Note(pitch, last.at(), last.value().plus(value)));
        } else {
            notes.add(new Melody.Note(pitch, at, value));
        }
        tied = note.getTie().stream().anyMatch(tie -> tie.getType() == StartStop.START);
    }

    private static Pitch pitch(Note note, String name) {
        org.audiveris.proxymusic.Pitch pitch = note.getPitch();
        if (pitch.getStep() == null) throw at(name, "A note has no letter.");
        int alteration = alteration(pitch.getAlter(), name);
        String sign = alteration < 0 ? "b".repeat(-alteration) : "#".repeat(alteration);
        return Pitch.of(NoteName.parse(pitch.getStep().name() + sign), pitch.getOctave());
    }

    private static int alteration(@Nullable BigDecimal alter, String name) {
        if (alter == null) return 0;
        if (alter.abs().compareTo(BigDecimal.valueOf(2)) > 0
                || alter.stripTrailingZeros().scale() > 0) {
            throw at(name, "A note is altered by " + alter.round(new java.math.MathContext(4)) + " semitones.");
        }
        return alter.intValue();
    }

    private Fraction length(@Nullable BigDecimal duration, String name) {
        if (duration == null) return Fraction.ZERO;
        boolean strange = duration.signum() < 0 || duration.precision() - duration.scale() > 8 || duration.scale() > 6;
        if (strange) throw at(name, "A length means nothing.");
        BigDecimal exact = duration.stripTrailingZeros();
        int scale = Math.max(0, exact.scale());
        Fraction units = Fraction.of(
                exact.movePointRight(scale).longValueExact(),
                BigInteger.TEN.pow(scale).longValueExact());
        return units.dividedBy(divisions.times(4));
    }

    private void attributes(Attributes attributes, String name) {
        BigDecimal units = attributes.getDivisions();
        if (units != null) {
            boolean strange = units.signum() <= 0
                    || units.compareTo(BigDecimal.valueOf(MOST_DIVISIONS)) > 0
                    || units.stripTrailingZeros().scale() > 0;
            if (strange) throw at(name, "A quarter note cannot be divided so.");
            divisions = Fraction.of(units.longValueExact());
        }
        for (Time time : attributes.getTime()) meter(time, name);
        for (org.audiveris.proxymusic.Key key : attributes.getKey()) key(key, name);
        for (Transpose transpose : attributes.getTranspose()) transpose(transpose, name);
    }

    private void meter(Time time, String name) {
        if (time.getTimeSignature().size() < 2) return;
        String beats = time.getTimeSignature().get(0).getValue();
        String unit = time.getTimeSignature().get(1).getValue();
        Meter read;
        if (beats.equals("2") && unit.equals("2")) {
            left.of("two half notes to a bar; it is read in 4/4", name);
            beats = "4";
            unit = "4";
        }
        try {
            String grouped = beats.contains("+") ? sum(beats) + "/" + unit + "(" + beats + ")" : beats + "/" + unit;
            read = Meter.parse(grouped.length() > 20 ? "" : grouped);
        } catch (Refusal | NumberFormatException e) {
            throw at(name, "A meter of " + shown(beats) + "/" + shown(unit) + " is not carried here.");
        }
        if (meter == null || notes.isEmpty()) meter = read;
        else if (!meter.equals(read)) left.of("changes of meter; the notes keep their lengths", name);
    }

    private static int sum(String beats) {
        int sum = 0;
        for (String one : beats.split("\\+")) sum += Integer.parseInt(one.strip());
        return sum;
    }

    private static String shown(String text) {
        return text.length() > 8 ? text.substring(0, 8) + "…" : text;
    }

    private void key(org.audiveris.proxymusic.Key key, String name) {
        if (key.getFifths() == null) {
            left.of("signatures of their own kind", name);
            return;
        }
        if (key.getFifths().abs().compareTo(BigInteger.valueOf(7)) > 0) {
            throw at(name, "A signature has at most seven signs.");
        }
        int read = key.getFifths().intValue();
        if (fifths != null && !notes.isEmpty()) {
            if (fifths != read) left.of("changes of key; the notes stay", name);
            return;
        }
        fifths = read;
        signed = Optional.ofNullable(key.getMode())
                .map(MODES::get)
                .map(Forms::of)
                .flatMap(form ->
                        form.signatureFifths().flatMap(lower -> Key.tryOf(NoteName.onFifths(read - lower), form)))
                .orElse(null);
    }

    private void transpose(Transpose transpose, String name) {
        if (!notes.isEmpty()) return;
        int octaves = transpose.getOctaveChange() == null
                ? 0
                : transpose.getOctaveChange().intValue();
        BigDecimal chromatic = transpose.getChromatic();
        boolean strange = chromatic == null
                || chromatic.abs().compareTo(BigDecimal.valueOf(24)) > 0
                || chromatic.stripTrailingZeros().scale() > 0
                || Math.abs(octaves) > 4;
        if (strange) throw at(name, "A transposition means nothing.");
        int semitones = chromatic.intValue();
        int steps = transpose.getDiatonic() == null
                ? Math.round(semitones * 7 / 12f)
                : transpose.getDiatonic().intValue();
        if (Math.abs(steps * 12 / 7.0 - semitones) > 2) throw at(name, "A transposition means nothing.");
        toConcert = Interval.of(steps + 7 * octaves, semitones + 12 * octaves);
    }

    private void direction(Direction direction, String name) {
        if (direction.getSound() != null) sound(direction.getSound(), name);
    }

    private void sound(Sound sound, String name) {
        boolean jumps = sound.getDacapo() != null
                || sound.getDalsegno() != null
                || sound.getTocoda() != null
                || sound.getCoda() != null;
        if (jumps) left.of("jumps such as da capo, which are not played out", name);
        BigDecimal quarters = sound.getTempo();
        if (quarters == null) return;
        if (quarters.signum() <= 0) throw at(name, "A tempo of " + quarters.signum() + " cannot be played.");
        boolean carried =
                quarters.compareTo(BigDecimal.valueOf(20)) >= 0 && quarters.compareTo(BigDecimal.valueOf(400)) <= 0;
        if (tempo != null) left.of("changes of tempo", name);
        else if (carried)
            tempo = new Tempo(
                    Fraction.of(1, 4),
                    Bpm.of(quarters.setScale(1, java.math.RoundingMode.HALF_UP).stripTrailingZeros()));
        else left.of("a tempo outside 20 to 400", name);
    }

    private static Refusal at(String measure, String sentence) {
        return Refusal.of("Measure " + measure + ": " + sentence)
                .fits("Mend it in the program that wrote it, and export it again.");
    }

    /** The voice that a note belongs to; the first where it says none. */
    static String voice(Note note) {
        return note.getVoice() == null ? "1" : note.getVoice();
    }
}
