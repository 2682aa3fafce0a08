package pebblestep.core.passage;

import java.util.Optional;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Level;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.scale.SixAccidentals;

/**
 * For whom a passage is worked out: the instrument, the written range this player has, how a key of six accidentals is
 * spelled for them, and what they tune to.
 *
 * @param instrument what is read and how far it reaches
 * @param range written range of this player; may go beyond the instrument's usual one
 * @param own whether the range is this player's own rather than the instrument's
 * @param six the spelling at six flats against six sharps
 * @param reference the frequency of A4 they tune to
 * @param hand what their hand can, and how they like it
 */
public record Player(
        Instrument instrument,
        PitchRange range,
        boolean own,
        SixAccidentals six,
        ReferencePitch reference,
        PlayersHand hand) {
    /** A player with the full range of the instrument. */
    public static Player of(Instrument instrument) {
        return new Player(
                instrument,
                instrument.full(),
                false,
                SixAccidentals.BY_INTERVAL,
                ReferencePitch.ISO_16,
                PlayersHand.USUAL);
    }

    /** A player of a level. */
    public static Player of(Instrument instrument, Level level) {
        return level == Level.FULL
                ? of(instrument)
                : new Player(
                        instrument,
                        instrument.range(level),
                        true,
                        SixAccidentals.BY_INTERVAL,
                        ReferencePitch.ISO_16,
                        PlayersHand.USUAL);
    }

    /** This player with a range of their own. */
    public Player within(PitchRange other) {
        return new Player(instrument, other, true, six, reference, hand);
    }

    /** This player reading six accidentals that way. */
    public Player reading(SixAccidentals other) {
        return new Player(instrument, range, own, other, reference, hand);
    }

    /** This player tuning to another reference pitch. */
    public Player tunedTo(ReferencePitch other) {
        return new Player(instrument, range, own, six, other, hand);
    }

    /** This player with such a hand. */
    public Player withHand(PlayersHand other) {
        return new Player(instrument, range, own, six, reference, other);
    }

    /**
     * The hand with which they play, before a step asks anything of it; empty where none is known of the instrument. Of whoever has a
     * range of their own it takes no position that this range does not need, unless they say so.
     */
    public Optional<Hand> played() {
        return own
                ? InstrumentHands.upTo(range.highest(), instrument, hand)
                : InstrumentHands.of(instrument, hand, FingeringChoice.NONE);
    }

    /** The family of the instrument: strings, woodwind, brass and so on. */
    public String family() {
        return instrument.family();
    }

    /** Whether a written pitch lies so many semitones below the top of this player's range, or higher. */
    public boolean isHigh(Pitch written, int semitones) {
        return written.midi() >= range.highest().midi() - semitones;
    }
}
