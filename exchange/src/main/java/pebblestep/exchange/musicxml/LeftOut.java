package pebblestep.exchange.musicxml;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is left out of a file while it is read, and in which measures. */
final class LeftOut {
    private static final int SHOWN = 6;

    private final Map<String, Set<String>> measures = new LinkedHashMap<>();

    /** Something that is left out in a measure. */
    void of(String what, String measure) {
        measures.computeIfAbsent(what, one -> new LinkedHashSet<>()).add(measure);
    }

    /** Something that is left out of the whole. */
    void whole(String what) {
        measures.computeIfAbsent(what, one -> new LinkedHashSet<>());
    }

    /** In sentences: {@code grace notes: measures 3, 7 and 12}. */
    List<String> sentences() {
        List<String> sentences = new ArrayList<>();
        measures.forEach((what, where) -> {
            if (where.isEmpty()) {
                sentences.add(what);
                return;
            }
            List<String> first = where.stream().limit(SHOWN).toList();
            String more = where.size() > SHOWN ? " and " + (where.size() - SHOWN) + " more" : "";
            sentences.add(what + ": measure" + (where.size() == 1 ? " " : "s ") + String.join(", ", first) + more);
        });
        return sentences;
    }
}
