package pebblestep.codec;

import java.util.Arrays;

/** JSON (RFC 8259) as it is written, piece by piece; who writes sees to it that the pieces fit together. */
public final class JsonText {
    private static final int FIRST = 4096;
    private static final int CONTROLS = 0x20;
    private static final String HEX = "0123456789abcdef";

    private static final double THOUSAND = 1000;
    private static final long MOST_PLAIN = 1L << 50;

    private char[] text = new char[FIRST];
    private int length;

    /** Whether the next piece is the first in what encloses it. */
    private boolean first = true;

    /** Opens an object or a list. */
    public JsonText open(char bracket) {
        next();
        put(bracket);
        first = true;
        return this;
    }

    /** Closes it. */
    public JsonText close(char bracket) {
        put(bracket);
        first = false;
        return this;
    }

    /** The name of the field that follows; names are plain. */
    public JsonText name(String name) {
        next();
        put('"');
        put(name);
        put('"');
        put(':');
        first = true;
        return this;
    }

    /** A name that may hold any character. */
    public JsonText anyName(String name) {
        text(name);
        put(':');
        first = true;
        return this;
    }

    /** A text. */
    public JsonText text(String value) {
        next();
        put('"');
        room(value.length());
        for (int i = 0; i < value.length(); i++) {
            char one = value.charAt(i);
            if (one < CONTROLS || one == '"' || one == '\\') escaped(one);
            else put(one);
        }
        put('"');
        return this;
    }

    private void escaped(char one) {
        put('\\');
        if (one >= CONTROLS) {
            put(one);
            return;
        }
        put("u00");
        put(HEX.charAt(one >> 4));
        put(HEX.charAt(one & 0xf));
    }

    /** A whole number. */
    public JsonText number(long value) {
        next();
        put(Long.toString(value));
        return this;
    }

    /**
     * A number; refuses what JSON cannot say. Most are rounded to thousandths, and those are written without looking for the
     * shortest way to write any number.
     */
    public JsonText number(double value) {
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw new IllegalArgumentException("No number that JSON can say: " + value);
        }
        next();
        double thousandths = value * THOUSAND;
        long whole = (long) thousandths;
        boolean plain = whole == thousandths && Math.abs(whole) < MOST_PLAIN && whole / THOUSAND == value;
        if (plain) thousandths(whole);
        else put(Double.toString(value));
        return this;
    }

    private void thousandths(long value) {
        long size = Math.abs(value);
        if (value < 0) put('-');
        put(Long.toString(size / 1000));
        int rest = (int) (size % 1000);
        if (rest == 0) return;
        put('.');
        put((char) ('0' + rest / 100));
        if (rest % 100 != 0) put((char) ('0' + rest / 10 % 10));
        if (rest % 10 != 0) put((char) ('0' + rest % 10));
    }

    /** A number as it is spelled. */
    public JsonText spelled(String number) {
        next();
        put(number);
        return this;
    }

    /** True or false. */
    public JsonText truth(boolean value) {
        next();
        put(value ? "true" : "false");
        return this;
    }

    private void next() {
        if (!first) put(',');
        first = false;
    }

    private void put(char one) {
        if (length == text.length) room(1);
        text[length++] = one;
    }

    private void put(String piece) {
        room(piece.length());
        piece.getChars(0, piece.length(), text, length);
        length += piece.length();
    }

    private void room(int more) {
        if (length + more > text.length) text = Arrays.copyOf(text, Math.max(2 * text.length, length + more));
    }

    /** All that was written. */
    @Override
    public String toString() {
        return new String(text, 0, length);
    }
}
