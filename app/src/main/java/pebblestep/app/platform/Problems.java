package pebblestep.app.platform;

import java.net.URI;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;
import pebblestep.core.Refusal;

/** Makes the problems (RFC 9457) that the API answers with. */
public final class Problems {
    private static final String TYPES = "urn:pebble-step:problem:";

    private Problems() {}

    /** 404. The answer is the same whether a thing does not exist or belongs to another studio. */
    public static ErrorResponseException notFound(String what) {
        return exception(
                HttpStatus.NOT_FOUND, "not-found", "Not found", "There is no such " + what + " in this studio.");
    }

    /** 403 for what only the owner of a studio may do. */
    static ErrorResponseException forOwners() {
        return exception(
                HttpStatus.FORBIDDEN,
                "for-owners",
                "Not allowed",
                "Only the owner of the studio may do this. Ask them.");
    }

    /** 409: somebody else has changed it meanwhile. */
    public static ErrorResponseException conflict(String detail) {
        return exception(HttpStatus.CONFLICT, "changed-meanwhile", "Changed meanwhile", detail);
    }

    /** 503: it cannot be stored at the moment. */
    static ProblemDetail noRoom(String detail) {
        return of(HttpStatus.SERVICE_UNAVAILABLE, "no-room", "Cannot be kept now", detail);
    }

    /** 429: too many requests or tries. */
    public static ErrorResponseException tooMany(String detail) {
        return exception(HttpStatus.TOO_MANY_REQUESTS, "too-many-tries", "Too many tries", detail);
    }

    /** 401: wrong e-mail address or password. */
    public static ErrorResponseException wrongSignIn() {
        return exception(
                HttpStatus.UNAUTHORIZED,
                "wrong-sign-in",
                "Not signed in",
                "This e-mail address and password do not belong together. Check both and try again.");
    }

    private static ErrorResponseException exception(HttpStatus status, String type, String title, String detail) {
        return new ErrorResponseException(status, of(status, type, title, detail), null);
    }

    /** A problem with a status, a type, a title and a sentence. */
    public static ProblemDetail of(HttpStatus status, String type, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create(TYPES + type));
        problem.setTitle(title);
        return problem;
    }

    /** 422 for a refusal, with its pointer and what would fit. */
    public static ProblemDetail of(Refusal refusal) {
        ProblemDetail problem =
                of(HttpStatus.UNPROCESSABLE_CONTENT, "refused", "This cannot be made", refusal.getMessage());
        if (!refusal.pointer().isEmpty()) problem.setProperty("pointer", refusal.pointer());
        refusal.position().ifPresent(at -> problem.setProperty("position", at));
        refusal.fits().ifPresent(fits -> problem.setProperty("fits", fits));
        return problem;
    }

    /** 422 for the first wrong field of a request. */
    public static ProblemDetail invalid(List<String> path, String sentence) {
        return of(Refusal.of(path, sentence));
    }
}
