package pebblestep.core.notation;

/** A sign over or under a note. */
public enum Mark {
    STACCATO("staccato"),
    ACCENT("accent"),
    DOWN_BOW("down-bow"),
    UP_BOW("up-bow");

    private final String id;

    Mark(String id) {
        this.id = id;
    }

    /** The name in scores. */
    public String id() {
        return id;
    }
}
