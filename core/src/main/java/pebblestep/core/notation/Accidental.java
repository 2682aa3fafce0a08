package pebblestep.core.notation;

/**
 * A printed accidental.
 *
 * @param sign b, #, n, bb or ##
 * @param courtesy whether it only reminds: the bar before had another one there
 */
public record Accidental(String sign, boolean courtesy) {
    private static final String[] SIGNS = {"bb", "b", "n", "#", "##"};

    static Accidental of(int alteration, boolean courtesy) {
        return new Accidental(SIGNS[alteration + 2], courtesy);
    }
}
