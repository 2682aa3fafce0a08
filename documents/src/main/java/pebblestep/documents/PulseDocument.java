package pebblestep.documents;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.metronome.PulseGrid;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * The pulse ribbon as JSON. Beside each exact position stands {@code x}, the same as a number of whole notes, for
 * drawing only.
 *
 * @param starts the place of the first note, as the studio counts it
 * @param arrives the place of the note that arrives
 * @param place where the first note stands
 * @param lands the place in the bar on which the last note should fall
 */
public record PulseDocument(
        double from,
        double to,
        double bar,
        double click,
        List<TickPart> ticks,
        List<Double> attacks,
        double target,
        String starts,
        String arrives,
        PlacePart place,
        String lands,
        @Nullable List<VoiceRowPart> rows) {

    /** One click of the grid, with its count and what is said there; weight 0 on a downbeat, 1 on another beat, 2 between beats. */
    public record TickPart(double x, int bar, String count, String said, int weight) {}

    /**
     * Where a line starts.
     *
     * @param words how it is counted
     * @param ms from the downbeat, at the step's tempo; negative before it
     * @param at how many of the places where a line can start come before it
     * @param of how many there are
     */
    public record PlacePart(String place, String words, double ms, int at, int of) {}

    /**
     * The attacks of a further voice.
     *
     * @param target where its last note should have fallen
     */
    public record VoiceRowPart(List<Double> attacks, double target, boolean lands) {}

    private static @Nullable List<VoiceRowPart> rows(Passage passage) {
        if (passage.parts().isEmpty()) return null;
        return passage.parts().stream()
                .map(part -> {
                    Landing landing = Landing.of(part, passage.step());
                    return new VoiceRowPart(
                            part.notes().stream()
                                    .map(note -> note.at().toDouble())
                                    .toList(),
                            landing.target().toDouble(),
                            landing.lands());
                })
                .toList();
    }

    /** The grid of a passage. */
    public static PulseDocument of(Passage passage, Landing landing, CountSchool school) {
        PulseGrid grid = PulseGrid.of(passage, landing, school);
        Step step = passage.step();
        return new PulseDocument(
                grid.from().toDouble(),
                grid.to().toDouble(),
                passage.step().meter().bar().toDouble(),
                grid.click().toDouble(),
                grid.ticks().stream()
                        .map(tick -> new TickPart(
                                tick.at().toDouble(), tick.bar(), tick.count().toString(), tick.said(), tick.weight()))
                        .toList(),
                passage.notes().stream().map(note -> note.at().toDouble()).toList(),
                landing.target().toDouble(),
                Count.of(passage.step().place(), passage.step().meter()).inShort(school),
                landing.count().inShort(school),
                place(step, school),
                step.target().in(step.meter()).toString(),
                rows(passage));
    }

    private static PlacePart place(Step step, CountSchool school) {
        List<PulseGrid.Place> places = PulseGrid.places(step.meter());
        int before = (int)
                places.stream().filter(one -> one.at().isLessThan(step.place())).count();
        return new PlacePart(
                step.place().toString(),
                words(step.place(), step.meter(), school),
                Rounded.of(step.tempo().millis(step.place())),
                before,
                places.size());
    }

    /** A place where a line can start, as a studio says it. */
    public static String words(Fraction at, Meter meter, CountSchool school) {
        return Count.of(at, meter).inWords(school) + (at.signum() < 0 ? ", in the bar before" : "");
    }
}
