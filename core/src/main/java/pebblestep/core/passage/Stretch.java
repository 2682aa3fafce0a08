package pebblestep.core.passage;

import java.util.List;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.walk.Walk;

/**
 * One key of a walk in time: its line alone, and where it stands in the whole. A step that does not walk is one stretch.
 *
 * @param index from 0
 * @param stop the key on the way
 * @param alone the line in that key, from the place in the bar on which it starts there
 * @param shift whole bars from the start of the whole to the bar that is its first, in whole notes
 * @param attacks what is struck in it, at positions of the whole
 * @param joined whether its first note is the last of the stretch before, and so is not among its attacks
 */
record Stretch(int index, Walk.Stop stop, Step alone, Fraction shift, List<Timing.Attack> attacks, boolean joined) {
    Stretch {
        attacks = List.copyOf(attacks);
    }

    /** Where it begins. */
    Fraction from() {
        return shift.plus(alone.place());
    }

    /** Where its last note ends. */
    Fraction end() {
        return attacks.get(attacks.size() - 1).end();
    }
}
