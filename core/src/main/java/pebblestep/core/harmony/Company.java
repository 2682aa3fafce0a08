package pebblestep.core.harmony;

import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.pitch.Interval;

/**
 * The harmony that may sound beside a line.
 *
 * @param chords how its chords are played, where they are
 * @param bass whether a bass of roots and fifths is played
 * @param chart the chords typed for it; those of the keys that are played without
 */
public record Company(Optional<Style> chords, boolean bass, Optional<ChordChart> chart) {
    /** None. */
    public static final Company NONE = new Company(Optional.empty(), false, Optional.empty());

    /** How chords are played. */
    public enum Style implements Identified {
        /** Held as long as they last. */
        PAD("held chords"),
        /** One note after the other. */
        BROKEN("broken chords"),
        /** Struck on the beats that answer. */
        COMPED("comped chords");

        private final String words;

        Style(String words) {
            this.words = words;
        }

        /** In words. */
        public String words() {
            return words;
        }
    }

    /** Whether anything of it sounds. */
    public boolean sounds() {
        return chords.isPresent() || bass;
    }

    /** This company with its chords played that way. */
    public Company withChords(Style style) {
        return new Company(Optional.of(style), bass, chart);
    }

    /** This company with a bass. */
    public Company withBass() {
        return new Company(chords, true, chart);
    }

    /** This company over typed chords. */
    public Company withChart(ChordChart typed) {
        return new Company(chords, bass, Optional.of(typed));
    }

    /** This company an interval away, for a step that is. */
    public Company moved(Interval by) {
        return chart.map(typed -> withChart(typed.transposed(by))).orElse(this);
    }
}
