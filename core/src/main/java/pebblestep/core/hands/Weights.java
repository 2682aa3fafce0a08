package pebblestep.core.hands;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.Parts;

/** What things cost a hand: a table of one family, each row a name, thousandths, and the reason in words. */
final class Weights {
    private final Map<String, Toll> rows = new LinkedHashMap<>();

    /** Reads rows such as {@code finger; 100; a finger that moves}. */
    Weights(String data) {
        for (String line : Parts.lines(data)) {
            List<String> cells = Parts.of(line, ";").stream().map(String::strip).toList();
            rows.put(cells.get(0), new Toll(cells.get(2), Integer.parseInt(cells.get(1))));
        }
    }

    /** What a thing costs, in thousandths; refuses one that has no row. */
    int of(String name) {
        return toll(name).thousandths();
    }

    /** The same with the reason as the table has it. */
    Toll toll(String name) {
        Toll toll = rows.get(name);
        if (toll == null) throw new IllegalArgumentException("There is no weight for " + name + ".");
        return toll;
    }

    /** The same so many times over, said in these words. */
    Toll toll(String name, int times, String why) {
        return new Toll(why, of(name) * times);
    }
}
