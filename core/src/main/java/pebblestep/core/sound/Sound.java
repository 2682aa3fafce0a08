package pebblestep.core.sound;

import pebblestep.core.metronome.DroneTones;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Groove;

/** One thing that sounds in a run. */
public sealed interface Sound {
    /** When it begins as it is played, swing and all: exact whole notes from the first click of the run. */
    Fraction at();

    /** Which of the tracks it belongs to. */
    Track track();

    /**
     * A click.
     *
     * @param accent whether it sounds stronger
     * @param between whether it stands between beats
     */
    record Clicked(Fraction at, boolean accent, boolean between) implements Sound {
        @Override
        public Track track() {
            return Track.CLICK;
        }
    }

    /** A stroke of a drum. */
    record Drummed(Fraction at, Groove.Drum drum, boolean strong) implements Sound {
        @Override
        public Track track() {
            return Track.DRUMS;
        }
    }

    /**
     * A note.
     *
     * @param value its exact length as it is played
     * @param voice which further voice, from 0; 0 for others
     * @param midi its sound as a MIDI note number
     */
    record Toned(Fraction at, Fraction value, Track track, int voice, int midi) implements Sound {}

    /**
     * A drone that lasts.
     *
     * @param value its exact length
     * @param midi its tonic as a MIDI note number
     * @param tones the same in hertz, with a pure fifth
     * @param fifth whether the fifth sounds too
     */
    record Droned(Fraction at, Fraction value, int midi, DroneTones tones, boolean fifth) implements Sound {
        @Override
        public Track track() {
            return Track.DRONE;
        }
    }
}
