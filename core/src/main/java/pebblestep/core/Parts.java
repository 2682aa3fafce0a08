package pebblestep.core;

import java.util.ArrayList;
import java.util.List;

/**
 * Takes texts apart at plain separators: all that rows of data, fractions and lists of names need. Patterns are not used in
 * the core, because they would be a sixth of what the page loads.
 */
public final class Parts {
    private Parts() {}

    /** The lines of a text, without an empty one at the end: {@code "a\nb\n"} as a, b. */
    public static List<String> lines(String text) {
        List<String> lines = of(text, "\n");
        return lines.getLast().isEmpty() ? lines.subList(0, lines.size() - 1) : lines;
    }

    /** The words of a text, parted by blanks of any kind: {@code " C  F "} as C, F. */
    public static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= text.length(); i++) {
            boolean blank = i == text.length() || Character.isWhitespace(text.charAt(i));
            if (!blank && from < 0) from = i;
            if (blank && from >= 0) {
                words.add(text.substring(from, i));
                from = -1;
            }
        }
        return words;
    }

    /** Everything between a separator, empty parts too; at least one: {@code "2+2+3"} at {@code +} as 2, 2, 3. */
    public static List<String> of(String text, String separator) {
        return of(text, separator, Integer.MAX_VALUE);
    }

    /** The same in at most so many parts: the last holds all that is left. */
    public static List<String> of(String text, String separator, int most) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        int at = text.indexOf(separator);
        while (at >= 0 && parts.size() < most - 1) {
            parts.add(text.substring(from, at));
            from = at + separator.length();
            at = text.indexOf(separator, from);
        }
        parts.add(text.substring(from));
        return parts;
    }

    /** Whether a text is nothing but digits 0 to 9, at least one and at most so many. */
    public static boolean isDigits(String text, int most) {
        if (text.isEmpty() || text.length() > most) return false;
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) < '0' || text.charAt(i) > '9') return false;
        }
        return true;
    }
}
