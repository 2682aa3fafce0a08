package pebblestep.core.notation;

import java.util.Optional;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.rhythm.Fraction;

/** A stretch of a bar that one note, or silence, fills; it may have begun before the bar and may go on after it. */
record Span(Fraction from, Fraction to, Optional<PassageNote> note) {
    Fraction length() {
        return to.minus(from);
    }

    Span cut(Fraction start, Fraction end) {
        return new Span(from.isLessThan(start) ? start : from, end.isLessThan(to) ? end : to, note);
    }

    /** Whether the note sounds on after a position, so that a tie leads there. */
    boolean soundsAfter(Fraction position) {
        return note.map(n -> position.isLessThan(n.at().plus(n.value()))).orElse(false);
    }
}
