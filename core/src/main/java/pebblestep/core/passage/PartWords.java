package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Words;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.voice.Voice;

/** Says what a further voice is. */
public final class PartWords {
    private PartWords() {}

    /** What a voice is in its passage: {@code a third below}, {@code the same notes, a bar later}. */
    public static String of(Part part, Passage passage, Speech speech) {
        return of(part.voice(), passage.step().meter(), speech) + moved(part.octaves());
    }

    private static String moved(int octaves) {
        if (octaves == 0) return "";
        return ", " + (Math.abs(octaves) == 1 ? "an octave" : Words.spelled(Math.abs(octaves), "octave"))
                + (octaves < 0 ? " lower" : " higher");
    }

    /** What a voice is: how far from the line, which way, in which time and from when. */
    public static String of(Voice voice, Meter meter, Speech speech) {
        List<String> words = new ArrayList<>();
        if (voice.degree().isPresent()) {
            words.add("degree " + voice.degree().get() + (voice.figure().isPresent() ? " repeated" : " held"));
            if (voice.interval() != 1) words.add(voice.intervalInWords());
        } else if (voice.mirror()) {
            words.add("contrary motion" + (voice.interval() == 1 ? "" : " from " + voice.intervalInWords()));
        } else {
            words.add(voice.interval() == 1 ? "the same notes" : voice.intervalInWords());
        }
        voice.extent().ifPresent(extent -> words.add("over " + extent.inWords()));
        voice.figure()
                .ifPresent(figure -> words.add("in "
                        + figure.even()
                                .map(value -> ValueName.plural(value, speech.names()))
                                .orElse(figure.toString())));
        if (!voice.entry().isTogether()) {
            words.add(voice.entry().inWords(meter.bar(), meter.lengthOf(1)));
        }
        return String.join(", ", words);
    }
}
