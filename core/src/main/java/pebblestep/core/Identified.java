package pebblestep.core;

import java.util.Arrays;
import java.util.Locale;

/**
 * One of a closed set that documents and the API know by an id. All enums that leave the core are identified, and this is
 * the one place where their spelling is made: the name of the constant in kebab case, {@code UP_DOWN} as {@code up-down}.
 */
public interface Identified {
    /** The name of the constant. */
    String name();

    /** The name in documents and in the API. */
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The one of a set with that id; refuses ids that the set does not have, and says which it has. */
    static <E extends Enum<E> & Identified> E of(Class<E> set, String id) {
        E[] all = set.getEnumConstants();
        for (E one : all) {
            if (one.id().equals(id)) return one;
        }
        throw Refusal.of("\"" + id + "\" is not known here.")
                .fits("One of: "
                        + String.join(", ", Arrays.stream(all).map(E::id).toList()) + ".");
    }
}
