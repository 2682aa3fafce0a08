package pebblestep.core.hands;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.pitch.Pitch;

/**
 * A hand that has a way for every note: one that it cannot play, as what lies under a capo or beyond a chart, stands without
 * fingers, and the rest of the line has its own all the same.
 */
record EveryNote(Hand hand) implements Hand {
    private static final Way NONE = new Way("?", "?", new Shape.Beyond(), 0, List.of());

    @Override
    public Family family() {
        return hand.family();
    }

    @Override
    public List<Way> ways(Pitch written) {
        List<Way> ways = hand.ways(written);
        return ways.isEmpty() ? List.of(NONE) : ways;
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, Onset onset, Tally tally) {
        if (isNone(from) || isNone(to)) return;
        hand.move(before == null || isNone(before) ? null : before, from, to, onset, tally);
    }

    private static boolean isNone(Way way) {
        return way.shape() instanceof Shape.Beyond;
    }

    @Override
    public boolean looksBack() {
        return hand.looksBack();
    }

    @Override
    public Hand along(List<Onset> line) {
        return new EveryNote(hand.along(line));
    }

    @Override
    public List<School> schools() {
        return hand.schools();
    }

    @Override
    public Optional<School> school() {
        return hand.school();
    }

    @Override
    public Hand inSchool(String id) {
        return new EveryNote(hand.inSchool(id));
    }

    @Override
    public Optional<String> misfit(List<Onset> line) {
        return hand.misfit(line);
    }

    @Override
    public List<String> positions() {
        return hand.positions();
    }

    @Override
    public Hand inPosition(String name) {
        return new EveryNote(hand.inPosition(name));
    }

    @Override
    public List<String> strings() {
        return hand.strings();
    }

    @Override
    public int frets() {
        return hand.frets();
    }

    @Override
    public Hand of(PlayersHand player) {
        return new EveryNote(hand.of(player));
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return hand.traits();
    }
}
