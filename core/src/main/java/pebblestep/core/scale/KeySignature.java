package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Words;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;

/**
 * A key signature as a number of fifths from C: positive for sharps, negative for flats. Beyond seven a signature is
 * theoretical: it says how a key is spelled, but is not written at the head of a staff.
 */
public record KeySignature(int fifths) {
    /** The order in which sharps are added (common practice, no source); flats are added the other way round. */
    private static final List<Letter> SHARPS =
            List.of(Letter.F, Letter.C, Letter.G, Letter.D, Letter.A, Letter.E, Letter.B);

    /** No sharps and no flats. */
    public static final KeySignature NONE = new KeySignature(0);

    private static final int WRITTEN = 7;

    /** The signature of the major key on that tonic. */
    public static KeySignature ofMajor(NoteName tonic) {
        int natural = SHARPS.indexOf(tonic.letter()) - 1;
        return new KeySignature(natural + 7 * tonic.alteration());
    }

    /** The tonic of the major key with so many fifths; empty where it would need a triple alteration. */
    static Optional<NoteName> tonicOfMajor(int fifths) {
        Letter letter = SHARPS.get(Math.floorMod(fifths + 1, 7));
        int alteration = Math.floorDiv(fifths + 1, 7);
        return Math.abs(alteration) > 2 ? Optional.empty() : Optional.of(new NoteName(letter, alteration));
    }

    /** The signature that many fifths further round; flats count backwards. */
    public KeySignature plus(int moreFifths) {
        return new KeySignature(fifths + moreFifths);
    }

    /** How many accidentals it has, counting a double one twice. */
    public int accidentals() {
        return Math.abs(fifths);
    }

    /** Whether it can stand at the head of a staff: seven accidentals or fewer. */
    public boolean isWritten() {
        return accidentals() <= WRITTEN;
    }

    /** The alteration the signature gives a letter; 0 for every letter where it is not written. */
    public int alterationOf(Letter letter) {
        if (!isWritten()) return 0;
        int order = SHARPS.indexOf(letter);
        if (fifths > 0) return order < fifths ? 1 : 0;
        return 6 - order < -fifths ? -1 : 0;
    }

    /** The altered notes in the order they are written; empty where the signature is not written. */
    public List<NoteName> notes() {
        List<NoteName> notes = new ArrayList<>();
        for (int i = 0; isWritten() && i < accidentals(); i++) notes.add(nthAccidental(i, fifths > 0));
        return List.copyOf(notes);
    }

    /** The accidental added last: the one a beginner forgets. Absent in C, and where the signature is not written. */
    public Optional<NoteName> newest() {
        List<NoteName> notes = notes();
        return notes.isEmpty() ? Optional.empty() : Optional.of(notes.get(notes.size() - 1));
    }

    /**
     * The accidentals of the neighbouring keys that this one does not have yet: the next in order, on both sides for
     * a signature without any. Empty at seven, where the next would be a double alteration.
     */
    public List<NoteName> next() {
        if (fifths == 0) return List.of(nthAccidental(0, true), nthAccidental(0, false));
        return accidentals() < WRITTEN ? List.of(nthAccidental(accidentals(), fifths > 0)) : List.of();
    }

    private static NoteName nthAccidental(int n, boolean sharp) {
        return sharp ? new NoteName(SHARPS.get(n), 1) : new NoteName(SHARPS.get(6 - n), -1);
    }

    /** In words: {@code 4 flats: Bb, Eb, Ab, Db}; {@code no sharps or flats}; only the number where it is not written. */
    public String inWords() {
        if (fifths == 0) return "no sharps or flats";
        String number = Words.counted(accidentals(), fifths > 0 ? "sharp" : "flat");
        if (!isWritten()) return number + ", written note by note";
        return number + ": "
                + String.join(", ", notes().stream().map(NoteName::toString).toList());
    }
}
