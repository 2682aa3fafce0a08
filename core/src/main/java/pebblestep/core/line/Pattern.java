package pebblestep.core.line;

import java.util.List;
import pebblestep.core.scale.Form;

/** What a line does with the notes of its range. */
public sealed interface Pattern permits Straight, Arpeggio, Sequence, Reach, Pivot, Chords, Free {
    /** Which of the kinds it is. */
    PatternKind kind();

    /** The notes in playing order. Asked through {@link Line#notes}, which has checked that they can be made. */
    List<LineNote> notes(Form form, Line line);

    /** How many notes there are. */
    default int count(Form form, Line line) {
        return notes(form, line).size();
    }

    /** Whether there is a turning note that can be struck once or twice. */
    default boolean turns(Travel travel) {
        return travel.turns();
    }

    /** In words, with the range of its line where it belongs: {@code two octaves up and down in thirds}. */
    String inWords(Line line);

    /** Refuses a form that this cannot be made of. */
    default void requireIn(Form form, Line line) {}
}
