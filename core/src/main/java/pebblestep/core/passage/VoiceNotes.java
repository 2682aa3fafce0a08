package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.line.LineNote;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;
import pebblestep.core.voice.Voice;

/** The notes of a further voice before they have a pitch, one for each note of its own line. */
final class VoiceNotes {
    private VoiceNotes() {}

    static List<LineNote> of(Voice voice, Step alone, List<LineNote> line) {
        Form form = alone.key().form();
        int steps = voice.steps(form.size());
        List<LineNote> base = VoiceTiming.notes(voice, alone, line);
        List<LineNote> notes = new ArrayList<>(base.size());
        int axis = base.get(0).index();
        for (LineNote note : base) notes.add(voice.mirror() ? mirrored(note, axis, steps) : moved(note, steps));
        return notes;
    }

    private static LineNote moved(LineNote note, int steps) {
        return new LineNote(note.index() + steps, note.alteration(), note.direction());
    }

    /** As far below the first note as the line is above it; what leaves the form upwards now leaves it downwards. */
    private static LineNote mirrored(LineNote note, int axis, int steps) {
        Direction turned = note.direction() == Direction.UP ? Direction.DOWN : Direction.UP;
        return new LineNote(2 * axis - note.index() + steps, -note.alteration(), turned);
    }
}
