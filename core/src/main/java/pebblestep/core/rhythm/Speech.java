package pebblestep.core.rhythm;

/** How a studio talks: how it counts, and what it calls note values. */
public record Speech(CountSchool school, ValueNames names) {
    /** Numbers, and American names. */
    public static final Speech USUAL = new Speech(CountSchool.NUMBERS, ValueNames.AMERICAN);
}
