package pebblestep.core.fingering;

import java.util.List;
import pebblestep.core.Identified;

/** What a hand looks like on one note: the data of its picture. */
public sealed interface Shape {
    /** What is to be seen of it: equal for two shapes that look alike on a note. */
    default Object look() {
        return this;
    }

    /**
     * Valves that are down.
     *
     * @param valves by number, from 1
     * @param partial which partial of the open tube sounds under them
     * @param thumb whether the thumb has changed to the other tube
     * @param count how many valves there are
     */
    record Valved(List<Integer> valves, int partial, boolean thumb, int count) implements Shape {
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
     * @param above how many semitones above the open string it stands
     */
    record Bowed(
            int string,
            String stringName,
            int finger,
            Height height,
            String position,
            int place,
            boolean extended,
            int above)
            implements Shape {
        /** Of an open string the hand does not show where it waits. */
        @Override
        public Object look() {
            return finger == 0 ? new Bowed(string, stringName, 0, Height.PLAIN, "", 0, false, 0) : this;
        }
    }

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

    /** How a hole is covered. */
    enum Cover implements Identified {
        OPEN,
        HALF,
        CLOSED
    }

    /**
     * A hole, by the number of its finger; T is that of the left thumb.
     *
     * @param name of the finger that covers it
     */
    record Hole(String name, Cover cover) {}

    /**
     * A key that is pressed.
     *
     * @param name as the chart names it
     * @param finger that presses it
     */
    record Key(String name, String finger) {}

    /**
     * Holes and keys, as the chart of the instrument names them.
     *
     * @param pressed all that is closed or pressed
     * @param holes every hole of the instrument, in the order of the fingers
     * @param keys the keys that are pressed
     * @param kind what the way is called; empty for the usual one
     * @param purpose what it is for; empty for the usual one
     */
    record Closed(List<String> pressed, List<Hole> holes, List<Key> keys, String kind, String purpose)
            implements Shape {
        public Closed {
            pressed = List.copyOf(pressed);
            holes = List.copyOf(holes);
            keys = List.copyOf(keys);
        }
    }

    /** Nothing: the hand has no way to play the note. */
    record Beyond() implements Shape {}
}
