package pebblestep.documents;

import pebblestep.core.Words;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Speech;

/** Where one voice, or one key of a walk, lands. */
public record LandedPart(boolean lands, String at, int bar, String count, String off, String sentence) {
    static LandedPart of(Landing landing, Speech speech) {
        return of(landing, speech, "");
    }

    /** The same, said of whoever lands: {@code The left hand lands on beat 1 of bar 5.} */
    static LandedPart of(Landing landing, Speech speech, String who) {
        String sentence = landing.words(speech).sentence();
        return new LandedPart(
                landing.lands(),
                landing.at().toString(),
                landing.bar(),
                landing.count().toString(),
                landing.off().toString(),
                who.isEmpty() ? sentence : Words.capital(who) + " " + Words.small(sentence));
    }
}
