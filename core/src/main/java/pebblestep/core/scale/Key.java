package pebblestep.core.scale;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;

/**
 * A tonic and a form. The tonic decides the spelling. A key that would need a triple alteration cannot be made: the
 * refusal names the enharmonic key to use instead.
 */
public final class Key {
    private final NoteName tonic;
    private final Form form;
    private final List<NoteName> ascending;
    private final List<NoteName> descending;

    private Key(NoteName tonic, Form form) {
        this.tonic = tonic;
        this.form = form;
        this.ascending = spell(tonic, form, Direction.UP);
        this.descending = form.sameBothWays() ? ascending : spell(tonic, form, Direction.DOWN);
    }

    /** The key of that form on that tonic; refuses one that would need a triple alteration. */
    public static Key of(NoteName tonic, Form form) {
        try {
            return new Key(tonic, form);
        } catch (Refusal e) {
            Refusal refusal = Refusal.of("key.tonic", tonic + " " + form.name() + " would need a triple alteration.");
            throw simplest(tonic.enharmonics().stream(), form)
                    .map(key -> refusal.fits("Use " + key + ", which sounds the same."))
                    .orElse(refusal);
        }
    }

    private static List<NoteName> spell(NoteName tonic, Form form, Direction direction) {
        return form.degrees(direction).stream()
                .map(degree -> degree.above(tonic))
                .toList();
    }

    /** The key with the fewest accidentals among these tonics; the first of them where several have the fewest. */
    private static Optional<Key> simplest(Stream<NoteName> tonics, Form form) {
        return tonics.flatMap(tonic -> spelled(tonic, form).stream())
                .min(Comparator.comparingInt(key -> key.signature().accidentals()));
    }

    private static Optional<Key> spelled(NoteName tonic, Form form) {
        try {
            return Optional.of(new Key(tonic, form));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    public NoteName tonic() {
        return tonic;
    }

    public Form form() {
        return form;
    }

    /** The notes of one octave in that direction, tonic first. */
    public List<NoteName> notes(Direction direction) {
        return direction == Direction.UP ? ascending : descending;
    }

    /** The signature this key is written in. */
    public KeySignature signature() {
        return KeySignature.ofMajor(tonic).plus(form.signatureFifths());
    }

    /**
     * The pitch of a scale index: 0 is the tonic in the given octave, 1 the next note of the form, and so on; negative
     * indexes lie below.
     */
    public Pitch pitchAt(int index, Direction direction, int tonicOctave) {
        int octaves = Math.floorDiv(index, form.size());
        Degree degree = degreeAt(index, direction);
        Pitch base = Pitch.of(tonic, tonicOctave + octaves);
        return base.plus(degree.interval());
    }

    /** The degree of a scale index in that direction. */
    public Degree degreeAt(int index, Direction direction) {
        return form.degrees(direction).get(Math.floorMod(index, form.size()));
    }

    /**
     * The key an interval away, spelled with the fewer accidentals where two spellings sound the same; at the same
     * number the interval's own spelling stays. Moving by octaves keeps the tonic as the teacher wrote it.
     */
    public Key transposed(Interval interval) {
        if (interval.semitones() % 12 == 0) return this;
        int pitchClass = Math.floorMod(tonic.pitchClass() + interval.semitones(), 12);
        Letter letter = tonic.letter().plus(interval.steps());
        Comparator<NoteName> ownLetterFirst = Comparator.comparing(name -> name.letter() != letter);
        return simplest(NoteName.spellings(pitchClass).stream().sorted(ownLetterFirst), form)
                .orElseThrow(() -> Refusal.of("key.tonic", this + " has no spelling for this instrument."));
    }

    /** In words: {@code Db major}. */
    @Override
    public String toString() {
        return tonic + " " + form.name();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Key key && key.tonic.equals(tonic) && key.form.equals(form);
    }

    @Override
    public int hashCode() {
        return 31 * tonic.hashCode() + form.hashCode();
    }
}
