package pebblestep.core.fingering.bowed;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.fingering.Shape.Bowed;
import pebblestep.core.fingering.Shape.Height;
import pebblestep.core.fingering.search.Fingering;

/**
 * What is written at the notes of a line on a bowed instrument beside the number of the finger, as players pencil it in: an arrow where a
 * finger comes to stand lower or higher than it stood before, the string where it changes, the position at a shift (common practice, no
 * source).
 *
 * @param finger the finger with its arrow; empty where no finger of a bowed string plays
 * @param beside the string and the position where they change; empty where neither does
 */
public record StringSigns(String finger, String beside) {
    private static final StringSigns NONE = new StringSigns("", "");
    private static final String LOWER = "↓";
    private static final String HIGHER = "↑";

    /** For each note of a line in order; of other hands nothing. */
    public static List<StringSigns> of(Fingering line) {
        List<StringSigns> signs = new ArrayList<>();
        Map<Integer, Height> heights = new HashMap<>();
        String string = "";
        String position = "I";
        for (Fingering.Stop stop : line.stops()) {
            if (!(stop.way().shape() instanceof Bowed one)) {
                signs.add(NONE);
                continue;
            }
            List<String> beside = new ArrayList<>();
            if (!one.stringName().equals(string)) beside.add(one.stringName());
            string = one.stringName();
            // Over an open string the hand only waits.
            if (one.finger() != 0 && !one.position().equals(position)) {
                beside.add(one.position());
                position = one.position();
            }
            String text = stop.way().text();
            Height before = one.finger() == 0 ? one.height() : heights.put(one.finger(), one.height());
            signs.add(new StringSigns(
                    arrow(before == null ? Height.PLAIN : before, one.height()) + text, String.join(" ", beside)));
        }
        return signs;
    }

    private static String arrow(Height before, Height now) {
        if (before == now) return "";
        return rank(now) < rank(before) ? LOWER : HIGHER;
    }

    private static int rank(Height height) {
        return switch (height) {
            case LOW -> 0;
            case PLAIN -> 1;
            case HIGH -> 2;
        };
    }
}
