package pebblestep.documents;

import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Speech;

/** Where one voice, or one key of a walk, lands. */
public record LandedPart(boolean lands, String at, int bar, String count, String off, String sentence) {
    static LandedPart of(Landing landing, Speech speech) {
        return new LandedPart(
                landing.lands(),
                landing.at().toString(),
                landing.bar(),
                landing.count().toString(),
                landing.off().toString(),
                landing.words(speech).sentence());
    }
}
