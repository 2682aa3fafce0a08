package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.Articulation.Bow;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Slur;
import pebblestep.core.passage.Step;

/**
 * Writes an articulation: slurs, dots, accents and bow marks. A bow is a slur or a note outside any, and bows alternate.
 *
 * @param slurs in order
 * @param marks by the index of the note they stand at
 */
record Markings(List<Slur> slurs, Map<Integer, List<Mark>> marks) {
    /** None. */
    static final Markings NONE = new Markings(List.of(), Map.of());

    static Markings of(Step step, List<PassageNote> notes) {
        Articulation articulation = step.articulation();
        List<Slur> slurs = Slur.of(step, notes);
        Map<Integer, List<Mark>> marks = new TreeMap<>();
        int count = notes.size();
        boolean dots = articulation.kind() == ArticulationKind.STACCATO
                || articulation.kind() == ArticulationKind.SLURRED_STACCATO;
        for (int i = 0; i < count; i++) {
            if (dots) add(marks, i, Mark.STACCATO);
            if (articulation.accentEvery() > 0 && i % articulation.accentEvery() == 0) add(marks, i, Mark.ACCENT);
        }
        articulation.bow().ifPresent(first -> bows(marks, slurs, count, first));
        return new Markings(slurs, marks);
    }

    List<Mark> at(int note) {
        return marks.getOrDefault(note, List.of());
    }

    private static void add(Map<Integer, List<Mark>> marks, int note, Mark mark) {
        marks.computeIfAbsent(note, i -> new ArrayList<>()).add(mark);
    }

    private static void bows(Map<Integer, List<Mark>> marks, List<Slur> slurs, int count, Bow first) {
        Bow bow = first;
        int note = 0;
        while (note < count) {
            add(marks, note, bow == Bow.DOWN ? Mark.DOWN_BOW : Mark.UP_BOW);
            bow = bow.other();
            int start = note;
            note = slurs.stream()
                            .filter(slur -> slur.fromNote() == start)
                            .mapToInt(Slur::toNote)
                            .findFirst()
                            .orElse(start)
                    + 1;
        }
    }
}
