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
    private final List<Degree> degreesUp;
    private final List<Degree> degreesDown;
    private final List<NoteName> ascending;
    private final List<NoteName> descending;

    private Key(NoteName tonic, Form form, Spelled up, Spelled down) {
        this.tonic = tonic;
        this.form = form;
        this.degreesUp = up.degrees;
        this.degreesDown = down.degrees;
        this.ascending = up.names;
        this.descending = down.names;
    }

    /** The notes of an octave one way, as degrees and by name. */
    private record Spelled(List<Degree> degrees, List<NoteName> names) {}

    /** The key of that form on that tonic; refuses one that would need a triple alteration. */
    public static Key of(NoteName tonic, Form form) {
        return tryOf(tonic, form).orElseThrow(() -> {
            Refusal refusal = Refusal.of("key.tonic", tonic + " " + form.name() + " would need a triple alteration.");
            return simplest(tonic.enharmonics().stream(), form)
                    .map(key -> refusal.fits("Use " + key + ", which sounds the same."))
                    .orElse(refusal);
        });
    }

    /** The key of that form on that tonic; empty where it would need a triple alteration. */
    public static Optional<Key> tryOf(NoteName tonic, Form form) {
        Optional<Spelled> up = trySpell(tonic, form, Direction.UP);
        Optional<Spelled> down = form.sameBothWays() ? up : trySpell(tonic, form, Direction.DOWN);
        return up.flatMap(rising -> down.map(falling -> new Key(tonic, form, rising, falling)));
    }

    /**
     * The key of that form on the sound of that tonic, in the spelling with the fewest accidentals; the tonic's own where
     * no other has fewer.
     */
    public static Key readable(NoteName tonic, Form form) {
        return simplest(Stream.concat(Stream.of(tonic), tonic.enharmonics().stream()), form)
                .orElseThrow(() -> Refusal.of("key.tonic", tonic + " has no " + form.name() + "."));
    }

    private static Optional<Spelled> trySpell(NoteName tonic, Form form, Direction direction) {
        List<Degree> own = form.degrees(direction);
        List<Degree> degrees = own.stream()
                .flatMap(degree -> tryDegree(degree, tonic, form).stream())
                .toList();
        List<NoteName> names = degrees.stream()
                .flatMap(degree -> degree.tryAbove(tonic).stream())
                .toList();
        return names.size() == own.size() ? Optional.of(new Spelled(degrees, names)) : Optional.empty();
    }

    /** A degree as this tonic spells it: the form's own, but for chromatic notes that have a simpler name. */
    private static Optional<Degree> tryDegree(Degree degree, NoteName tonic, Form form) {
        return form.isChromatic() ? ChromaticSpelling.tryOf(degree, tonic) : Optional.of(degree);
    }

    /** The key with the fewest accidentals among these tonics; the first of them where several have the fewest. */
    private static Optional<Key> simplest(Stream<NoteName> tonics, Form form) {
        return tonics.flatMap(tonic -> tryOf(tonic, form).stream()).min(Comparator.comparingInt(Key::accidentals));
    }

    /** How much a key asks of its reader: the accidentals of its signature, or of its notes where it has none. */
    private int accidentals() {
        return form.signatureFifths().isPresent()
                ? signature().accidentals()
                : ascending.stream()
                        .mapToInt(note -> Math.abs(note.alteration()))
                        .sum();
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

    /** The signature this key is written in; none for forms that are written without one. */
    public KeySignature signature() {
        return form.signatureFifths()
                .map(fifths -> KeySignature.ofMajor(tonic).plus(fifths))
                .orElse(KeySignature.NONE);
    }

    /**
     * The key with the same signature on the other side: the natural minor on degree 6 of a major key, the major key on
     * degree 3 of a minor one. Empty for forms without a signature.
     */
    public Optional<Key> relative() {
        if (form.signatureFifths().isEmpty()) return Optional.empty();
        Form other = Forms.of(form.isMajorSide() ? "natural-minor" : "major");
        int fromMajor = signature().fifths() - other.signatureFifths().orElseThrow();
        return KeySignature.tonicOfMajor(fromMajor).flatMap(name -> tryOf(name, other));
    }

    /**
     * The key on the same tonic on the other side: natural minor of a major key, major of a minor one; spelled with
     * fewer accidentals where that is another name for the tonic.
     */
    public Key parallel() {
        Form other = Forms.of(form.isMajorSide() ? "natural-minor" : "major");
        return readable(tonic, other);
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
        return (direction == Direction.UP ? degreesUp : degreesDown).get(Math.floorMod(index, form.size()));
    }

    /**
     * The key an interval away, spelled with the fewer accidentals where two spellings sound the same; at six against
     * six the choice given decides. Moving by octaves keeps the tonic as the teacher wrote it.
     */
    public Key transposed(Interval interval, SixAccidentals six) {
        if (interval.semitones() % 12 == 0) return this;
        int pitchClass = Math.floorMod(tonic.pitchClass() + interval.semitones(), 12);
        Letter letter = tonic.letter().plus(interval.steps());
        Comparator<NoteName> chosenFirst = Comparator.comparing(name -> !six.suits(
                KeySignature.ofMajor(name).plus(form.signatureFifths().orElse(0))));
        Comparator<NoteName> ownLetterNext = Comparator.comparing(name -> name.letter() != letter);
        return simplest(NoteName.spellings(pitchClass).stream().sorted(chosenFirst.thenComparing(ownLetterNext)), form)
                .orElseThrow(() -> Refusal.of("key.tonic", this + " has no spelling for this instrument."));
    }

    /** The key an interval away, spelled as the interval says at six against six. */
    public Key transposed(Interval interval) {
        return transposed(interval, SixAccidentals.BY_INTERVAL);
    }

    /** As addresses and lists name it, in plain characters: {@code Db major}, {@code C harmonic-minor}. */
    public String id() {
        return tonic.id() + " " + form.id();
    }

    /** In words: {@code D♭ major}. */
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
