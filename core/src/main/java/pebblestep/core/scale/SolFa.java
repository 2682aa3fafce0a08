package pebblestep.core.scale;

/**
 * Syllables of movable do: the tonic of major and minor alike is do, altered degrees change their vowel (common practice, no
 * source).
 */
public final class SolFa {
    private static final String[] NATURAL = {"do", "re", "mi", "fa", "so", "la", "ti"};
    private static final String[] RAISED = {"di", "ri", "mi♯", "fi", "si", "li", "ti♯"};
    private static final String[] LOWERED = {"do♭", "ra", "me", "fa♭", "se", "le", "te"};

    private SolFa() {}

    /** The syllable of a degree; one that is altered twice keeps its name and says by signs how it is altered. */
    public static String of(Degree degree) {
        int at = degree.number() - 1;
        return switch (degree.alteration()) {
            case 0 -> NATURAL[at];
            case 1 -> RAISED[at];
            case -1 -> LOWERED[at];
            case 2 -> NATURAL[at] + "♯♯";
            default -> NATURAL[at] + "♭♭";
        };
    }
}
