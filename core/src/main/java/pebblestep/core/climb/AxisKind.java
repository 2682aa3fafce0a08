package pebblestep.core.climb;

/** What grows along an axis. */
public enum AxisKind {
    TEMPO("tempo", "tempo", "faster"),
    VALUE("value", "values", "shorter values"),
    SPAN("span", "span", "a wider span"),
    PLACE("place", "place", "another place"),
    ARTICULATION("articulation", "slurs", "other slurs"),
    LINE("line", "line", "another line");

    private final String id;
    private final String words;
    private final String further;

    AxisKind(String id, String words, String further) {
        this.id = id;
        this.words = words;
        this.further = further;
    }

    /** The name in documents. */
    public String id() {
        return id;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What going further along it means: {@code shorter values}, {@code a wider span}. */
    public String further() {
        return further;
    }
}
