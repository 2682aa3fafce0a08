package pebblestep.core.line;

/** How many notes a chord is built of. */
public enum ChordSize {
    TRIAD("triad", 3),
    SEVENTH("seventh", 4);

    private final String id;
    private final int notes;

    ChordSize(String id, int notes) {
        this.id = id;
        this.notes = notes;
    }

    /** The name in step documents. */
    public String id() {
        return id;
    }

    /** Number of notes. */
    public int notes() {
        return notes;
    }
}
