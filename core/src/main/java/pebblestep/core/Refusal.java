package pebblestep.core;

import java.util.Optional;

/**
 * The one error of the rules: something asked for that cannot be made. It says what is wrong in plain words, names the
 * field of the step document it concerns in dotted form ({@code rhythm.meter}; empty where no field is to blame), and
 * says what would fit where something near it would.
 */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final String fits;

    private Refusal(String field, String message, String fits) {
        super(message, null, false, false);
        this.field = field;
        this.fits = fits;
    }

    /** A refusal with no field: a value that is wrong wherever it stands. */
    public static Refusal of(String message) {
        return new Refusal("", message, null);
    }

    /** A refusal of one field of a step document, in dotted form. */
    public static Refusal of(String field, String message) {
        return new Refusal(field, message, null);
    }

    /** This refusal, with what could be asked for instead. */
    public Refusal fits(String instead) {
        return new Refusal(field, getMessage(), instead);
    }

    /** This refusal said of a field, unless it names one already. */
    public Refusal at(String dottedField) {
        return field.isEmpty() ? new Refusal(dottedField, getMessage(), fits) : this;
    }

    /** The field in dotted form, or an empty string. */
    public String field() {
        return field;
    }

    /** What would fit, where something near the request would. */
    public Optional<String> fits() {
        return Optional.ofNullable(fits);
    }
}
