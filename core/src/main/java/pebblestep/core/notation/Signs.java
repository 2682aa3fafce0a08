package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.passage.Station;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeySignature;
import pebblestep.core.walk.Signatures;

/**
 * The signature of each bar of a staff. On a walk it changes at the first bar line at which a key has begun, unless the first
 * one is to stay.
 *
 * @param bars one for each bar
 */
record Signs(List<KeySignature> bars) {
    /**
     * The signatures of a staff.
     *
     * @param first its first key
     * @param keys its key at each station; empty for one that does not walk
     */
    static Signs of(
            StaffWriter.Frame frame, Key first, List<Station> stations, List<Key> keys, @Nullable Signatures asked) {
        List<KeySignature> bars = new ArrayList<>();
        int station = 0;
        for (int bar = 0; bar < frame.count(); bar++) {
            while (station + 1 < stations.size()
                    && stations.get(station + 1).begins().compareTo(frame.start(bar)) <= 0) {
                station++;
            }
            boolean changes = asked == Signatures.CHANGE && !keys.isEmpty();
            bars.add(written(changes ? keys.get(station) : first));
        }
        return new Signs(List.copyOf(bars));
    }

    private static KeySignature written(Key key) {
        KeySignature own = key.signature();
        return own.isWritten() ? own : KeySignature.NONE;
    }

    KeySignature at(int bar) {
        return bars.get(bar);
    }

    Optional<KeyChange> change(int bar) {
        if (bar == 0 || bars.get(bar).equals(bars.get(bar - 1))) return Optional.empty();
        return Optional.of(new KeyChange(bars.get(bar), bars.get(bar - 1)));
    }
}
