package pebblestep.core.fingering;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Where a hand reports the costs of a move. One sink adds them up for the search; another lists them with their reasons for the
 * explanation. So the same rules decide and explain.
 */
public abstract sealed class CostSink {
    private CostSink() {}

    /** Reports a cost. The reason is worked out only by a sink that keeps it. */
    public abstract void add(int thousandths, Supplier<String> why);

    /** Reports a cost with its reason. */
    public void add(Cost cost) {
        add(cost.thousandths(), cost::why);
    }

    /** Reports a cost several times over, with a reason of its own. */
    public final void add(Cost cost, int times, Supplier<String> why) {
        add(cost.thousandths() * times, why);
    }

    /** Reports a cost that a table names. */
    public final void add(CostTable table, String name) {
        add(table.cost(name));
    }

    /** Reports a cost that a table names, several times over. */
    public final void add(CostTable table, String name, int times, Supplier<String> why) {
        add(table.of(name) * times, why);
    }

    /** Adds costs up for the time that a move has. */
    public static final class Sum extends CostSink {
        private final MoveTime pace;
        private int sum;

        public Sum(MoveTime pace) {
            this.pace = pace;
        }

        @Override
        public void add(int thousandths, Supplier<String> why) {
            sum += pace.of(thousandths);
        }

        @Override
        public void add(Cost cost) {
            sum += pace.of(cost.thousandths());
        }

        /** The sum since the last call, in thousandths; starts again from 0. */
        public int taken() {
            int taken = sum;
            sum = 0;
            return taken;
        }
    }

    /** Lists costs for the time that a move has. */
    public static final class Listed extends CostSink {
        private final MoveTime pace;
        private final List<Cost> costs = new ArrayList<>();

        public Listed(MoveTime pace) {
            this.pace = pace;
        }

        @Override
        public void add(int thousandths, Supplier<String> why) {
            costs.add(new Cost(why.get(), pace.of(thousandths)));
        }

        /** The costs so far, in the order in which they were reported. */
        public List<Cost> costs() {
            return costs;
        }
    }
}
