package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Climb;
import pebblestep.core.forecast.Prospect;
import pebblestep.core.harmony.Company;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.line.ChordSize;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.metronome.PulseGrid.Snap;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Material;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.RequiredScale;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.core.voice.WhichHands;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** Everything there is to choose from, and to how many students it can be given at once. */
public record Catalogue(
        List<String> tonics,
        List<FormChoice> forms,
        List<PatternChoice> patterns,
        List<Choice<AxisKind>> axes,
        List<Choice<ArticulationKind>> articulations,
        List<Choice<Level>> levels,
        List<String> families,
        List<Clef> clefs,
        List<ValueChoice> values,
        List<FigureChoice> figures,
        List<String> meters,
        List<Choice<Metronome.Clicks>> clicks,
        List<Choice<Groove>> grooves,
        List<Choice<Metronome.Drone>> drones,
        List<Choice<Company.Style>> chords,
        List<Choice<WhichHands>> hands,
        List<Choice<Target.Arriving>> arriving,
        List<Choice<Travel>> travels,
        List<SnapChoice> snaps,
        List<RangeChoice> ranges,
        AmountsPart amounts,
        BoundsPart bounds,
        FirstPart first,
        KeysPart keys,
        int studentsAtOnce) {
    /** To so many students something can be given at once. */
    public static final int STUDENTS_AT_ONCE = 60;

    private static final int FIRST_FIVE = 5;

    /** The fields that make each pattern. */
    private static final List<PatternLine> PATTERN_LINES = Material.patterns().stream()
            .map(one -> new PatternLine(one.id(), StepDocuments.lineOf(one.line())))
            .toList();

    private record PatternLine(String id, StepDocument.LinePart line) {}

    /** Something to choose: the name in documents, and in words. */
    public record Choice<E extends Enum<E> & Identified>(E id, String name) {
        private static <E extends Enum<E> & Identified> List<Choice<E>> of(Class<E> set, Function<E, String> name) {
            return Stream.of(set.getEnumConstants())
                    .map(one -> new Choice<>(one, name.apply(one)))
                    .toList();
        }
    }

    /**
     * What a round through the keys can be made of.
     *
     * @param tonics keys to begin in
     */
    public record KeysPart(
            List<Choice<KeyOrder>> orders,
            List<Choice<FormSet>> forms,
            List<Choice<KeyPlan.Pace>> paces,
            List<String> tonics) {
        private static final KeysPart WHOLE = new KeysPart(
                Choice.of(KeyOrder.class, KeyOrder::words),
                Choice.of(FormSet.class, FormSet::words),
                Choice.of(KeyPlan.Pace.class, KeyPlan.Pace::words),
                KeyOrder.fourths().stream().map(NoteName::id).toList());
    }

    /** A form to choose, with its family for grouping, one line about it, and its degrees in words. */
    public record FormChoice(String id, String name, String family, String description, String degrees) {}

    /** A note value: as a fraction of a whole note, and its name for several in both vocabularies. */
    public record ValueChoice(String value, String plural, String british) {}

    /** A figure that goes by a name. */
    public record FigureChoice(String id, String name, List<String> figure) {}

    /**
     * What moves a start by; for a division of the beat the value it is, by whose name it goes.
     *
     * @param words for one that is no value
     */
    public record SnapChoice(Snap id, @Nullable String value, String words) {}

    /**
     * Numbers to choose from.
     *
     * @param strikes of each note
     * @param lengths for a note that is held
     * @param swings pairs, straight first
     * @param silences bars that sound and bars that do not
     * @param slurs notes in a slur
     * @param accents every so many notes
     * @param bowShares of the bow, for each stroke
     * @param countIns bars that are counted before the line
     * @param climbing what the rules of a climb can be
     */
    public record AmountsPart(
            List<Integer> strikes,
            List<String> lengths,
            List<String> swings,
            List<StepDocument.SilentPart> silences,
            List<Integer> slurs,
            List<Integer> accents,
            List<String> bowShares,
            List<Integer> countIns,
            ClimbingPart climbing) {
        private static final AmountsPart USUAL = new AmountsPart(
                List.of(1, 2, 3, 4, 6, 8),
                List.of("1/4", "3/8", "1/2", "3/4", "1"),
                List.of("1:1", "3:2", "2:1", "3:1"),
                List.of(silence(1, 1), silence(2, 1), silence(2, 2), silence(3, 1), silence(4, 4)),
                List.of(2, 3, 4, 6, 8, 12, 16),
                List.of(2, 3, 4, 6, 8),
                List.of("1", "1/2", "1/3", "1/4", "1/8"),
                upTo(0, 4),
                new ClimbingPart(
                        upTo(1, 6), upTo(1, 6), upTo(1, 8), upTo(1, 12), List.of(50, 60, 70, 75, 80, 85, 90, 100)));

        private static List<Integer> upTo(int from, int to) {
            return IntStream.rangeClosed(from, to).boxed().toList();
        }

        private static StepDocument.SilentPart silence(int sounding, int silent) {
            return new StepDocument.SilentPart(sounding, silent);
        }
    }

    /**
     * Numbers for the rules of a climb.
     *
     * @param clean tries in a row that pass a rung
     * @param misses tries in a row after which one rung is given up
     * @param rungsADay most rungs in a day
     * @param repetitions of a rung in a day
     * @param restarts percent of the tempo at which it starts again
     */
    public record ClimbingPart(
            List<Integer> clean,
            List<Integer> misses,
            List<Integer> rungsADay,
            List<Integer> repetitions,
            List<Integer> restarts) {}

    /** The least and the most that a number can be. */
    public record Bounds(double least, double most) {}

    /**
     * Within what typed numbers lie.
     *
     * @param bpm beats a minute
     * @param by steps of a ladder, in beats a minute or percent
     * @param forward rungs before one back
     * @param minutes a day, for one step
     * @param studentMinutes a day, of a student
     * @param dayMinutes a day, for everything
     * @param daysAWeek days of practice in a week
     * @param weeks for which something is given
     * @param octaves of a required scale
     */
    public record BoundsPart(
            Bounds bpm,
            Bounds by,
            Bounds forward,
            Bounds minutes,
            Bounds studentMinutes,
            Bounds dayMinutes,
            Bounds daysAWeek,
            Bounds weeks,
            Bounds octaves) {
        private static final BoundsPart WHOLE = new BoundsPart(
                new Bounds(Bpm.SLOWEST.doubleValue(), Bpm.FASTEST.doubleValue()),
                new Bounds(0.5, 60),
                new Bounds(2, 60),
                new Bounds(1, Prospect.MOST_MINUTES),
                new Bounds(5, FitAsked.MOST_MINUTES),
                new Bounds(1, FitAsked.MOST_MINUTES),
                new Bounds(1, 7),
                new Bounds(1, 52),
                new Bounds(1, RequiredScale.MOST_OCTAVES));
    }

    /** What lies on an empty Bench: an octave in eighths from beat 1, and a tempo ladder by fours. */
    public record FirstPart(StepDocument step, ClimbDocument climb) {
        private static final FirstPart USUAL = new FirstPart(
                StepDocuments.write(new Step(
                        "",
                        Key.of(NoteName.parse("C"), Forms.of("major")),
                        Step.Named.CONCERT,
                        Line.straight(Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, 1),
                        Optional.empty(),
                        Rhythm.of(Meter.parse("4/4"), Figure.even(Fraction.parse("1/8")), Fraction.ZERO),
                        Target.USUAL,
                        new Tempo(Fraction.parse("1/4"), Bpm.of(72)),
                        Articulation.SEPARATE,
                        Metronome.USUAL)),
                ClimbDocuments.write(Climb.tempo(Bpm.of(60), Bpm.of(96), LadderScheme.fixed(4))));
    }

    /** How far a line goes: octaves, or a span of notes. */
    public record RangeChoice(@Nullable Integer octaves, @Nullable Integer span, String name) {}

    /** A way through the notes of a form: its name, other words it is found by, and one line about it. */
    public record PatternChoice(String id, String name, String also, String description) {}

    /** All of it. */
    public static final Catalogue WHOLE = new Catalogue(
            everyTonic(),
            Forms.all().stream().map(Catalogue::form).toList(),
            Material.patterns().stream()
                    .map(one -> new PatternChoice(one.id(), one.name(), one.also(), one.description()))
                    .toList(),
            Choice.of(AxisKind.class, AxisKind::words),
            Choice.of(ArticulationKind.class, ArticulationKind::words),
            Choice.of(Level.class, Level::words),
            Instruments.all().stream().map(Instrument::family).distinct().toList(),
            List.of(Clef.values()),
            Figure.values().stream()
                    .map(value -> new ValueChoice(
                            value.toString(),
                            ValueName.plural(value, ValueNames.AMERICAN),
                            ValueName.plural(value, ValueNames.BRITISH)))
                    .toList(),
            Figures.all().stream()
                    .map(named -> new FigureChoice(
                            named.id(), named.name(), named.figure().cycle()))
                    .toList(),
            Meter.all().stream().map(Meter::toString).toList(),
            Choice.of(Metronome.Clicks.class, Metronome.Clicks::words),
            Choice.of(Groove.class, groove -> groove.id() + ", " + groove.words()),
            Choice.of(Metronome.Drone.class, Metronome.Drone::words),
            Choice.of(Company.Style.class, Company.Style::words),
            Choice.of(WhichHands.class, WhichHands::words),
            Choice.of(Target.Arriving.class, note -> note.words().isEmpty() ? "the last note" : note.words()),
            Choice.of(Travel.class, Travel::words),
            List.of(
                    new SnapChoice(Snap.CLICKS, null, "clicks"),
                    new SnapChoice(Snap.EIGHTHS, "1/8", "eighths"),
                    new SnapChoice(Snap.SIXTEENTHS, "1/16", "sixteenths"),
                    new SnapChoice(Snap.TRIPLETS, null, "triplets")),
            everyRange(),
            AmountsPart.USUAL,
            BoundsPart.WHOLE,
            FirstPart.USUAL,
            KeysPart.WHOLE,
            STUDENTS_AT_ONCE);

    /** The pattern that a line has; null for one of one's own, such as a sequence with another cell. */
    static @Nullable String patternOf(StepDocument.LinePart line) {
        return PATTERN_LINES.stream()
                .filter(one -> one.line.pattern() == line.pattern()
                        && chord(one.line) == chord(line)
                        && Objects.equals(one.line.cell(), line.cell()))
                .map(PatternLine::id)
                .findFirst()
                .orElse(null);
    }

    private static ChordSize chord(StepDocument.LinePart line) {
        return line.chord() == null ? ChordSize.TRIAD : line.chord();
    }

    private static FormChoice form(Form form) {
        String up = words(form.ascending());
        return new FormChoice(
                form.id(),
                form.name(),
                form.family(),
                form.description(),
                form.sameBothWays() ? up : up + " / " + words(form.descending()));
    }

    private static List<RangeChoice> everyRange() {
        return Stream.concat(
                        IntStream.rangeClosed(1, 4)
                                .mapToObj(octaves -> new RangeChoice(
                                        octaves, null, Extent.octaves(octaves).inWords())),
                        Stream.of(3, 4, 5, 6, 7, 9, 11, 12, 13, 15, 17)
                                .map(span -> new RangeChoice(
                                        null,
                                        span,
                                        span == FIRST_FIVE
                                                ? "first five notes"
                                                : Extent.span(span).inWords())))
                .toList();
    }

    private static String words(List<Degree> degrees) {
        return String.join(" ", degrees.stream().map(Degree::toString).toList());
    }

    /** The twelve by fourths, then the other spellings that a signature can hold. */
    private static List<String> everyTonic() {
        List<String> tonics =
                new ArrayList<>(KeyOrder.fourths().stream().map(NoteName::id).toList());
        tonics.addAll(List.of("F#", "C#", "Cb", "G#", "D#", "A#"));
        return tonics;
    }
}
