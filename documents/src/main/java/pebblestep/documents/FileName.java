package pebblestep.documents;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Names of files as one would give them by hand: who, what, when. */
public final class FileName {
    private static final int MOST = 80;

    private FileName() {}

    /** Such as {@code Maren Saltby, Sixteenths from 2, 2026-11-30.musicxml}; what no file system takes is left out. */
    public static String of(@Nullable String whose, String title, LocalDate day, String ending) {
        String what = plain(title);
        String name = (whose == null ? "" : plain(whose) + ", ") + (what.isEmpty() ? "untitled" : what);
        return name + ", " + day + "." + ending;
    }

    private static String plain(String text) {
        StringBuilder kept = new StringBuilder();
        for (char c : text.replace("♭", "b").replace("♯", "#").toCharArray()) {
            boolean refused = c < ' ' || c == 127 || "\\/:*?\"<>|".indexOf(c) >= 0 || Character.isWhitespace(c);
            boolean begins = kept.isEmpty() || kept.charAt(kept.length() - 1) == ' ';
            // No name that stands for a folder, and none that is hidden.
            if (begins && (refused || c == '.')) continue;
            kept.append(refused ? ' ' : c);
        }
        String plain = kept.toString().strip();
        return plain.length() > MOST ? plain.substring(0, MOST).strip() : plain;
    }
}
