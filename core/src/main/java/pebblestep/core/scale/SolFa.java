package pebblestep.core.scale;

import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Syllables;

/** Syllables of sol-fa: altered notes change their vowel (common practice, no source). */
public final class SolFa {
    private static final String[] NATURAL = {"do", "re", "mi", "fa", "so", "la", "ti"};
    private static final String[] RAISED = {"di", "ri", "mi♯", "fi", "si", "li", "ti♯"};
    private static final String[] LOWERED = {"do♭", "ra", "me", "fa♭", "se", "le", "te"};
    private static final int SEVEN = 7;

    /** Where the degrees of a major scale lie on the line of fifths from its tonic: 4 is a fifth below, 5 one above. */
    private static final int[] FIFTHS = {0, 2, 4, -1, 1, 3, 5};

    private SolFa() {}

    /** The syllable of a degree where do is the tonic; one that is altered twice keeps its name and says by signs how it is altered. */
    public static String of(Degree degree) {
        return syllable(degree.number() - 1, degree.alteration());
    }

    /**
     * The syllable of a note.
     *
     * @param degree of the form
     * @param note as it is written; it alone says the syllable where do is C
     * @param form of the key that it stands in; one without a signature has its do on the tonic
     */
    public static String of(Degree degree, NoteName note, Form form, Syllables school) {
        return switch (school) {
            case TONIC -> of(degree);
            case FIXED -> syllable(note.letter().ordinal(), note.alteration());
            case RELATIVE -> {
                // The tonic of minor lies three fifths above the do of its signature, that of dorian two.
                int fifths = FIFTHS[degree.number() - 1]
                        + SEVEN * degree.alteration()
                        - form.signatureFifths().orElse(0);
                yield onFifths(fifths);
            }
        };
    }

    private static String onFifths(int fifths) {
        for (int at = 0; at < SEVEN; at++) {
            if (Math.floorMod(fifths - FIFTHS[at], SEVEN) == 0) return syllable(at, (fifths - FIFTHS[at]) / SEVEN);
        }
        throw new IllegalStateException("Seven fifths lie on seven letters.");
    }

    private static String syllable(int at, int alteration) {
        return switch (alteration) {
            case 0 -> NATURAL[at];
            case 1 -> RAISED[at];
            case -1 -> LOWERED[at];
            default -> NATURAL[at] + (alteration > 0 ? "♯" : "♭").repeat(Math.abs(alteration));
        };
    }
}
