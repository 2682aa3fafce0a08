package pebblestep.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Rung;
import pebblestep.core.rhythm.Bpm;

/**
 * A run that is over: its laps, and how many of them were played to their end. What the student then says of it becomes
 * takes, one for each time through.
 *
 * @param laps in order, those that were not reached as well
 * @param finished how many were played to their end, from the first
 */
public record Ran(List<Lap> laps, int finished) {
    /** Seconds of one take, at most. */
    public static final int MOST_SECONDS = 3600;

    /**
     * Once through the line.
     *
     * @param at the rung it was on
     * @param bpm the tempo, which may be the student's own choice
     * @param others the rungs of other axes than tempo
     * @param student whether the student played: not while a call was listened to
     */
    public record Lap(Position at, Bpm bpm, List<Rung> others, boolean student) {
        public Lap {
            others = List.copyOf(others);
        }
    }

    /** A take as it is to be logged: what was played, how it went, and a word about it. */
    public record Said(Lap lap, Outcome outcome, Slipped slipped, String note) {
        private static Said clean(Lap lap) {
            return new Said(lap, Outcome.CLEAN, Slipped.NOTHING, "");
        }
    }

    /** Refuses a run without laps, and more finished laps than there are. */
    public Ran {
        laps = List.copyOf(laps);
        if (laps.isEmpty()) throw Refusal.of("laps", "A run has one lap at least.");
        if (finished < 0 || finished > laps.size()) {
            throw Refusal.of("finished", "Of " + laps.size() + " laps " + finished + " cannot be finished.");
        }
    }

    /** What the student played to its end, time by time. */
    public List<Lap> times() {
        return laps.stream().limit(finished).filter(Lap::student).toList();
    }

    /** The same, each rung once. */
    public List<Lap> rungs() {
        List<Lap> rungs = new ArrayList<>();
        for (Lap lap : times()) {
            if (rungs.isEmpty() || !rungs.getLast().at().equals(lap.at())) rungs.add(lap);
        }
        return rungs;
    }

    /** Whether it went on over more than one rung. */
    public boolean isRising() {
        return rungs().size() > 1;
    }

    /** Whether it was stopped before it was over. */
    public boolean isStopped() {
        return finished < laps.size();
    }

    /** Everything that was played to its end was clean. */
    public List<Said> clean() {
        return times().stream().map(Said::clean).toList();
    }

    /** Clean on so many of the rungs, and slips on the next where there is one. Refuses more rungs than there are. */
    public List<Said> cleanUpTo(int count) {
        List<Lap> rungs = rungs();
        if (count < 0 || count > rungs.size()) {
            throw Refusal.of("upTo", "There are " + rungs.size() + " rungs, not " + count + ".");
        }
        Set<Position> reached =
                Set.copyOf(rungs.stream().limit(count).map(Lap::at).toList());
        Stream<Said> clean =
                times().stream().filter(lap -> reached.contains(lap.at())).map(Said::clean);
        Stream<Said> missed =
                rungs.stream().skip(count).limit(1).map(lap -> new Said(lap, Outcome.SLIPS, Slipped.NOTHING, ""));
        return Stream.concat(clean, missed).toList();
    }

    /**
     * These times slipped and the others were clean.
     *
     * @param which times, counted from 1; those that there are not count nothing
     * @param note is said once, of the last of them
     */
    public List<Said> slips(Set<Integer> which, Slipped slipped, String note) {
        List<Lap> times = times();
        Optional<Integer> last =
                which.stream().filter(time -> time <= times.size()).max(Integer::compare);
        List<Said> said = new ArrayList<>();
        for (int time = 1; time <= times.size(); time++) {
            Lap lap = times.get(time - 1);
            if (!which.contains(time)) said.add(Said.clean(lap));
            else said.add(new Said(lap, Outcome.SLIPS, slipped, last.orElseThrow() == time ? note : ""));
        }
        return said;
    }

    /** It was broken off on the rung where it began, after these times slipped and the others were clean. */
    public List<Said> stopped(Set<Integer> which, Slipped slipped, String note) {
        List<Said> said = new ArrayList<>(slips(which, slipped, ""));
        said.add(new Said(laps.getFirst(), Outcome.STOPPED, slipped, note));
        return said;
    }

    /** How long each of so many takes took, in whole seconds, where all of them took so long; at most an hour. */
    public static int secondsEach(double seconds, int takes) {
        long each = Rounding.whole(Math.max(0, seconds) / Math.max(1, takes));
        return (int) Math.min(MOST_SECONDS, each);
    }
}
