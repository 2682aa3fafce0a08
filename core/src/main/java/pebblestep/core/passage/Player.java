package pebblestep.core.passage;

import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Level;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.scale.SixAccidentals;

/**
 * For whom a passage is worked out: the instrument, the written range this player has, and how a key of six accidentals
 * is spelled for them.
 *
 * @param instrument what is read and how far it reaches
 * @param range written range of this player; may go beyond the instrument's usual one
 * @param own whether the range is this player's own rather than the instrument's
 * @param six the spelling at six flats against six sharps
 */
public record Player(Instrument instrument, PitchRange range, boolean own, SixAccidentals six) {
    /** A player with the full range of the instrument. */
    public static Player of(Instrument instrument) {
        return new Player(instrument, instrument.full(), false, SixAccidentals.BY_INTERVAL);
    }

    /** A player of a level. */
    public static Player of(Instrument instrument, Level level) {
        return level == Level.FULL
                ? of(instrument)
                : new Player(instrument, instrument.range(level), true, SixAccidentals.BY_INTERVAL);
    }

    /** This player with a range of their own. */
    public Player within(PitchRange other) {
        return new Player(instrument, other, true, six);
    }

    /** This player reading six accidentals that way. */
    public Player reading(SixAccidentals other) {
        return new Player(instrument, range, own, other);
    }
}
