package pebblestep.core.fingering;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.Parts;

/** The costs of one family of instruments: each row has a name, thousandths, and the reason in words. */
public final class CostTable {
    private final Map<String, Cost> rows = new LinkedHashMap<>();

    /** Reads rows such as {@code finger; 100; a finger that moves}. */
    public CostTable(String data) {
        for (String line : Parts.lines(data)) {
            List<String> cells = Parts.of(line, ";").stream().map(String::strip).toList();
            rows.put(cells.get(0), new Cost(cells.get(2), Integer.parseInt(cells.get(1))));
        }
    }

    /** The cost of that name, in thousandths. Refuses a name without a row. */
    public int of(String name) {
        return cost(name).thousandths();
    }

    /** The cost of that name with its reason. Refuses a name without a row. */
    public Cost cost(String name) {
        Cost cost = rows.get(name);
        if (cost == null) throw new IllegalArgumentException("There is no weight for " + name + ".");
        return cost;
    }

    /** The cost of that name several times over, with a reason of its own. */
    public Cost cost(String name, int times, String why) {
        return new Cost(why, of(name) * times);
    }
}
