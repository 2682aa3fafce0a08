package pebblestep.core.hands;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
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
    public void move(@Nullable Way before, Way from, Way to, Onset onset, Tally tally) {
        hand.move(before, from, to, onset, tally);
    }

    @Override
    public boolean looksBack() {
        return hand.looksBack();
    }
}
