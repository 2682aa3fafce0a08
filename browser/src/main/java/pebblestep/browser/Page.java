package pebblestep.browser;

import java.util.function.Supplier;
import pebblestep.codec.JsonOf;
import pebblestep.core.Refusal;
import pebblestep.documents.PassageAsked;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.ProblemDocument;

/**
 * What the page can ask, each by its name: a document as JSON, answered with one. What is refused is answered with a problem
 * behind a mark that no document begins with.
 */
@JsonOf(
        read = {PassageAsked.class},
        write = {PassageDocument.class, ProblemDocument.class})
public final class Page {
    /** Stands before a problem. */
    static final char REFUSED = '!';

    private Page() {}

    /**
     * The answer to a question.
     *
     * @param what which: {@code passage}
     * @param asked the document that it takes, as JSON
     */
    public static String ask(String what, String asked) {
        try {
            return answer(what, asked).get();
        } catch (Refusal e) {
            return REFUSED + Json.write(ProblemDocument.of(e));
        }
    }

    private static Supplier<String> answer(String what, String asked) {
        return switch (what) {
            case "passage" -> () -> Json.write(Json.readPassageAsked(asked).answer());
            default -> throw new IllegalArgumentException("Nothing here answers to \"" + what + "\".");
        };
    }
}
