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

/**
 * The pulse ribbon as JSON. Beside each exact position stands {@code x}, the same as a number of whole notes, for
 * drawing only.
 *
 * @param starts the place of the first note, as the studio counts it
 * @param arrives the place of the note that arrives
 * @param place the place of the first note among the places; null where it is none of them
 * @param lands the place in the bar on which the last note should fall
 * @param targets the places on which it can, those of one bar from the downbeat on
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
        @Nullable PlacePart place,
        String lands,
        List<PlacePart> targets,
        List<PlacePart> places) {

    /** One click of the grid, with its count and what is said there; weight 0 on a downbeat, 1 on another beat, 2 between beats. */
    public record TickPart(double x, int bar, String count, String said, int weight) {}

    /** A place where the line could start: its exact position, its count, how that is said, and the divisions it belongs to. */
    public record PlacePart(
            String place, double x, String count, String words, double ms, List<PulseGrid.Grid> grids) {}

    /** The grid of a passage. */
    public static PulseDocument of(Passage passage, Landing landing, CountSchool school) {
        PulseGrid grid = PulseGrid.of(passage, school);
        Step step = passage.step();
        List<PlacePart> places = grid.places().stream()
                .map(place -> part(place, passage, school))
                .toList();
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
                places.stream()
                        .filter(one -> one.place.equals(step.place().toString()))
                        .findFirst()
                        .orElse(null),
                step.target().in(step.meter()).toString(),
                places.stream().filter(one -> one.x >= 0).toList(),
                places);
    }

    private static PlacePart part(PulseGrid.Place place, Passage passage, CountSchool school) {
        Fraction at = place.at();
        String words = place.count().inWords(school) + (at.signum() < 0 ? ", in the bar before" : "");
        return new PlacePart(
                at.toString(),
                at.toDouble(),
                place.count().toString(),
                words,
                Rounded.of(passage.step().tempo().millis(at)),
                List.copyOf(place.grids()));
    }
}
