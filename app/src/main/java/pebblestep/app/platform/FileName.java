package pebblestep.app.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;

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

    /** Where the bytes of such a file go: the answer says what it is called, and that it is to be saved. */
    public static OutputStream attached(HttpServletResponse response, String name, String mediaType)
            throws IOException {
        response.setContentType(mediaType);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(name, StandardCharsets.UTF_8)
                        .build()
                        .toString());
        return response.getOutputStream();
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
