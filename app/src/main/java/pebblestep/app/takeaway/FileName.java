package pebblestep.app.takeaway;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Names of files as one would give them by hand: who, what, when. */
final class FileName {
    private static final int MOST = 80;

    private FileName() {}

    /** Such as {@code Maren Saltby, Sixteenths from 2, 2026-11-30.musicxml}; what no file system takes is left out. */
    static String of(@Nullable String whose, String title, LocalDate day, String ending) {
        String what = plain(title);
        String name = (whose == null ? "" : plain(whose) + ", ") + (what.isEmpty() ? "untitled" : what);
        return name + ", " + day + "." + ending;
    }

    private static String plain(String text) {
        String kept = text.replace("♭", "b")
                .replace("♯", "#")
                .replaceAll("[\\p{Cntrl}\\\\/:*?\"<>|]+", " ")
                .replaceAll("\\s+", " ")
                .strip();
        // No name that stands for a folder, and none that is hidden.
        String undotted = kept.replaceAll("(?<=^| )\\.+ ?", "").strip();
        return undotted.length() > MOST ? undotted.substring(0, MOST).strip() : undotted;
    }
}
