package pebblestep.core.scale;

import pebblestep.core.Refusal;

/**
 * How a transposed key is spelled where six flats and six sharps sound the same: the teacher's choice. Without one the
 * interval decides, so that B major up a fifth is F# major and Cb major up a fifth is Gb major.
 */
public enum SixAccidentals {
    BY_INTERVAL("by-interval"),
    FLATS("flats"),
    SHARPS("sharps");

    private final String id;

    SixAccidentals(String id) {
        this.id = id;
    }

    /** The name in settings. */
    public String id() {
        return id;
    }

    /** The choice of that id; refuses others, naming those there are. */
    public static SixAccidentals of(String id) {
        for (SixAccidentals six : values()) {
            if (six.id.equals(id)) return six;
        }
        throw Refusal.of("sixAccidentals", "There is no spelling \"" + id + "\" of six accidentals.")
                .fits("One of: by-interval, flats, sharps.");
    }

    /** Whether a signature has the accidentals chosen; every one has where the interval decides. */
    boolean suits(KeySignature signature) {
        return this == BY_INTERVAL || signature.fifths() > 0 == (this == SHARPS);
    }
}
