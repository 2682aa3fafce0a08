package pebblestep.core.instrument;

import pebblestep.core.Identified;
import pebblestep.core.pitch.Pitch;

/** A clef, by the pitch on its middle line: enough to place every note on the staff. */
public enum Clef implements Identified {
    TREBLE("treble", "B4"),
    BASS("bass", "D3"),
    ALTO("alto", "C4"),
    TENOR("tenor", "A3"),
    /** A treble clef read an octave lower: tenors. */
    TREBLE_OCTAVE_DOWN("treble-8vb", "B3"),
    /** A treble clef read an octave higher: small recorders. */
    TREBLE_OCTAVE_UP("treble-8va", "B5"),
    /** A bass clef read an octave lower. */
    BASS_OCTAVE_DOWN("bass-8vb", "D2");

    /** Letter steps from the middle line to the space beyond the staff; a ledger line stands at each second step more. */
    private static final int BEYOND_STAFF = 4;

    private final String id;
    private final Pitch middleLine;

    Clef(String id, String middleLine) {
        this.id = id;
        this.middleLine = Pitch.parse(middleLine);
    }

    /** The clef of that id; refuses others, naming those there are. */
    public static Clef of(String id) {
        return Identified.of(Clef.class, id);
    }

    /** The name in requests and scores. */
    @Override
    public String id() {
        return id;
    }

    /** The pitch on the middle line of the staff. */
    public Pitch middleLine() {
        return middleLine;
    }

    /** Letter steps of a pitch above the middle line; negative below it. */
    public int stepsAbove(Pitch pitch) {
        return pitch.diatonic() - middleLine.diatonic();
    }

    /** Ledger lines that a pitch needs, above or below the staff. */
    public int ledgerLines(Pitch pitch) {
        return Math.max(0, (Math.abs(stepsAbove(pitch)) - BEYOND_STAFF) / 2);
    }
}
