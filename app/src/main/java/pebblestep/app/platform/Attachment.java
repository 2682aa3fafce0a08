package pebblestep.app.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;

/** Answers a request with a file. */
public final class Attachment {
    private Attachment() {}

    /** The stream to write the file to. The response says its name, and that it is to be saved. */
    public static OutputStream of(HttpServletResponse response, String name, String mediaType) throws IOException {
        response.setContentType(mediaType);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(name, StandardCharsets.UTF_8)
                        .build()
                        .toString());
        return response.getOutputStream();
    }
}
