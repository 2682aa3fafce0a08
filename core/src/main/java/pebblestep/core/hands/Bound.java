package pebblestep.core.hands;

import java.util.List;
import java.util.Map;
import pebblestep.core.pitch.Pitch;

/** A hand that has settled beforehand how it plays each pitch of a line. */
record Bound(Hand hand, Map<Integer, List<Way>> byMidi) implements Hand {
    @Override
    public Family family() {
        return hand.family();
    }

    @Override
    public List<Way> ways(Pitch written) {
        return byMidi.getOrDefault(written.midi(), List.of());
    }

    @Override
    public List<Toll> move(Way from, Way to, boolean slurred, int memory) {
        return hand.move(from, to, slurred, memory);
    }

    @Override
    public int memories() {
        return hand.memories();
    }

    @Override
    public int memory(Way from, Way to, int before) {
        return hand.memory(from, to, before);
    }
}
