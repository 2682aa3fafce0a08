package pebblestep.core.instrument;

import pebblestep.core.pitch.Pitch;

/** A clef, by the pitch on its middle line: enough to place every note on the staff. */
public enum Clef {
    TREBLE("B4"),
    BASS("D3"),
    ALTO("C4"),
    TENOR("A3");

    private final Pitch middleLine;

    Clef(String middleLine) {
        this.middleLine = Pitch.parse(middleLine);
    }

    /** The pitch on the middle line of the staff. */
    public Pitch middleLine() {
        return middleLine;
    }
}
