package pebblestep.core.rhythm;

/**
 * How a studio talks.
 *
 * @param school how it counts
 * @param names what it calls note values
 * @param syllables which note is do
 */
public record Speech(CountSchool school, ValueNames names, Syllables syllables) {
    /** Numbers, American names, and do on the tonic. */
    public static final Speech USUAL = new Speech(CountSchool.NUMBERS, ValueNames.AMERICAN);

    /** Do is the tonic. */
    public Speech(CountSchool school, ValueNames names) {
        this(school, names, Syllables.TONIC);
    }
}
