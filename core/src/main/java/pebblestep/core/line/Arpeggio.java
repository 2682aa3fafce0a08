package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * The chord notes of a form within the range, in order: one octave of a major triad up and down is 1 3 5 8 5 3 1. The
 * note it starts on is the inversion: from 3 it is the first.
 *
 * @param chord triad or seventh; a form that is itself a chord is played with all its notes
 */
public record Arpeggio(ChordSize chord) implements Pattern {
    @Override
    public PatternKind kind() {
        return PatternKind.ARPEGGIO;
    }

    @Override
    public String inWords(Line line) {
        return switch (chord) {
                    case TRIAD -> "arpeggio, ";
                    case SEVENTH -> "seventh arpeggio, ";
                }
                + line.range();
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        List<Integer> places = placesIn(form);
        List<LineNote> up = new ArrayList<>();
        List<LineNote> down = new ArrayList<>();
        for (int i = line.lowest(); i <= line.highest(form); i++) {
            if (!places.contains(Math.floorMod(i, form.size()))) continue;
            up.add(LineNote.of(i, Direction.UP));
            down.add(0, LineNote.of(i, Direction.DOWN));
        }
        return Ways.joined(up, down, true, line);
    }

    /** Places in the form of the chord's notes. */
    private List<Integer> placesIn(Form form) {
        return form.isChord() ? form.chord() : form.chord().subList(0, chord.notes());
    }

    @Override
    public void requireIn(Form form, Line line) {
        if (form.chord().isEmpty()) {
            throw Refusal.of("line.pattern", "The " + form.name() + " form has no chord of its own.")
                    .fits("Choose a chord as the form, such as dominant-seventh.");
        }
        if (!form.isChord() && form.chord().size() < chord.notes()) {
            throw Refusal.of("line.chord", "The " + form.name() + " form has no seventh, so it has no seventh chord.")
                    .fits("Use triad.");
        }
        List<Integer> places = placesIn(form);
        if (!places.contains(line.lowest())) {
            String fits = String.join(
                    ", ",
                    places.stream().map(place -> Integer.toString(place + 1)).toList());
            throw Refusal.of(
                            "line.from",
                            "An arpeggio starts on a note of its chord, not on degree " + line.from() + ".")
                    .fits("One of: " + fits + ".");
        }
    }
}
