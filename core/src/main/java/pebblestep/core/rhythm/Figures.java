package pebblestep.core.rhythm;

import java.util.List;
import pebblestep.core.Parts;

/** The figures that go by a name: data in one place. To add one, add its row. */
public final class Figures {
    /** A named figure: its id, its name, and its cycle. */
    public record Named(String id, String name, Figure figure) {}

    private static final String DATA =
            """
            dotted; dotted pairs, long first; 3/16 1/16
            dotted-reversed; dotted pairs, short first; 1/16 3/16
            dotted-quarters; dotted quarter and eighth; 3/8 1/8
            long-short-short; long, short, short; 1/4 1/8 1/8
            short-short-long; short, short, long; 1/8 1/8 1/4
            gallop; gallop; 1/8 1/16 1/16
            gallop-reversed; gallop reversed; 1/16 1/16 1/8
            one-long; one long, then short; 1/2 1/8 1/8 1/8 1/8
            half-rest; one half, then rest; 1/2 r1/2
            quarters-rest; two quarters, then rest; 1/4 1/4 r1/2
            eighths-rest; four eighths, then rest; 1/8 1/8 1/8 1/8 r1/2
            """;

    private static final List<Named> ALL =
            Parts.lines(DATA).stream().map(Figures::read).toList();

    private Figures() {}

    /** Every named figure, in order. */
    public static List<Named> all() {
        return ALL;
    }

    private static Named read(String row) {
        List<String> cells = Parts.of(row, "; ");
        return new Named(cells.get(0), cells.get(1), Figure.ofCycle(Parts.words(cells.get(2))));
    }
}
