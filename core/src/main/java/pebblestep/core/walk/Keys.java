package pebblestep.core.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;

/**
 * Which keys a walk meets, from the step's own on.
 *
 * @param order the order they come in; empty for a list of one's own, and for a progression that stays in its key
 * @param own the tonics of one's own list, behind the step's own key
 * @param count how many keys of the order; the whole cycle without
 * @param thereAndBack whether the same keys are gone through backwards behind the last
 * @param home whether the first key comes once more at the end
 */
public record Keys(
        Optional<KeyOrder> order, List<NoteName> own, Optional<Integer> count, boolean thereAndBack, boolean home) {
    private static final int MOST_OWN = 48;
    private static final int TWELVE = 12;
    private static final int UNDECIDED = 6;

    /** The step's own key alone: a progression that is not moved. */
    public static final Keys HOME = new Keys(Optional.empty(), List.of(), Optional.empty(), false, false);

    /** Refuses an order beside a list, more than twelve keys of an order, a list of over 48, and a home that is reached anyway. */
    public Keys {
        own = List.copyOf(own);
        if (order.isPresent() && !own.isEmpty()) {
            throw Refusal.of("walk.own", "A walk goes by an order or by a list of its own, not by both.")
                    .fits("Leave one of them out.");
        }
        if (own.size() > MOST_OWN) throw Refusal.of("walk.own", "A walk has at most " + MOST_OWN + " keys of its own.");
        if (count.isPresent() && order.isEmpty()) {
            throw Refusal.of("walk.keys", "A number of keys belongs to an order.")
                    .fits("Leave it out.");
        }
        count.ifPresent(keys -> {
            if (keys < 1 || keys > TWELVE) {
                throw Refusal.of("walk.keys", "A walk meets 1 to " + TWELVE + " keys of an order, not " + keys + ".");
            }
        });
        if (thereAndBack && home) {
            throw Refusal.of("walk.home", "A walk there and back ends in its first key anyway.")
                    .fits("Leave it out.");
        }
    }

    /** The whole cycle of an order, and the first key again. */
    public static Keys cycle(KeyOrder order) {
        return new Keys(Optional.of(order), List.of(), Optional.empty(), false, true);
    }

    /** So many keys of an order. */
    public static Keys of(KeyOrder order, int count) {
        return new Keys(Optional.of(order), List.of(), Optional.of(count), false, false);
    }

    /** The keys in the order they come, the step's own first; in the spelling with the fewest accidentals. */
    public List<Key> from(Key first) {
        List<Key> keys = new ArrayList<>(List.of(first));
        for (NoteName tonic : tonics(first.tonic())) {
            keys.add(
                    own.isEmpty()
                            ? readable(tonic, first.form(), keys.get(keys.size() - 1))
                            : Key.of(tonic, first.form()));
        }
        int reached = keys.size();
        for (int back = reached - 2; thereAndBack && back >= 0; back--) keys.add(keys.get(back));
        if (home && reached > 1) keys.add(first);
        return List.copyOf(keys);
    }

    /** The tonics behind the first. */
    private List<NoteName> tonics(NoteName first) {
        if (order.isEmpty()) return own;
        List<NoteName> round = order.get().from(first);
        return round.subList(1, count.orElseGet(() -> order.get().cycle()));
    }

    /** At six accidentals against six, the spelling on the side of the key before. */
    private static Key readable(NoteName tonic, Form form, Key before) {
        Key key = Key.readable(tonic, form);
        int fifths = key.signature().fifths();
        boolean otherSide = fifths * before.signature().fifths() < 0;
        if (Math.abs(fifths) != UNDECIDED || !otherSide) return key;
        return key.tonic().enharmonics().stream()
                .flatMap(name -> Key.tryOf(name, form).stream())
                .filter(other -> other.signature().fifths() == -fifths)
                .findFirst()
                .orElse(key);
    }

    /** In words: {@code up by whole steps through six keys}. */
    String inWords() {
        String way = order.map(one -> one.words()
                        + count.map(keys -> " through " + Words.spelled(keys, "key"))
                                .orElse(" through the whole cycle"))
                .orElse(own.isEmpty() ? "" : Words.spelled(own.size() + 1, "key") + " in turn");
        return way + (thereAndBack ? " there and back" : "") + (home && count.isPresent() ? " and home" : "");
    }

    /** The same keys, not gone through backwards behind the last. */
    public Keys oneWay() {
        return new Keys(order, own, count, false, home);
    }

    /** Its own list an interval away, in the simplest spelling. */
    Keys moved(Interval by) {
        return new Keys(order, own.stream().map(tonic -> tonic.simplyPlus(by)).toList(), count, thereAndBack, home);
    }
}
