package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.rhythm.Meter;

/** A slur from one note of a line to another, by their indexes, both included. */
public record Slur(int fromNote, int toNote) {
    /** The slurs of a step over the notes of one of its lines, in order. */
    public static List<Slur> of(Step step, List<PassageNote> notes) {
        Articulation articulation = step.articulation();
        int count = notes.size();
        List<Slur> slurs = new ArrayList<>();
        switch (articulation.kind()) {
            case SEPARATE, STACCATO -> {}
            case ALL_SLURRED -> slurs.add(new Slur(0, count - 1));
            case SLURRED, SLURRED_STACCATO -> {
                for (int from = 0; from < count; from += articulation.by()) {
                    slurs.add(new Slur(from, Math.min(count, from + articulation.by()) - 1));
                }
            }
            case OFF_BEAT_SLURS -> {
                for (int i = 0; i + 1 < count; i++) {
                    if (!isOnBeat(step, notes, i) && isOnBeat(step, notes, i + 1)) slurs.add(new Slur(i, i + 1));
                }
            }
        }
        return slurs.stream().filter(slur -> slur.toNote() > slur.fromNote()).toList();
    }

    private static boolean isOnBeat(Step step, List<PassageNote> notes, int note) {
        Meter meter = step.meter();
        PassageNote played = notes.get(note);
        return played.at().equals(meter.beatStart(played.at()));
    }

    /** Whether a note is joined to the next by it. */
    boolean joins(int note) {
        return fromNote <= note && note < toNote;
    }
}
