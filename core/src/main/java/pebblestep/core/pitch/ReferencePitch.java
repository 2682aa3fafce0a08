package pebblestep.core.pitch;

import pebblestep.core.Refusal;

/**
 * What an ensemble tunes to: the frequency of A4 in hertz. The published one is 440 Hz (ISO 16:1975); others are in use
 * from 415 to 466 Hz (common practice, no source).
 */
public record ReferencePitch(double a4) {
    /** 440 Hz (ISO 16:1975). */
    public static final ReferencePitch ISO_16 = new ReferencePitch(440);

    private static final double LOWEST = 415;
    private static final double HIGHEST = 466;

    /** Refuses frequencies outside 415 to 466 Hz. */
    public ReferencePitch {
        if (!(a4 >= LOWEST && a4 <= HIGHEST)) {
            throw Refusal.of("referencePitch", "The reference pitch A4 lies between 415 and 466 Hz.")
                    .fits("440 Hz is the usual one.");
        }
    }

    /** The frequency of a sounding pitch in hertz, in equal temperament. */
    public double hertz(Pitch concert) {
        return concert.hertz(a4);
    }
}
