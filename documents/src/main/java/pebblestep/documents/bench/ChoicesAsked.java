package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.line.PatternKind;
import pebblestep.core.line.Travel;
import pebblestep.core.metronome.PulseGrid;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.documents.PulseDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocument.LinePart;

/**
 * What there is to choose from for a step as it is; it may be one that cannot be played yet.
 *
 * @param bars how many bars its passage has, as far as one is known
 */
public record ChoicesAsked(StepDocument.KeyPart key, LinePart line, String meter, int bars, SpeechDocument speech) {
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
     * @param places where the line can start
     * @param targets on which places of a bar it can land
     * @param legStarts where a leg can begin
     * @param legPlaces where in the beat its first note can stand
     */
    public record ChoicesAnswer(
            boolean turns,
            List<Integer> from,
            boolean inversions,
            int beats,
            @Nullable String pattern,
            List<PlaceChoice> places,
            List<PlaceChoice> targets,
            List<LegStart> legStarts,
            List<LegPlace> legPlaces) {}

    /** A place, from the downbeat, and how it is counted. */
    public record PlaceChoice(String place, String words) {}

    /** Where a leg begins: at the turn, with a bar, or with a note. */
    public record LegStart(@Nullable Boolean turn, @Nullable Integer bar, @Nullable Integer note, String words) {}

    /** Where in the beat a leg stands; absent where it follows on. */
    public record LegPlace(@Nullable String place, String words) {}

    /** The choices; a meter or form that there is not leaves those of the usual ones. */
    public ChoicesAnswer answer() {
        Meter meter = inMeter();
        CountSchool school = speech.read().school();
        List<PulseGrid.Place> places = PulseGrid.places(meter);
        boolean turns = turns(line);
        List<Integer> chord = line.pattern() == PatternKind.ARPEGGIO ? chord() : List.of();
        return new ChoicesAnswer(
                turns,
                chord.isEmpty() ? IntStream.rangeClosed(1, size()).boxed().toList() : chord,
                !chord.isEmpty(),
                meter.beats(),
                Catalogue.patternOf(line),
                places.stream().map(one -> choice(one, meter, school)).toList(),
                places.stream()
                        .filter(one -> one.at().signum() >= 0)
                        .map(one -> choice(one, meter, school))
                        .toList(),
                legStarts(turns),
                legPlaces(meter, school));
    }

    private static PlaceChoice choice(PulseGrid.Place place, Meter meter, CountSchool school) {
        return new PlaceChoice(place.at().toString(), PulseDocument.words(place.at(), meter, school));
    }

    /** Whether a line has a turning note. */
    static boolean turns(LinePart line) {
        Travel travel = line.travel() == null ? Travel.UP_DOWN : line.travel();
        return travel.turns();
    }

    private Meter inMeter() {
        try {
            return Meter.parse(meter);
        } catch (Refusal e) {
            return Meter.all().getFirst();
        }
    }

    private @Nullable Form form() {
        try {
            return Forms.of(key.form());
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
        for (int bar = 2; bar <= Math.min(MOST_BARS, bars); bar++) {
            starts.add(new LegStart(null, bar, null, "from bar " + bar));
        }
        for (int note : NOTES) starts.add(new LegStart(null, null, note, "from note " + note));
        return starts;
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
