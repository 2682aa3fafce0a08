package pebblestep.documents;

import org.jspecify.annotations.Nullable;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Syllables;
import pebblestep.core.rhythm.ValueNames;

/** How a studio talks: how it counts, and what it calls note values. */
public record SpeechDocument(CountSchool counting, ValueNames valueNames, @Nullable Syllables syllables) {
    /** The document of a way to talk. */
    public static SpeechDocument of(Speech speech) {
        return new SpeechDocument(
                speech.school(), speech.names(), speech.syllables() == Syllables.TONIC ? null : speech.syllables());
    }

    /** The way to talk that it says. */
    public Speech read() {
        return new Speech(counting, valueNames, syllables == null ? Syllables.TONIC : syllables);
    }
}
