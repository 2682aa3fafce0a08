package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.instrument.Clef;
import pebblestep.core.pitch.Pitch;

/**
 * Chooses the clef of each bar among those that an instrument reads: the way through the bars with the fewest notes on
 * many ledger lines, where a change of clef must be worth it and the instrument's usual clef comes first (common
 * engraving practice, no source).
 */
final class Clefs {
    /** Ledger lines read without trouble. */
    private static final int EASY = 2;

    private static final int CHANGE = 3;
    private static final int UNUSUAL = 3;

    private Clefs() {}

    /** The clef of each bar, given the written pitches of each; bars of rests keep the clef around them. */
    static List<Clef> of(List<List<Pitch>> bars, List<Clef> readable) {
        int[][] cost = new int[bars.size()][readable.size()];
        int[][] from = new int[bars.size()][readable.size()];
        for (int bar = 0; bar < bars.size(); bar++) {
            for (int c = 0; c < readable.size(); c++) {
                int own = trouble(bars.get(bar), readable.get(c)) + (c == 0 || bar > 0 ? 0 : UNUSUAL);
                from[bar][c] = bar == 0 ? c : cheapest(cost[bar - 1], c);
                cost[bar][c] = own + (bar == 0 ? 0 : reached(cost[bar - 1], from[bar][c], c));
            }
        }
        List<Clef> chosen = new ArrayList<>();
        int last = bars.size() - 1;
        int at = 0;
        for (int c = 1; c < readable.size(); c++) if (cost[last][c] < cost[last][at]) at = c;
        for (int bar = last; bar >= 0; bar--) {
            chosen.add(0, readable.get(at));
            at = from[bar][at];
        }
        return chosen;
    }

    private static int cheapest(int[] before, int clef) {
        int best = clef;
        for (int c = 0; c < before.length; c++) {
            if (reached(before, c, clef) < reached(before, best, clef)) best = c;
        }
        return best;
    }

    private static int reached(int[] before, int from, int to) {
        return before[from] + (from == to ? 0 : CHANGE);
    }

    private static int trouble(List<Pitch> pitches, Clef clef) {
        int trouble = 0;
        for (Pitch pitch : pitches) {
            int over = Math.max(0, clef.ledgerLines(pitch) - EASY);
            trouble += over * over;
        }
        return trouble;
    }
}
