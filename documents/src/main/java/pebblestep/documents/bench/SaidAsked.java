package pebblestep.documents.bench;

import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.Fields;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** What a step is, to be said in few words. */
public record SaidAsked(StepDocument step, SpeechDocument speech) {

    /**
     * A step in words.
     *
     * @param key its key
     * @param summary all but the key, in a line
     * @param material what is played
     * @param rhythm in which values
     * @param click what the metronome does
     * @param articulation how the notes are joined
     */
    public record SaidAnswer(
            String key, String summary, String material, String rhythm, String click, String articulation) {}

    /** The words; refuses a step that cannot be read. */
    public SaidAnswer answer() {
        Step read = Fields.under("step", () -> StepDocuments.read(step));
        Speech spoken = speech.read();
        return new SaidAnswer(
                read.key().toString(),
                StepWords.withoutKey(read, spoken),
                StepWords.material(read),
                StepWords.rhythm(read, spoken),
                read.metronome().inWords(),
                read.articulation().inWords());
    }
}
