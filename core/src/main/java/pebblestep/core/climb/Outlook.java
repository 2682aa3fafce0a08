package pebblestep.core.climb;

import java.time.Duration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;
import pebblestep.core.minutes.Load;
import pebblestep.core.minutes.Repetition;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Tempo;

/**
 * What a climb will take, known before it is begun: every rung with its time, the least time of all, and how many days it
 * is likely to be.
 *
 * @param rungs from the first to the last
 */
public record Outlook(List<Ahead> rungs, Rules rules) {
    /** Share of clean takes where a student has played too few to tell (an assumption of ours, no source). */
    public static final double USUAL_CLEAN_SHARE = 0.8;

    /**
     * A rung that lies ahead.
     *
     * @param at where it is
     * @param step the step there
     * @param load what playing it on a day takes
     * @param notesPerSecond in the shortest value
     * @param notes attacks of the line
     * @param beats from the first note to the start of the last
     */
    public record Ahead(Position at, Step step, Load load, double notesPerSecond, int notes, Fraction beats) {
        /** The least that passes it: as many takes as have to be clean. */
        public Duration least(Rules rules) {
            return load.times(rules.cleanToPass()).total();
        }
    }

    public Outlook {
        rungs = List.copyOf(rungs);
    }

    /** Notes that a climb may have to be worked out for: three times the largest that is planned, and tens of milliseconds. */
    private static final long MOST_NOTES = 30_000;

    /** Refuses a climb with so many different and so long rungs that working them out would keep everybody waiting. */
    public static Ascent requireFew(Ascent ascent) {
        Set<Step> seen = new HashSet<>();
        long notes = 0;
        for (Position at : ascent.moves().routeFrom(ascent.climb().first())) {
            Step step = ascent.at(at);
            Step same = step.withTempo(step.tempo().at(ascent.step().tempo().bpm()));
            if (seen.add(same)) notes += same.noteCount();
            if (notes > MOST_NOTES) {
                throw Refusal.of("axes", "The rungs of this climb have more than " + MOST_NOTES + " notes in all.")
                        .fits("Fewer rungs on one of its axes, or a shorter line.");
            }
        }
        return ascent;
    }

    /** The outlook from a rung on; refuses rungs that do not fit the player, saying which. */
    public static Outlook of(Ascent ascent, Position from, @Nullable Player player, Speech speech) {
        return of(ascent, ascent.moves().routeFrom(from), player, speech);
    }

    /** The outlook over any rungs of an ascent, in that order. */
    public static Outlook of(Ascent ascent, List<Position> positions, @Nullable Player player, Speech speech) {
        Climb climb = ascent.climb();
        Map<Step, Length> known = new HashMap<>();
        List<Ahead> rungs = positions.stream()
                .map(at -> {
                    Step step = ascent.at(at);
                    Tempo tempo = step.tempo();
                    // Rungs that differ by their tempo alone have the same bars.
                    Length length = known.computeIfAbsent(
                            step.withTempo(tempo.at(ascent.step().tempo().bpm())),
                            same -> length(same, ascent, at, player, speech));
                    return new Ahead(
                            at,
                            step,
                            Load.of(length.repetition, tempo, climb.repetitions()),
                            tempo.notesPerSecond(step.rhythm().quickest()),
                            step.noteCount(),
                            length.line.dividedBy(tempo.beat()));
                })
                .toList();
        return new Outlook(rungs, climb.rules());
    }

    /** Whole bars of a repetition, and the line itself from its first note to the start of its last. */
    private record Length(Repetition repetition, Fraction line) {}

    private static Length length(Step step, Ascent ascent, Position at, @Nullable Player player, Speech speech) {
        try {
            Timing timing = Timing.of(step);
            return new Length(
                    Repetition.of(Passage.of(step, player)),
                    timing.last().at().minus(timing.attacks().get(0).at()));
        } catch (Refusal e) {
            String where = ascent.words(speech).at(at);
            Refusal refused = Refusal.of("axes", "The rung \"" + where + "\" cannot be played: " + e.getMessage());
            throw e.fits().map(refused::fits).orElse(refused);
        }
    }

    /** The least practice: every rung clean at the first tries, with its count-in and its rest. */
    public Duration least() {
        return rungs.stream().map(rung -> rung.least(rules)).reduce(Duration.ZERO, Duration::plus);
    }

    /** The fewest days: as many rungs a day as the rules allow, every one at the first tries. */
    public int leastDays() {
        return (rungs.size() + rules.rungsADay() - 1) / rules.rungsADay();
    }

    /**
     * Takes until so many in a row are clean, on average: (p^-n - 1) / (1 - p) for a share p of clean takes (the mean of
     * the waiting time for a run of successes; Feller, An Introduction to Probability Theory I, chapter XIII.7).
     */
    public static double takesToPass(int cleanInRow, double share) {
        if (share >= 1) return cleanInRow;
        return (Math.pow(share, -cleanInRow) - 1) / (1 - share);
    }

    /**
     * The likely number of practice days, with that much time for this step each day: the takes a student of that share
     * needs, no more rungs a day than the rules allow. Stepping back is not reckoned with.
     *
     * @param share of takes that are clean, above 0 and up to 1
     */
    public int likelyDays(Duration aDay, double share) {
        return walk(aDay, share, Integer.MAX_VALUE).days;
    }

    /**
     * The rung on which the student is likely to be after so many practice days; the last one when the climb is done. In the
     * same reckoning as {@link #likelyDays}.
     */
    public Ahead likelyAfter(int practiceDays, Duration aDay, double share) {
        int passed = practiceDays <= 0 ? 0 : walk(aDay, share, practiceDays).passed;
        return rungs.get(Math.min(passed, rungs.size() - 1));
    }

    /** So many rungs were passed in so many days. */
    private record Walked(int days, int passed) {}

    private Walked walk(Duration aDay, double share, int mostDays) {
        if (share <= 0 || share > 1) throw Refusal.of("share", "The share of clean takes lies above 0 and up to 1.");
        if (aDay.isZero() || aDay.isNegative()) throw Refusal.of("minutes", "Practice takes at least a minute a day.");
        int days = 1;
        int today = 0;
        int passed = 0;
        double left = aDay.toMillis();
        for (Ahead rung : rungs) {
            double needs = millis(rung, takesToPass(rules.cleanToPass(), share));
            while (needs > 0) {
                if (today == rules.rungsADay() || left <= 0) {
                    if (days == mostDays) return new Walked(days, passed);
                    days++;
                    today = 0;
                    left = aDay.toMillis();
                }
                double spent = Math.min(needs, left);
                needs -= spent;
                left -= spent;
            }
            today++;
            passed++;
        }
        return new Walked(days, passed);
    }

    /** Count-in, takes and rest of a rung. */
    private static double millis(Ahead rung, double takes) {
        double playing = rung.load().countIn().toMillis()
                + takes * rung.load().repetition().toMillis();
        return playing
                + Load.restFor(Duration.ofMillis(Rounding.whole(playing))).toMillis();
    }
}
