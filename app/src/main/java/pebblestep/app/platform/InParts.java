package pebblestep.app.platform;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;

/** Asks the database about many rows in parts: a long list of values is compared with every row it might mean. */
public final class InParts {
    private static final int SIZE = 100;

    private InParts() {}

    /** Everything that the parts of a list answer with. */
    public static <K, T> List<T> of(Collection<K> keys, Function<List<K>, List<T>> ask) {
        List<K> all = List.copyOf(keys);
        List<T> found = new ArrayList<>();
        for (int from = 0; from < all.size(); from += SIZE) {
            found.addAll(ask.apply(all.subList(from, Math.min(all.size(), from + SIZE))));
        }
        return found;
    }
}
