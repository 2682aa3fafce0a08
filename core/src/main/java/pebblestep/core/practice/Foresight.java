package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Attempt;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;

/**
 * Where a student will stand after the next takes and days, however they go: worked out beforehand, so that somebody
 * without a connection to the rules still follows them. States that differ in nothing are one.
 *
 * @param states the first is where the student stands now; the others nearest first
 */
public record Foresight(List<State> states) {
    /** States that are worked out at most: several days of practising. */
    public static final int MOST_STATES = 320;

    public Foresight {
        states = List.copyOf(states);
    }

    /**
     * One state, and which state each thing that can happen leads to, by place in the list. What is empty lies beyond what
     * was worked out, or cannot happen.
     *
     * @param clean after a clean take at the rung or above
     * @param under after a clean take at an easier tempo
     * @param missed after a take that was not clean
     * @param morning on the next day
     */
    public record State(
            Standing standing,
            Judgement judgement,
            OptionalInt clean,
            OptionalInt under,
            OptionalInt missed,
            OptionalInt morning) {}

    /** What makes two states the same; the day does not. */
    private record Same(
            Position at,
            int clean,
            int misses,
            int passedToday,
            Standing.Change move,
            Optional<Position> from,
            boolean top,
            boolean started) {
        static Same of(Standing standing, boolean started) {
            return new Same(
                    standing.at(),
                    standing.cleanInRow(),
                    standing.missesInRow(),
                    standing.passedToday(),
                    standing.lastMove(),
                    standing.from(),
                    standing.topPassed(),
                    started);
        }
    }

    /** The foresight of a piece of work from a day on. */
    public static Foresight of(Progress progress, LocalDate today, Speech speech) {
        return new Search(speech).from(progress.standing().on(today), progress.started());
    }

    /** Every position that is met, once each, nearest first. */
    public List<Position> positions() {
        return states.stream().map(state -> state.standing().at()).distinct().toList();
    }

    /** The search through what can happen, nearest first. */
    private static final class Search {
        private final Speech speech;
        private final List<Standing> found = new ArrayList<>();
        private final List<Boolean> started = new ArrayList<>();
        private final Map<Same, Integer> places = new HashMap<>();

        Search(Speech speech) {
            this.speech = speech;
        }

        Foresight from(Standing now, boolean any) {
            place(now, any);
            List<State> states = new ArrayList<>();
            for (int i = 0; i < found.size(); i++) {
                Standing here = found.get(i);
                states.add(new State(
                        here,
                        started.get(i) ? Judgement.of(here, speech) : Judgement.unstarted(here, speech),
                        place(here.then(attempt(here, here.ascent().bpm(here.at()), true)), true),
                        easier(here)
                                .map(bpm -> place(here.then(attempt(here, bpm, true)), true))
                                .orElse(OptionalInt.empty()),
                        place(here.then(attempt(here, here.ascent().bpm(here.at()), false)), true),
                        place(here.on(here.day().plusDays(1)), started.get(i))));
            }
            return new Foresight(states);
        }

        private static Attempt attempt(Standing here, Bpm bpm, boolean clean) {
            return new Attempt(bpm, clean, here.day());
        }

        /** The rung before on the tempo ladder. */
        private static Optional<Bpm> easier(Standing here) {
            Ascent ascent = here.ascent();
            OptionalInt tempo = ascent.climb().axis(AxisKind.TEMPO);
            if (tempo.isEmpty() || here.at().rung(tempo.getAsInt()) == 0) return Optional.empty();
            int axis = tempo.getAsInt();
            return Optional.of(ascent.climb().axes().get(axis).bpm(here.at().rung(axis) - 1));
        }

        private OptionalInt place(Standing standing, boolean any) {
            Same same = Same.of(standing, any);
            Integer known = places.get(same);
            if (known != null) return OptionalInt.of(known);
            if (found.size() == MOST_STATES) return OptionalInt.empty();
            places.put(same, found.size());
            found.add(standing);
            started.add(any);
            return OptionalInt.of(found.size() - 1);
        }
    }
}
