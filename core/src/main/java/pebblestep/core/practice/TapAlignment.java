package pebblestep.core.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Which tap belongs to which note: pairings of least cost, in order. */
final class TapAlignment {
    private TapAlignment() {}

    /** A note and its tap, by their places from 0. */
    record Pair(int note, int tap) {}

    /** How many notes or taps in a row may be left alone. */
    private static final int MOST_ALONE = 4;

    /**
     * The pairing in which the lateness changes least from one pair to the next: taps that get slower or faster all along
     * are followed, however far they go. Only the first pair is held to its own note.
     *
     * @param alone what a note without a tap costs, and a tap without a note
     */
    static List<Pair> following(double[] notes, double[] taps, double alone) {
        double[][] cost = new double[notes.length][taps.length];
        byte[][] from = new byte[notes.length][taps.length];
        int lastNote = -1;
        int lastTap = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < notes.length; i++) {
            for (int j = 0; j < taps.length; j++) {
                double late = taps[j] - notes[i];
                cost[i][j] = alone * (i + j) + Math.abs(late);
                for (int a = 1; a <= Math.min(i, MOST_ALONE); a++) {
                    for (int b = 1; b <= Math.min(j, MOST_ALONE); b++) {
                        double change = Math.abs(late - (taps[j - b] - notes[i - a]));
                        double there = cost[i - a][j - b] + alone * (a + b - 2) + change;
                        if (there < cost[i][j]) {
                            cost[i][j] = there;
                            from[i][j] = (byte) (a * (MOST_ALONE + 1) + b);
                        }
                    }
                }
                double whole = cost[i][j] + alone * (notes.length - 1 - i + taps.length - 1 - j);
                if (whole < least) {
                    least = whole;
                    lastNote = i;
                    lastTap = j;
                }
            }
        }
        List<Pair> pairs = new ArrayList<>();
        for (int i = lastNote, j = lastTap; i >= 0; ) {
            pairs.add(new Pair(i, j));
            if (from[i][j] == 0) break;
            int step = from[i][j];
            i -= step / (MOST_ALONE + 1);
            j -= step % (MOST_ALONE + 1);
        }
        Collections.reverse(pairs);
        return pairs;
    }

    /**
     * The pairing in which a pair costs the distance between both. Taps that lie further from every note than twice what
     * being alone costs are no taps of the line.
     *
     * @param alone what a note without a tap costs, and a tap without a note
     */
    static List<Pair> nearest(double[] notes, double[] taps, double alone) {
        double[][] cost = new double[notes.length + 1][taps.length + 1];
        for (int i = 1; i <= notes.length; i++) cost[i][0] = i * alone;
        for (int j = 1; j <= taps.length; j++) cost[0][j] = j * alone;
        for (int i = 1; i <= notes.length; i++) {
            for (int j = 1; j <= taps.length; j++) {
                double together = cost[i - 1][j - 1] + Math.abs(notes[i - 1] - taps[j - 1]);
                cost[i][j] = Math.min(together, Math.min(cost[i - 1][j], cost[i][j - 1]) + alone);
            }
        }
        return back(cost, notes, taps);
    }

    private static List<Pair> back(double[][] cost, double[] notes, double[] taps) {
        List<Pair> pairs = new ArrayList<>();
        int i = notes.length;
        int j = taps.length;
        while (i > 0 && j > 0) {
            double together = cost[i - 1][j - 1] + Math.abs(notes[i - 1] - taps[j - 1]);
            if (cost[i][j] == together) pairs.add(new Pair(--i, --j));
            else if (cost[i - 1][j] <= cost[i][j - 1]) i--;
            else j--;
        }
        Collections.reverse(pairs);
        return pairs;
    }
}
