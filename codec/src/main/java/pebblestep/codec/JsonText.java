package pebblestep.codec;

/** JSON (RFC 8259) as it is written, piece by piece; who writes sees to it that the pieces fit together. */
public final class JsonText {
    private static final int FIRST = 4096;
    private static final int CONTROLS = 0x20;
    private static final String HEX = "0123456789abcdef";

    private final StringBuilder text = new StringBuilder(FIRST);

    /** Whether the next piece is the first in what encloses it. */
    private boolean first = true;

    /** Opens an object or a list. */
    public JsonText open(char bracket) {
        next();
        text.append(bracket);
        first = true;
        return this;
    }

    /** Closes it. */
    public JsonText close(char bracket) {
        text.append(bracket);
        first = false;
        return this;
    }

    /** The name of the field that follows; names are plain. */
    public JsonText name(String name) {
        next();
        text.append('"').append(name).append("\":");
        first = true;
        return this;
    }

    /** A name that may hold any character. */
    public JsonText anyName(String name) {
        text(name);
        text.append(':');
        first = true;
        return this;
    }

    /** A text. */
    public JsonText text(String value) {
        next();
        text.append('"');
        for (int i = 0; i < value.length(); i++) {
            char one = value.charAt(i);
            if (one == '"' || one == '\\') text.append('\\').append(one);
            else if (one >= CONTROLS) text.append(one);
            else text.append("\\u00").append(HEX.charAt(one >> 4)).append(HEX.charAt(one & 0xf));
        }
        text.append('"');
        return this;
    }

    /** A whole number. */
    public JsonText number(long value) {
        next();
        text.append(value);
        return this;
    }

    /** A number; refuses what JSON cannot say. */
    public JsonText number(double value) {
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw new IllegalArgumentException("No number that JSON can say: " + value);
        }
        next();
        text.append(value);
        return this;
    }

    /** A number as it is spelled. */
    public JsonText spelled(String number) {
        next();
        text.append(number);
        return this;
    }

    /** True or false. */
    public JsonText truth(boolean value) {
        next();
        text.append(value);
        return this;
    }

    private void next() {
        if (!first) text.append(',');
        first = false;
    }

    /** All that was written. */
    @Override
    public String toString() {
        return text.toString();
    }
}
