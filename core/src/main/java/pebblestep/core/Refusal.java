package pebblestep.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * The one error of the rules: something asked for that cannot be made. It says what is wrong in plain words, names the
 * field it concerns as a path into the document that asked ({@code rhythm.meter}; empty where no field is to blame),
 * and says what would fit where something near it would.
 */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<String> path;
    private final String message;
    private final @Nullable String fits;
    private final int position;

    private Refusal(List<String> path, String message, @Nullable String fits, int position) {
        super(message, null, false, false);
        this.message = message;
        this.path = List.copyOf(path);
        this.fits = fits;
        this.position = position;
    }

    /** A refusal with no field: a value that is wrong wherever it stands. */
    public static Refusal of(String message) {
        return new Refusal(List.of(), message, null, 0);
    }

    /** A refusal of one field, in dotted form. */
    public static Refusal of(String field, String message) {
        return new Refusal(Parts.of(field, "."), message, null, 0);
    }

    /** A refusal of the field at that path, whose names may hold any character. */
    public static Refusal of(List<String> path, String message) {
        return new Refusal(path, message, null, 0);
    }

    /** What is wrong, in plain words. */
    @Override
    public String getMessage() {
        return message;
    }

    /** This refusal, with what could be asked for instead. */
    public Refusal fits(String instead) {
        return new Refusal(path, getMessage(), instead, position);
    }

    /** This refusal said of a field, unless it names one already. */
    public Refusal at(String dottedField) {
        return path.isEmpty() ? new Refusal(Parts.of(dottedField, "."), getMessage(), fits, position) : this;
    }

    /** This refusal as seen from a document that holds the refused one in a field. */
    public Refusal under(String field) {
        List<String> longer = new ArrayList<>(List.of(field));
        longer.addAll(path);
        return new Refusal(longer, getMessage(), fits, position);
    }

    /** This refusal, said of one character of a text, counted from 1. */
    public Refusal at(int character) {
        return new Refusal(path, getMessage(), fits, character);
    }

    /** The character of the refused text at which it stops being readable, from 1; empty where none is to blame. */
    public OptionalInt position() {
        return position == 0 ? OptionalInt.empty() : OptionalInt.of(position);
    }

    /** The field in dotted form, or an empty string. */
    public String field() {
        return String.join(".", path);
    }

    /** The field as a JSON pointer (RFC 6901), or an empty string. */
    public String pointer() {
        StringBuilder pointer = new StringBuilder();
        for (String name : path) {
            pointer.append('/').append(name.replace("~", "~0").replace("/", "~1"));
        }
        return pointer.toString();
    }

    /** What would fit, where something near the request would. */
    public Optional<String> fits() {
        return Optional.ofNullable(fits);
    }
}
