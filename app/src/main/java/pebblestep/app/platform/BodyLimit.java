package pebblestep.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/** Refuses request bodies that are too large, and those that do not say their size. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimit extends OncePerRequestFilter {
    static final int MOST_BYTES = 256 * 1024;

    /** The limit for an imported file. */
    static final int MOST_FILE_BYTES = 5 * 1024 * 1024;

    /** The limit for a studio archive, which is written to the disk as it arrives. */
    static final int MOST_ARCHIVE_BYTES = 200 * 1024 * 1024;

    private static final Map<String, Integer> LARGER =
            Map.of("/api/imports", MOST_FILE_BYTES, "/api/archives", MOST_ARCHIVE_BYTES);

    private final ProblemWriter problems;

    BodyLimit(JsonMapper json) {
        this.problems = new ProblemWriter(json);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = LARGER.getOrDefault(request.getRequestURI(), MOST_BYTES);
        boolean unsized = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
        if (unsized || request.getContentLengthLong() > most) {
            problems.write(
                    response,
                    Problems.of(
                            HttpStatus.CONTENT_TOO_LARGE,
                            "too-large",
                            "Too large",
                            "A request holds at most " + most / 1024 + " kB, and says how long it is."));
            return;
        }
        chain.doFilter(request, response);
    }
}
