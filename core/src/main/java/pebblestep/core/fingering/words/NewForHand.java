package pebblestep.core.fingering.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.Words;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.search.Fingering;

/**
 * What a line asks of a hand that another line has not asked.
 *
 * @param words as a clause: {@code position III for A♭5}
 * @param notes the indexes of the notes that ask for it
 */
public record NewForHand(String words, List<Integer> notes) {
    private static final int MOST_NAMED = 3;
    private static final String CLOSED = "closed";

    public NewForHand {
        notes = List.copyOf(notes);
    }

    /** What is new in a line since another, in the order in which it comes. */
    public static List<NewForHand> of(Fingering line, Fingering before) {
        return of(line, Learned.of(List.of(before)));
    }

    /** What is new in a line for a hand that has learned something, in the order in which it comes. */
    public static List<NewForHand> of(Fingering line, Learned known) {
        Map<String, List<Integer>> fresh = new LinkedHashMap<>();
        for (int i = 0; i < line.stops().size(); i++) {
            Shape shape = line.stops().get(i).way().shape();
            Optional<String> learned = ShapeWords.learned(shape);
            if (learned.isEmpty() || known.words().contains(learned.get())) continue;
            // Each note of a wind has fingers of its own: they are told by the note, since a list of holes tells nobody
            // anything.
            String said = shape instanceof Shape.Closed ? CLOSED : learned.get();
            fresh.computeIfAbsent(said, any -> new ArrayList<>()).add(i);
        }
        List<NewForHand> all = new ArrayList<>();
        fresh.forEach((learned, notes) -> all.add(new NewForHand(clause(learned, line, notes), notes)));
        return all;
    }

    private static String clause(String learned, Fingering line, List<Integer> notes) {
        if (!learned.equals(CLOSED)) return learned + " for " + pitches(line, notes);
        long different = notes.stream()
                .map(note -> line.stops().get(note).onset().written())
                .distinct()
                .count();
        return (different == 1 ? "the fingering of " : "the fingerings of ") + pitches(line, notes);
    }

    private static String pitches(Fingering line, List<Integer> notes) {
        Set<String> pitches = new LinkedHashSet<>();
        notes.forEach(
                note -> pitches.add(line.stops().get(note).onset().written().toString()));
        List<String> named = new ArrayList<>(pitches);
        if (named.size() > MOST_NAMED) {
            int more = named.size() - MOST_NAMED + 1;
            named = new ArrayList<>(named.subList(0, MOST_NAMED - 1));
            named.add(Words.spelled(more, "more note"));
        }
        return Words.list(named);
    }
}
