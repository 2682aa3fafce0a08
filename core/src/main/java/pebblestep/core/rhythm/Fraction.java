package pebblestep.core.rhythm;

import pebblestep.core.Refusal;

/**
 * An exact fraction, in lowest terms with a positive denominator. Every position and value of the rules is one, as a
 * part of a whole note; milliseconds appear only at the edge.
 *
 * <p>Its text form is {@code 1/16}, {@code -1/8}, {@code 0}, {@code 2}. Arithmetic that would leave the range of
 * {@code long} is refused with an {@link ArithmeticException} rather than rounded.
 */
public final class Fraction implements Comparable<Fraction> {
    public static final Fraction ZERO = new Fraction(0, 1);
    public static final Fraction ONE = new Fraction(1, 1);

    private static final long LARGEST = 999_999;

    private final long numerator;
    private final long denominator;

    private Fraction(long numerator, long denominator) {
        this.numerator = numerator;
        this.denominator = denominator;
    }

    /** A fraction in lowest terms; refuses a denominator of zero. */
    public static Fraction of(long numerator, long denominator) {
        if (denominator == 0) throw Refusal.of("A fraction cannot have the denominator 0.");
        if (numerator == Long.MIN_VALUE || denominator == Long.MIN_VALUE)
            throw new ArithmeticException("long overflow");
        long divisor = gcd(Math.abs(numerator), Math.abs(denominator));
        if (denominator < 0) divisor = -divisor;
        return numerator == 0 ? ZERO : new Fraction(numerator / divisor, denominator / divisor);
    }

    /** A whole number. */
    public static Fraction of(long whole) {
        return of(whole, 1);
    }

    /** Reads {@code 1/16}, {@code -1/8}, {@code 0}; refuses anything else, a denominator of zero, and numbers over 999,999. */
    public static Fraction parse(String text) {
        // What a document leaves empty within a list comes here as nothing at all.
        if (text == null) throw unreadable("null");
        try {
            int slash = text.indexOf('/');
            if (slash < 0) return of(typed(text));
            if (slash == text.length() - 1 || !Character.isDigit(text.charAt(slash + 1))) throw unreadable(text);
            return of(typed(text.substring(0, slash)), typed(text.substring(slash + 1)));
        } catch (NumberFormatException e) {
            throw unreadable(text);
        }
    }

    /** A part of a fraction as it is typed; what nobody types could not be reckoned with. */
    private static long typed(String text) {
        long number = Long.parseLong(text);
        if (number < -LARGEST || number > LARGEST)
            throw Refusal.of("A fraction is written with numbers up to " + LARGEST + ".");
        return number;
    }

    private static Refusal unreadable(String text) {
        return Refusal.of("\"" + text + "\" is not a fraction; write it as 1/16, -1/8 or 0.");
    }

    /** The greatest common divisor of two numbers from 0 up, by halving: most denominators here are powers of two. */
    private static long gcd(long a, long b) {
        if (a == 0) return b;
        if (b == 0) return a;
        int twos = Long.numberOfTrailingZeros(a | b);
        a >>= Long.numberOfTrailingZeros(a);
        while (b != 0) {
            b >>= Long.numberOfTrailingZeros(b);
            if (a > b) {
                long smaller = b;
                b = a;
                a = smaller;
            }
            b -= a;
        }
        return a << twos;
    }

    public long numerator() {
        return numerator;
    }

    /** Always positive. */
    public long denominator() {
        return denominator;
    }

    public Fraction plus(Fraction other) {
        if (other.numerator == 0) return this;
        if (numerator == 0) return other;
        if (denominator == other.denominator) return of(Math.addExact(numerator, other.numerator), denominator);
        // Cancel the common part of the denominators first, so that ordinary sums stay far from overflow.
        long common = gcd(denominator, other.denominator);
        long left = Math.multiplyExact(numerator, other.denominator / common);
        long right = Math.multiplyExact(other.numerator, denominator / common);
        return of(Math.addExact(left, right), Math.multiplyExact(denominator, other.denominator / common));
    }

    public Fraction minus(Fraction other) {
        return plus(other.negated());
    }

    public Fraction times(Fraction other) {
        long across = Math.max(1, gcd(Math.abs(numerator), other.denominator));
        long back = Math.max(1, gcd(Math.abs(other.numerator), denominator));
        return of(
                Math.multiplyExact(numerator / across, other.numerator / back),
                Math.multiplyExact(denominator / back, other.denominator / across));
    }

    public Fraction times(long factor) {
        return times(of(factor));
    }

    /** This divided by another; refuses a divisor of zero. */
    public Fraction dividedBy(Fraction divisor) {
        if (divisor.isZero()) throw Refusal.of("Nothing can be divided by 0.");
        return times(of(divisor.denominator, divisor.numerator));
    }

    /** The largest fraction of which both are whole multiples; with 0 it is the other one. */
    public Fraction commonMeasure(Fraction other) {
        if (isZero()) return other.abs();
        if (other.isZero()) return abs();
        long left = Math.multiplyExact(Math.abs(numerator), other.denominator);
        long right = Math.multiplyExact(Math.abs(other.numerator), denominator);
        return of(gcd(left, right), Math.multiplyExact(denominator, other.denominator));
    }

    public Fraction negated() {
        return new Fraction(-numerator, denominator);
    }

    public Fraction abs() {
        return numerator < 0 ? negated() : this;
    }

    /** The largest whole number not above this fraction. */
    public long floor() {
        return Math.floorDiv(numerator, denominator);
    }

    /** What is left of this after whole moduli are taken away: from 0 up to, but not including, the modulus. */
    public Fraction mod(Fraction modulus) {
        return minus(modulus.times(dividedBy(modulus).floor()));
    }

    public boolean isZero() {
        return numerator == 0;
    }

    /** -1, 0 or 1. */
    public int signum() {
        return Long.signum(numerator);
    }

    public boolean isLessThan(Fraction other) {
        return compareTo(other) < 0;
    }

    /** The nearest {@code double}: for the edge only. */
    public double toDouble() {
        return (double) numerator / denominator;
    }

    @Override
    public int compareTo(Fraction other) {
        if (denominator == other.denominator) return Long.compare(numerator, other.numerator);
        return minus(other).signum();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Fraction f && f.numerator == numerator && f.denominator == denominator;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(31 * numerator + denominator);
    }

    /** The text form that {@link #parse} reads. */
    @Override
    public String toString() {
        return denominator == 1 ? Long.toString(numerator) : numerator + "/" + denominator;
    }
}
