package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.climb.Standing;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Key;

/** A student's keys in an order, each with what has been done in it. */
public record KeyPath(List<Stone> stones) {
    /** Rings of a stone whose target is reached. */
    public static final int MOST_RINGS = 4;

    public KeyPath {
        stones = List.copyOf(stones);
    }

    /**
     * One key of the path.
     *
     * @param tonic as the order spells it
     * @param rings how far the climb of the furthest form is passed, 0 to 4
     * @param forms each form practised or assigned in this key
     */
    public record Stone(NoteName tonic, int rings, List<FormProgress> forms) {
        public Stone {
            forms = List.copyOf(forms);
        }
    }

    /**
     * One form of a key.
     *
     * @param key as the student reads it
     * @param rings as for the stone
     * @param takes how many there are
     * @param clean how many of them were clean
     * @param bestBpm fastest clean take
     * @param bestNotesPerSecond the same as notes a second; of several note values the fastest
     * @param lastDay day of the last take
     * @param judgement where the student stands
     * @param slips what slipped in it
     * @param reviews of what is learned in it, the next that comes back
     */
    public record FormProgress(
            Key key,
            int rings,
            int takes,
            int clean,
            Optional<Bpm> bestBpm,
            Optional<Double> bestNotesPerSecond,
            Optional<LocalDate> lastDay,
            Judgement judgement,
            SlipCount slips,
            Optional<Reviews> reviews) {
        /** Whether something learned is overdue, or its last review was not clean. */
        public boolean isFading(LocalDate today) {
            return reviews.filter(review -> review.failed() > 0 || review.dueIn(today) < 0)
                    .isPresent();
        }
    }

    /**
     * The path through these tonics; work in a key that sounds like a tonic of the order belongs to its stone. A walk counts in
     * every key that it goes through on the rung where the student stands.
     */
    public static KeyPath of(List<NoteName> order, List<Progress> works, LocalDate today, Speech speech) {
        List<InKey> met =
                works.stream().flatMap(work -> keys(work, today).stream()).toList();
        List<Stone> stones = new ArrayList<>();
        for (NoteName tonic : order) {
            Map<Form, List<InKey>> byForm = new LinkedHashMap<>();
            for (InKey work : met) {
                if (work.key.tonic().pitchClass() == tonic.pitchClass()) {
                    byForm.computeIfAbsent(work.key.form(), form -> new ArrayList<>())
                            .add(work);
                }
            }
            List<FormProgress> forms = byForm.values().stream()
                    .map(inForm -> progress(inForm, today, speech))
                    .toList();
            stones.add(new Stone(
                    tonic, forms.stream().mapToInt(FormProgress::rings).max().orElse(0), forms));
        }
        return new KeyPath(stones);
    }

    /**
     * Rings for rungs passed: none before the first, one from then on, one more for each further quarter of the climb;
     * the fourth only with the last rung itself.
     */
    public static int rings(Standing standing) {
        if (standing.topPassed()) return MOST_RINGS;
        int left = standing.ascent().moves().routeFrom(standing.at()).size();
        int all = Math.max(left, standing.ascent().moves().route().size());
        int passed = all - left;
        return passed == 0 ? 0 : Math.max(1, MOST_RINGS * passed / all);
    }

    /** A work in one of its keys, with what slipped there. */
    private record InKey(Key key, Progress work, SlipCount slips) {}

    /** A work in each key it goes through now. */
    private static List<InKey> keys(Progress work, LocalDate today) {
        Standing standing = work.standing().on(today);
        return work.slips().byKey(standing.ascent().at(standing.at()), work.key()).entrySet().stream()
                .map(met -> new InKey(met.getKey(), work, met.getValue()))
                .toList();
    }

    private static FormProgress progress(List<InKey> met, LocalDate today, Speech speech) {
        InKey last = met.stream()
                .max(Comparator.comparing(one -> one.work.last().orElse(LocalDate.MIN)))
                .orElseThrow();
        Progress latest = last.work;
        List<Progress> works = met.stream().map(InKey::work).toList();
        Optional<Progress.Best> fastest = works.stream()
                .flatMap(work -> work.best().stream())
                .max(Comparator.comparing(Progress.Best::notesPerSecond));
        return new FormProgress(
                last.key,
                works.stream()
                        .mapToInt(work -> rings(work.standing().on(today)))
                        .max()
                        .orElse(0),
                works.stream().mapToInt(Progress::takes).sum(),
                works.stream().mapToInt(Progress::clean).sum(),
                fastest.map(Progress.Best::bpm),
                fastest.map(Progress.Best::notesPerSecond),
                latest.last(),
                Judgement.of(latest, today, speech),
                met.stream().map(InKey::slips).reduce(SlipCount.NONE, SlipCount::plus),
                works.stream().flatMap(work -> work.reviews().stream()).min(Comparator.comparing(Reviews::due)));
    }
}
