package pebblestep.core.voice;

import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.rhythm.Figure;

/**
 * A further voice of a step, derived from its line and never typed a second time.
 *
 * @param interval how far from the line, as the ear counts, in notes of the form: -3 a third below, 10 a tenth above, 8 an
 *     exact octave above, 1 the same notes
 * @param mirror whether up becomes down around the first note
 * @param entry when it comes in
 * @param figure the values it is played in, where they are not the line's
 * @param extent the range it goes through, where it is not the line's
 * @param degree the one degree of the form that it stays on, from 1, where it does not move: held, or repeated in its figure
 * @param by who plays it
 * @param instrument a partner's instrument; concert pitch without one
 * @param range written range of a partner; the instrument's comfortable one without
 */
public record Voice(
        int interval,
        boolean mirror,
        Entry entry,
        Optional<Figure> figure,
        Optional<Extent> extent,
        Optional<Integer> degree,
        By by,
        Optional<Instrument> instrument,
        Optional<PitchRange> range) {
    /** Voices beside the line at most. */
    public static final int MOST = 4;

    private static final int WIDEST = 29;
    private static final int EIGHT = 8;
    private static final int SEVEN = 7;
    private static final String[] NAMES = {
        "",
        "unison",
        "second",
        "third",
        "fourth",
        "fifth",
        "sixth",
        "seventh",
        "octave",
        "ninth",
        "tenth",
        "eleventh",
        "twelfth",
        "thirteenth",
        "fourteenth",
        "double octave"
    };

    /** Refuses intervals that no ear counts, over four octaves, and fields that belong to other voices. */
    public Voice {
        if (interval == 0 || interval == -1 || Math.abs(interval) > WIDEST) {
            throw Refusal.of(
                            "interval",
                            "An interval is counted as the ear does, from 1 (the same note) to " + WIDEST
                                    + ", below the line from -2 to -" + WIDEST + "; not " + interval + ".")
                    .fits("Use 1 for the same notes, -3 for thirds below.");
        }
        if (degree.isPresent()) {
            if (degree.get() < 1 || degree.get() > 12) {
                throw Refusal.of("degree", "A voice stays on a degree from 1 to 12, not " + degree.get() + ".");
            }
            if (mirror) throw strange("mirror", "A voice that stays on one note has no contrary motion.");
            if (extent.isPresent()) throw strange("octaves", "A voice that stays on one note has no range.");
        }
        if (by != By.PARTNER && instrument.isPresent()) {
            throw strange("instrument", "Only a partner has an instrument of their own.");
        }
        if (by != By.PARTNER && range.isPresent()) throw strange("range", "Only a partner has a range of their own.");
    }

    /** A voice along with the line at an interval. */
    public static Voice at(int interval, By by) {
        return new Voice(
                interval,
                false,
                Entry.TOGETHER,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                by,
                Optional.empty(),
                Optional.empty());
    }

    private static Refusal strange(String field, String sentence) {
        return Refusal.of(field, sentence).fits("Leave it out.");
    }

    /** This voice at another interval. */
    public Voice at(int other) {
        return new Voice(other, mirror, entry, figure, extent, degree, by, instrument, range);
    }

    /** This voice in contrary motion. */
    public Voice mirrored() {
        return new Voice(interval, true, entry, figure, extent, degree, by, instrument, range);
    }

    /** This voice coming in at another time. */
    public Voice withEntry(Entry other) {
        return new Voice(interval, mirror, other, figure, extent, degree, by, instrument, range);
    }

    /** This voice in a figure of its own. */
    public Voice withFigure(Figure other) {
        return new Voice(interval, mirror, entry, Optional.of(other), extent, degree, by, instrument, range);
    }

    /** This voice over a range of its own. */
    public Voice withExtent(Extent other) {
        return new Voice(interval, mirror, entry, figure, Optional.of(other), degree, by, instrument, range);
    }

    /** This voice on one degree. */
    public Voice on(int note) {
        return new Voice(interval, mirror, entry, figure, extent, Optional.of(note), by, instrument, range);
    }

    /** This voice played by another. */
    public Voice by(By other) {
        return new Voice(interval, mirror, entry, figure, extent, degree, other, instrument, range);
    }

    /** This voice played by a partner on that instrument. */
    public Voice on(Instrument anInstrument) {
        return new Voice(interval, mirror, entry, figure, extent, degree, By.PARTNER, Optional.of(anInstrument), range);
    }

    /** Steps of a form of that size from a note of the line to the note of this voice: octaves are exact whatever the form. */
    public int steps(int formSize) {
        int away = Math.abs(interval) - 1;
        int steps = away / SEVEN * formSize + away % SEVEN;
        return interval < 0 ? -steps : steps;
    }

    /** Whether it has a rhythm of its own. */
    public boolean hasOwnTime() {
        return figure.isPresent() || extent.isPresent() || degree.isPresent();
    }

    /** Whether every note of it is struck with one of the line: what one hand plays as double notes. */
    public boolean isStruckTogether() {
        return !hasOwnTime() && entry.isTogether();
    }

    /** The interval in words: {@code a third below}; empty for the same notes. */
    public String intervalInWords() {
        if (interval == 1) return "";
        int away = Math.abs(interval);
        String name = away < NAMES.length ? NAMES[away] : away + "th";
        String article = away == EIGHT || name.startsWith("e") ? "an " : "a ";
        return article + name + (interval < 0 ? " below" : " above");
    }
}
