package pebblestep.core.hands;

import java.util.List;
import pebblestep.core.Identified;

/** What a hand looks like on one note: the data of its picture. */
public sealed interface Shape {
    /**
     * Valves that are down.
     *
     * @param valves by number, from 1
     * @param partial which partial of the open tube sounds under them
     * @param thumb whether the thumb has changed to the other tube
     */
    record Valved(List<Integer> valves, int partial, boolean thumb) implements Shape {
        public Valved {
            valves = List.copyOf(valves);
        }
    }

    /**
     * A slide.
     *
     * @param position from 1, drawn in, to 7
     * @param raised whether it stands a little higher than the position, since the partial is flat
     * @param triggers how many valves of longer tubes are down
     */
    record Slid(int position, boolean raised, int partial, int triggers) implements Shape {}

    /**
     * A finger on a bowed string.
     *
     * @param string its number, from the highest, 1
     * @param stringName what it is called: {@code G}
     * @param finger 1 to 4; 0 is the open string, and -1 the thumb
     * @param height whether the finger stands lower or higher than it does as a rule
     * @param position the position as it is called; of an open string the one in which the hand waits
     * @param place the same as a number, by which the hand's way is measured
     * @param extended whether the hand stretches for it
     */
    record Bowed(int string, String stringName, int finger, Height height, String position, int place, boolean extended)
            implements Shape {}

    /** Whether a finger stands lower or higher than it does as a rule. */
    enum Height implements Identified {
        LOW,
        PLAIN,
        HIGH
    }

    /**
     * A finger behind a fret.
     *
     * @param string from the highest, 1
     * @param fret 0 is the open string
     * @param finger 1 to 4; 0 for an open string
     * @param position the fret at which the first finger stands; 0 for an open string
     */
    record Fretted(int string, int fret, int finger, int position) implements Shape {}

    /**
     * A bar that is struck.
     *
     * @param right by which hand
     * @param midi where it lies, as a MIDI note number
     */
    record Struck(boolean right, int midi) implements Shape {}

    /**
     * A finger on a key.
     *
     * @param right of which hand
     * @param finger from the thumb, 1, to the little finger, 5
     * @param midi which key, as a MIDI note number
     */
    record Pressed(boolean right, int finger, int midi) implements Shape {}

    /**
     * Holes that are closed and keys that are pressed, as the chart of the instrument names them.
     *
     * @param kind what the way is called; empty for the usual one
     * @param purpose what it is for; empty for the usual one
     */
    record Closed(List<String> pressed, String kind, String purpose) implements Shape {
        public Closed {
            pressed = List.copyOf(pressed);
        }
    }
}
