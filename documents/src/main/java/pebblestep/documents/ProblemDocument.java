package pebblestep.documents;

import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;

/**
 * Why something cannot be answered in the page, as a problem of the API says it (RFC 9457).
 *
 * @param detail what is wrong, in plain words
 * @param pointer the field that is to blame, as a JSON pointer; empty where none is
 * @param fits what would fit
 * @param position the character of the field at which it stops being readable, from 1
 */
public record ProblemDocument(String detail, String pointer, @Nullable String fits, @Nullable Integer position) {
    /** The document of a refusal. */
    public static ProblemDocument of(Refusal refusal) {
        return new ProblemDocument(
                refusal.getMessage(),
                refusal.pointer(),
                refusal.fits().orElse(null),
                refusal.position().isPresent() ? refusal.position().getAsInt() : null);
    }
}
