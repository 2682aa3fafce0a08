package pebblestep.core.hands;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Takes the tolls of a move: adds them up while the cheapest way is looked for, and keeps them with their reasons where they are
 * to be said. The same rules so decide and explain.
 */
public abstract sealed class Tally {
    private Tally() {}

    /** Takes a toll; the words are asked for where they are kept. */
    abstract void add(int thousandths, Supplier<String> why);

    /** Takes a toll with its reason. */
    void add(Toll toll) {
        add(toll.thousandths(), toll::why);
    }

    /** Takes a toll so many times over, in other words. */
    final void add(Toll toll, int times, Supplier<String> why) {
        add(toll.thousandths() * times, why);
    }

    /** Takes a toll of a table with its reason. */
    final void add(Weights weights, String name) {
        add(weights.toll(name));
    }

    /** Takes a toll so many times over. */
    final void add(Weights weights, String name, int times, Supplier<String> why) {
        add(weights.of(name) * times, why);
    }

    /** Adds up, at a pace. */
    static final class Sum extends Tally {
        private final Pace pace;
        private int sum;

        Sum(Pace pace) {
            this.pace = pace;
        }

        @Override
        void add(int thousandths, Supplier<String> why) {
            sum += pace.of(thousandths);
        }

        @Override
        void add(Toll toll) {
            sum += pace.of(toll.thousandths());
        }

        /** What came together since it was last asked. */
        int taken() {
            int taken = sum;
            sum = 0;
            return taken;
        }
    }

    /** Keeps what it takes, at a pace. */
    static final class Kept extends Tally {
        private final Pace pace;
        private final List<Toll> tolls = new ArrayList<>();

        Kept(Pace pace) {
            this.pace = pace;
        }

        @Override
        void add(int thousandths, Supplier<String> why) {
            tolls.add(new Toll(why.get(), pace.of(thousandths)));
        }

        List<Toll> tolls() {
            return tolls;
        }
    }
}
