package pebblestep.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ThreadLocalRandom;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import pebblestep.app.storage.Databases;
import pebblestep.app.storage.NoRoom;
import pebblestep.core.Refusal;
import pebblestep.exchange.IdentifiedNames;
import pebblestep.exchange.ValueLimits;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns every error into a problem response (RFC 9457). */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        return Problems.of(refusal);
    }

    @ExceptionHandler
    ProblemDetail changedMeanwhile(OptimisticLockingFailureException e) {
        return Problems.conflict("Somebody else has just changed this. Load it again, then make your change.")
                .getBody();
    }

    /** Two requests did the same at once, and the database accepted one of them. */
    @ExceptionHandler
    ProblemDetail doneTwice(DataIntegrityViolationException e, HttpServletRequest request) {
        LOG.warn("{} {} was refused by the database", request.getMethod(), request.getRequestURI());
        return Problems.conflict("The same has just been done, or what this belongs to is gone. Load it again.")
                .getBody();
    }

    @ExceptionHandler
    ProblemDetail noRoom(NoRoom e) {
        return Problems.noRoom("The disk of the studio is full, so nothing can be kept now. What was kept before is"
                + " safe; whoever looks after the studio has to make space, then it works again.");
    }

    /** An address whose bytes are not valid text. */
    @ExceptionHandler
    ProblemDetail unreadableAddress(InvalidParameterException e) {
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "Unreadable",
                "The address holds characters that cannot be read. Write them in UTF-8.");
    }

    /** A request ran out of memory. It is answered; the others go on. */
    @ExceptionHandler
    ProblemDetail noMemory(OutOfMemoryError e, HttpServletRequest request) {
        LOG.error("{} {} ran out of memory", request.getMethod(), request.getRequestURI());
        return Problems.noRoom(
                "This takes more memory than there is just now. Nothing you had saved is lost; wait a minute, then"
                        + " try again.");
    }

    /** An unexpected error. It is logged in full; the client gets a plain sentence and a number, and nothing about the inside. */
    @ExceptionHandler
    ProblemDetail unforeseen(RuntimeException e, HttpServletRequest request) {
        String number = number();
        if (Databases.isGone(e)) {
            LOG.error("{}: {} {} failed: the database is closed", number, request.getMethod(), request.getRequestURI());
            return numbered(
                    Problems.noRoom(
                            "The records of the studio cannot be reached now. What was kept before is safe; wait"
                                    + " a minute, then try again."),
                    number);
        }
        LOG.error("{}: {} {} failed", number, request.getMethod(), request.getRequestURI(), e);
        return numbered(
                Problems.of(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "unforeseen",
                        "Something went wrong here",
                        "This is our fault, not yours. Nothing you had saved is lost; please try again. If it happens"
                                + " again, tell whoever looks after the studio the number " + number + "."),
                number);
    }

    /** The number by which a failed request is found in the log. */
    private static String number() {
        return HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextInt());
    }

    private static ProblemDetail numbered(ProblemDetail problem, String number) {
        problem.setProperty("number", number);
        return problem;
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        FieldError error =
                e.getBindingResult().getFieldErrors().stream().findFirst().orElse(null);
        ProblemDetail problem = error == null
                ? Problems.invalid(List.of(), "The request is not complete.")
                : Problems.invalid(
                        List.of(error.getField().split("\\.")),
                        Objects.requireNonNullElse(error.getDefaultMessage(), "This does not fit here."));
        return handleExceptionInternal(e, problem, headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (e.getRootCause() instanceof Refusal refusal) {
            return handleExceptionInternal(e, Problems.of(refusal), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
        }
        // Wrong where it stands, in JSON that can be read: a number too large for its field is told by the parser
        // itself.
        if (e.getCause() instanceof JacksonException wrong
                && (wrong instanceof DatabindException || wrong instanceof InputCoercionException)) {
            List<String> path = wrong.getPath().stream()
                    .map(at -> at.getPropertyName() == null ? Integer.toString(at.getIndex()) : at.getPropertyName())
                    .toList();
            Optional<Refusal> strange = unknownId(wrong);
            if (strange.isPresent()) {
                Refusal refusal = strange.get();
                for (String name : path.reversed()) refusal = refusal.under(name);
                return handleExceptionInternal(
                        e, Problems.of(refusal), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
            }
            String sentence =
                    switch (wrong) {
                        case UnrecognizedPropertyException unknown ->
                            "There is no field \"" + shortened(path.get(path.size() - 1)) + "\" here.";
                        case InvalidNullException nothing -> "Something is missing here.";
                        case InputCoercionException large -> "This number does not fit here.";
                        case ValueLimits.OutOfLimits nobodys -> nobodys.getOriginalMessage();
                        default -> "This value has the wrong type.";
                    };
            return handleExceptionInternal(
                    e, Problems.invalid(path, sentence), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
        }
        String why = e.getCause() instanceof JacksonException json ? " " + shortened(json.getOriginalMessage()) : "";
        ProblemDetail problem = Problems.of(
                HttpStatus.BAD_REQUEST, "unreadable", "Unreadable", "The request holds no readable JSON." + why);
        return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    /** The refusal of a text that is not in a closed set; it lists the members. */
    private static Optional<Refusal> unknownId(JacksonException wrong) {
        if (!(wrong instanceof InvalidFormatException format) || !(format.getValue() instanceof String id)) {
            return Optional.empty();
        }
        return IdentifiedNames.refusal(format.getTargetType(), shortened(id));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String value = shortened(String.valueOf(e.getValue()));
        ProblemDetail problem = Problems.of(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "Unreadable",
                "The address holds \"" + value + "\" where something else is needed.");
        return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    private static String shortened(String text) {
        return text.length() <= 120 ? text : text.substring(0, 120) + "…";
    }
}
