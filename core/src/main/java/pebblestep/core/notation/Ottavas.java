package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import pebblestep.core.instrument.Clef;
import pebblestep.core.passage.PassageNote;

/**
 * Finds the notes that would stand on more than four ledger lines: they are written an octave nearer, under a bracket
 * that also takes in the notes around them while those stand on two or more, so that a run is not cut at its very top.
 */
final class Ottavas {
    private static final int MOST_LEDGER_LINES = 4;
    private static final int JOINED_FROM = 2;

    private static final int OCTAVE_STEPS = 7;

    /** Letter steps from the middle line to the space beyond the fourth ledger line. */
    private static final int FURTHEST_STEPS = 13;

    private Ottavas() {}

    static List<Ottava> of(List<PassageNote> notes, IntFunction<Clef> clefOf) {
        List<Ottava> found = new ArrayList<>();
        int i = 0;
        while (i < notes.size()) {
            int side = side(notes, clefOf, i);
            if (side == 0 || ledger(notes, clefOf, i) <= MOST_LEDGER_LINES) {
                i++;
                continue;
            }
            int from = i;
            int to = i;
            int floor = found.isEmpty() ? 0 : found.get(found.size() - 1).toNote() + 1;
            while (from - 1 >= floor && joins(notes, clefOf, from - 1, side)) from--;
            while (to + 1 < notes.size() && joins(notes, clefOf, to + 1, side)) to++;
            found.add(new Ottava(from, to, side * octaves(notes, clefOf, from, to)));
            i = to + 1;
        }
        return found;
    }

    /** One octave where that is enough for the furthest note, else two. */
    private static int octaves(List<PassageNote> notes, IntFunction<Clef> clefOf, int from, int to) {
        int furthest = 0;
        for (int i = from; i <= to; i++) {
            furthest = Math.max(
                    furthest, Math.abs(clefOf.apply(i).stepsAbove(notes.get(i).written())));
        }
        return furthest - OCTAVE_STEPS > FURTHEST_STEPS ? 2 : 1;
    }

    private static boolean joins(List<PassageNote> notes, IntFunction<Clef> clefOf, int i, int side) {
        return side(notes, clefOf, i) == side && ledger(notes, clefOf, i) >= JOINED_FROM;
    }

    private static int side(List<PassageNote> notes, IntFunction<Clef> clefOf, int i) {
        return Integer.signum(clefOf.apply(i).stepsAbove(notes.get(i).written()));
    }

    private static int ledger(List<PassageNote> notes, IntFunction<Clef> clefOf, int i) {
        return clefOf.apply(i).ledgerLines(notes.get(i).written());
    }
}
