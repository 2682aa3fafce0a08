package pebblestep.core.voice;

import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.rhythm.Fraction;

/** When a voice comes in: with the line, so much later, or so many of its notes later. */
public sealed interface Entry {
    /** Whole notes that a voice may come in later at most. */
    Fraction MOST = Fraction.of(32);

    /** Attacks that a voice may come in later at most. */
    int MOST_NOTES = 64;

    /** With the line. */
    Entry TOGETHER = new Later(Fraction.ZERO);

    /** So much later, in whole notes; refuses less than none and more than 32. */
    record Later(Fraction by) implements Entry {
        public Later {
            if (by.signum() < 0 || MOST.isLessThan(by)) {
                throw Refusal.of(
                        "delay", "A voice comes in 0 to " + MOST + " whole notes after the line, not " + by + ".");
            }
        }
    }

    /** As long later as the line needs for so many of its attacks, 1 to 64. */
    record NotesLater(int notes) implements Entry {
        public NotesLater {
            if (notes < 1 || notes > MOST_NOTES) {
                throw Refusal.of(
                        "delayNotes",
                        "A voice comes in 1 to " + MOST_NOTES + " notes after the line, not " + notes + ".");
            }
        }
    }

    /** Whether it comes in with the line. */
    default boolean isTogether() {
        return equals(TOGETHER);
    }

    /** In words, for a bar of that length: {@code a bar later}, {@code 2 notes later}. */
    default String inWords(Fraction bar, Fraction beat) {
        return switch (this) {
            case NotesLater later -> Words.counted(later.notes, "note") + " later";
            case Later later -> {
                Fraction bars = later.by.dividedBy(bar);
                Fraction beats = later.by.dividedBy(beat);
                if (bars.denominator() == 1) yield many(bars, "bar") + " later";
                if (beats.denominator() == 1) yield many(beats, "beat") + " later";
                yield later.by + " of a whole note later";
            }
        };
    }

    private static String many(Fraction count, String one) {
        return count.equals(Fraction.ONE) ? "a " + one : Words.spelled(count.numerator(), one);
    }
}
