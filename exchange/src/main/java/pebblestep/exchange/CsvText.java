package pebblestep.exchange;

import org.jspecify.annotations.Nullable;

/** Texts on their way into a spreadsheet. */
public final class CsvText {
    private CsvText() {}

    /** A spreadsheet takes a text that begins so for a formula; with a mark before it, it stays a text. */
    public static @Nullable String harmless(@Nullable String text) {
        return text != null && !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
