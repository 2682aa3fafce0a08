package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.line.PatternKind;
import pebblestep.core.line.Travel;
import pebblestep.core.metronome.PulseGrid;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocument.LinePart;
import pebblestep.documents.StepDocuments;

/** What there is to choose from for a step as it is; it may be one that cannot be played yet. */
public record ChoicesAsked(StepDocument step, SpeechDocument speech) {
    private static final int MOST_BARS = 8;
    private static final List<Integer> NOTES = List.of(2, 3, 5, 8, 9, 15, 16);
    private static final int MOST_DEGREES = 7;

    /**
     * Choices that depend on the step.
     *
     * @param turns whether the line has a turning note
     * @param from notes of the form on which the line can start
     * @param inversions whether those are the inversions of a chord
     * @param beats beats of a bar
     * @param pattern the pattern of the catalogue that the line has; null for one of one's own
     * @param legStarts where a leg can begin
     * @param legPlaces where in the beat its first note can stand
     */
    public record ChoicesAnswer(
            boolean turns,
            List<Integer> from,
            boolean inversions,
            int beats,
            @Nullable String pattern,
            List<LegStart> legStarts,
            List<LegPlace> legPlaces) {}

    /** Where a leg begins: at the turn, with a bar, or with a note. */
    public record LegStart(@Nullable Boolean turn, @Nullable Integer bar, @Nullable Integer note, String words) {}

    /** Where in the beat a leg stands; absent where it follows on. */
    public record LegPlace(@Nullable String place, String words) {}

    /** The choices; a meter or form that there is not leaves those of the usual ones. */
    public ChoicesAnswer answer() {
        Meter meter = meter();
        boolean turns = turns(step.line());
        List<Integer> chord = step.line().pattern() == PatternKind.ARPEGGIO ? chord() : List.of();
        return new ChoicesAnswer(
                turns,
                chord.isEmpty() ? IntStream.rangeClosed(1, size()).boxed().toList() : chord,
                !chord.isEmpty(),
                meter.beats(),
                Catalogue.patternOf(step.line()),
                legStarts(turns),
                legPlaces(meter, speech.read().school()));
    }

    /** Whether a line has a turning note. */
    static boolean turns(LinePart line) {
        Travel travel = line.travel() == null ? Travel.UP_DOWN : line.travel();
        return travel.turns();
    }

    private Meter meter() {
        try {
            return Meter.parse(step.rhythm().meter());
        } catch (Refusal e) {
            return Meter.all().getFirst();
        }
    }

    private @Nullable Form form() {
        try {
            return Forms.of(step.key().form());
        } catch (Refusal e) {
            return null;
        }
    }

    private int size() {
        Form form = form();
        return form == null ? MOST_DEGREES : form.size();
    }

    private List<Integer> chord() {
        Form form = form();
        return form == null
                ? List.of()
                : form.chord().stream().map(place -> place + 1).toList();
    }

    private List<LegStart> legStarts(boolean turns) {
        List<LegStart> starts = new ArrayList<>();
        if (turns) starts.add(new LegStart(true, null, null, "the way back"));
        for (int bar = 2; bar <= Math.min(MOST_BARS, bars()); bar++) {
            starts.add(new LegStart(null, bar, null, "from bar " + bar));
        }
        for (int note : NOTES) starts.add(new LegStart(null, null, note, "from note " + note));
        return starts;
    }

    private int bars() {
        try {
            return Passage.of(StepDocuments.read(step)).bars();
        } catch (Refusal e) {
            return 1;
        }
    }

    private static List<LegPlace> legPlaces(Meter meter, CountSchool school) {
        List<LegPlace> places = new ArrayList<>();
        places.add(new LegPlace(null, "follows on"));
        Fraction beat = meter.lengthOf(1);
        for (PulseGrid.Place one : PulseGrid.places(meter)) {
            Fraction at = one.at();
            if (at.signum() < 0 || !at.isLessThan(beat)) continue;
            places.add(new LegPlace(at.toString(), words(one.count(), school)));
        }
        return places;
    }

    private static String words(Count count, CountSchool school) {
        return count.isOnBeat() ? "on the next beat" : count.inBeat(school);
    }
}
