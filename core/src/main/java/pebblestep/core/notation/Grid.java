package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * Decides which lengths one sign may show in a bar. The beats stay visible, and in 4/4 the middle of the bar: a sign
 * may pass over a beat only when it starts on a place at least as strong (common engraving practice, no source).
 */
final class Grid {
    private static final int BAR = 300;
    private static final int HALF_BAR = 200;
    private static final int BEAT = 100;
    private static final Fraction THREE_HALVES = Fraction.of(3, 2);

    private final Meter meter;
    private final Fraction barStart;

    Grid(Meter meter, Fraction barStart) {
        this.meter = meter;
        this.barStart = barStart;
    }

    /** Cuts a stretch into stretches that one sign each can show. */
    List<Span> split(Span span) {
        List<Span> pieces = new ArrayList<>();
        splitInto(span, pieces);
        return pieces;
    }

    private void splitInto(Span span, List<Span> pieces) {
        Optional<Fraction> cut = cutOf(span);
        if (cut.isEmpty()) {
            pieces.add(span);
            return;
        }
        splitInto(span.cut(span.from(), cut.get()), pieces);
        splitInto(span.cut(cut.get(), span.to()), pieces);
    }

    /** Where to cut; empty when one sign shows it all. */
    private Optional<Fraction> cutOf(Span span) {
        return strongestInside(span).filter(strongest -> hidesBeat(strongest, span) || !isWritable(span));
    }

    private boolean hidesBeat(Fraction strongest, Span span) {
        return strength(strongest) >= BEAT && strength(strongest) > strength(span.from());
    }

    private boolean isWritable(Span span) {
        Fraction length = span.length();
        if (span.note().isPresent()) return isPlain(length) || isDotted(length);
        if (fillsItsBeat(span)) return isPlain(length) || isDotted(length);
        // Rests are conservative: they start on a multiple of themselves, and only whole compound beats are dotted.
        Fraction from = span.from().minus(barStart);
        boolean aligned = from.dividedBy(length).denominator() == 1;
        return aligned && (isPlain(length) || fillsTernaryBeat(span) && isDotted(length));
    }

    /** Whether a rest takes exactly the beat it stands on, wherever that begins in an irregular bar. */
    private boolean fillsItsBeat(Span span) {
        return meter.beatStart(span.from()).equals(span.from())
                && span.length().equals(meter.lengthOf(meter.beatOf(span.from())));
    }

    /** Whether a rest takes whole beats of which the first divides in three. */
    private boolean fillsTernaryBeat(Span span) {
        int beat = meter.beatOf(span.from());
        return meter.isTernary(beat) && span.length().compareTo(meter.lengthOf(beat)) >= 0;
    }

    static boolean isPlain(Fraction length) {
        return length.numerator() == 1 && Long.bitCount(length.denominator()) == 1;
    }

    static boolean isDotted(Fraction length) {
        return isPlain(length.dividedBy(THREE_HALVES));
    }

    static int base(Fraction length) {
        Fraction plain = isPlain(length) ? length : length.dividedBy(THREE_HALVES);
        return Math.toIntExact(plain.denominator());
    }

    /** How strong a place is: the bar, its middle, its beats, then ever finer divisions. */
    private int strength(Fraction position) {
        Fraction in = position.minus(barStart).mod(meter.bar());
        if (in.isZero()) return BAR;
        if (meter.beats() == 4 && in.equals(meter.bar().dividedBy(Fraction.of(2)))) return HALF_BAR;
        int beat = meter.beatOf(in);
        Fraction share = in.minus(meter.positionOf(beat)).dividedBy(meter.lengthOf(beat));
        if (share.isZero()) return BEAT;
        // Below the beat: thirds of a ternary beat first, then halves of what is left.
        long fine = meter.isTernary(beat) ? share.times(3).denominator() : share.denominator();
        return BEAT - 1 - (64 - Long.numberOfLeadingZeros(fine));
    }

    private Optional<Fraction> strongestInside(Span span) {
        Fraction step = finest(span);
        Optional<Fraction> best = Optional.empty();
        Fraction firstMultiple = step.times(span.from().dividedBy(step).floor() + 1);
        for (Fraction at = firstMultiple; at.isLessThan(span.to()); at = at.plus(step)) {
            if (best.isEmpty() || strength(at) > strength(best.get())) best = Optional.of(at);
        }
        return best;
    }

    /** The grid on which both ends of a stretch and every beat stand. */
    private Fraction finest(Span span) {
        long denominator =
                Math.max(Math.max(span.from().denominator(), span.to().denominator()), meter.unit());
        return Fraction.of(1, denominator);
    }
}
