package pebblestep.core.scale;

import pebblestep.core.Identified;

/**
 * How a transposed key is spelled where six flats and six sharps sound the same: the teacher's choice. Without one the
 * interval decides, so that B major up a fifth is F# major and Cb major up a fifth is Gb major.
 */
public enum SixAccidentals implements Identified {
    BY_INTERVAL,
    FLATS,
    SHARPS;

    /** The choice of that id; refuses others, naming those there are. */
    public static SixAccidentals of(String id) {
        return Identified.of(SixAccidentals.class, id);
    }

    /** Whether a signature has the accidentals chosen; every one has where the interval decides. */
    boolean suits(KeySignature signature) {
        return this == BY_INTERVAL || signature.fifths() > 0 == (this == SHARPS);
    }
}
