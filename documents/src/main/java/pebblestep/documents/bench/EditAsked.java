package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.metronome.PulseGrid;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Material;
import pebblestep.core.passage.Metronome;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.documents.Fields;
import pebblestep.documents.RhythmFields;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocument.KeyPart;
import pebblestep.documents.StepDocument.LandingPart;
import pebblestep.documents.StepDocument.LegPart;
import pebblestep.documents.StepDocument.LinePart;
import pebblestep.documents.StepDocument.MetronomePart;
import pebblestep.documents.StepDocument.RhythmPart;
import pebblestep.documents.StepDocument.TempoPart;
import pebblestep.documents.StepDocument.VoicePart;
import pebblestep.documents.StepDocuments;

/**
 * A step that is changed on the Bench. It is changed as a document, because it may be one that cannot be played yet: what is
 * typed is never lost over a form that it does not fit.
 */
public record EditAsked(StepDocument step, StepEdit edit) {
    private static final int USUAL_SLUR = 4;
    private static final int NOTE_WITHOUT_TURN = 5;
    private static final int SECOND_BEAT = 2;
    private static final String ON_THE_BEAT = "0";
    private static final String OFF_THE_BEAT = "1/8";

    /** The changed step. */
    public record EditAnswer(StepDocument step) {}

    /** The step with everything that follows from the change; refuses what there is not. */
    public EditAnswer answer() {
        StepDocument to = step;
        if (edit.form() != null) to = inForm(to, edit.form());
        if (edit.meter() != null) to = inMeter(to, Meter.parse(edit.meter()));
        if (edit.pattern() != null) to = to.withLine(withPattern(to.line(), edit.pattern()));
        if (edit.lands() != null) to = to.withLanding(landing(to, Fraction.parse(edit.lands())));
        StepEdit.Nudge nudge = edit.nudge();
        if (nudge != null) to = placed(to, rhythm -> PulseGrid.nudged(rhythm, nudge.by(), nudge.snap()));
        StepEdit.Near near = edit.near();
        if (near != null) to = placed(to, rhythm -> PulseGrid.nearest(rhythm, near.x(), near.snap()));
        if (edit.shorter() != null) to = to.withRhythm(shorter(to.rhythm(), edit.shorter()));
        if (edit.faster() != null) to = to.withTempo(faster(to.tempo(), edit.faster()));
        if (edit.bpm() != null) to = to.withTempo(at(to.tempo(), edit.bpm()));
        if (edit.joined() != null) to = joined(to, edit.joined());
        if (edit.clicks() != null) to = to.withMetronome(clicking(to, edit.clicks()));
        if (edit.clickOn() != null) to = to.withMetronome(clickOn(to.metronome(), edit.clickOn()));
        if (edit.tapOn() != null) to = to.withMetronome(tapOn(to.metronome(), edit.tapOn()));
        if (Boolean.TRUE.equals(edit.addLeg())) to = to.withRhythm(withLeg(to));
        if (edit.leg() != null) to = to.withRhythm(withLeg(to.rhythm(), edit.leg()));
        return new EditAnswer(to);
    }

    private static StepDocument inForm(StepDocument step, String form) {
        KeyPart key = step.key();
        return step.withKey(new KeyPart(key.tonic(), form, key.named()))
                .withLine(step.line().withFrom(1));
    }

    private static StepDocument inMeter(StepDocument step, Meter meter) {
        MetronomePart clicks = step.metronome().withFoot(within(step.metronome().foot(), meter.beats()));
        Meter before = Meter.parse(step.rhythm().meter());
        return step.withVoices(later(step.voices(), before, meter))
                .withRhythm(step.rhythm()
                        .withMeter(meter.toString())
                        .withPlace(ON_THE_BEAT)
                        .withLegs(null))
                .withLanding(new LandingPart(1, null, step.landing().note()))
                .withTempo(new TempoPart(meter.pulse().toString(), step.tempo().bpm()))
                .withMetronome(
                        clicks.click() == Metronome.Clicks.CHOSEN
                                ? clicks.withClick(Metronome.Clicks.BEATS).withBeats(null)
                                : clicks);
    }

    /** Voices that came in bars or beats later do so in the bars and beats of the other meter. */
    private static @Nullable List<VoicePart> later(@Nullable List<VoicePart> voices, Meter before, Meter now) {
        if (voices == null) return null;
        return voices.stream()
                .map(voice -> voice.delay() == null ? voice : voice.withDelay(later(voice.delay(), before, now)))
                .toList();
    }

    private static String later(String delay, Meter before, Meter now) {
        Fraction by = Fields.at("voices", () -> Fraction.parse(delay));
        Fraction bars = by.dividedBy(before.bar());
        if (bars.denominator() == 1) return now.bar().times(bars).toString();
        Fraction beats = by.dividedBy(before.lengthOf(1));
        return beats.denominator() == 1 ? now.lengthOf(1).times(beats).toString() : delay;
    }

    private static @Nullable List<Integer> within(@Nullable List<Integer> beats, int most) {
        if (beats == null) return null;
        List<Integer> left = beats.stream().filter(beat -> beat <= most).toList();
        return left.isEmpty() ? null : left;
    }

    /** A line with another pattern: range, travel and turn stay where they can. */
    static LinePart withPattern(LinePart line, String id) {
        LinePart other = StepDocuments.lineOf(Material.pattern(id).line());
        int needed = other.octaves() == null ? 1 : other.octaves();
        return new LinePart(
                other.pattern(),
                line.octaves() == null ? null : Integer.valueOf(Math.max(line.octaves(), needed)),
                line.span(),
                line.travel(),
                line.turn(),
                1,
                other.cell(),
                other.targets(),
                other.degrees(),
                other.moved(),
                other.chord(),
                line.enter(),
                line.passing(),
                line.register());
    }

    /** A beat where one stands there, else the place itself. */
    private static LandingPart landing(StepDocument step, Fraction at) {
        Meter meter = Meter.parse(step.rhythm().meter());
        for (int beat = 1; beat <= meter.beats(); beat++) {
            if (meter.positionOf(beat).equals(at))
                return new LandingPart(beat, null, step.landing().note());
        }
        return new LandingPart(null, at.toString(), step.landing().note());
    }

    private static StepDocument placed(StepDocument step, Function<Rhythm, Fraction> place) {
        Fraction at = Fields.under("step", () -> place.apply(RhythmFields.read(step.rhythm())));
        return step.withRhythm(step.rhythm().withPlace(at.toString()));
    }

    /** The next shorter of the even values; at either end nothing changes. */
    private static RhythmPart shorter(RhythmPart rhythm, int by) {
        List<String> values = Figure.values().stream().map(Fraction::toString).toList();
        int at = values.indexOf(rhythm.figure().getFirst()) + by;
        return at < 0 || at >= values.size() ? rhythm : rhythm.withFigure(List.of(values.get(at)));
    }

    private static TempoPart faster(TempoPart tempo, int by) {
        BigDecimal bpm = tempo.bpm().add(BigDecimal.valueOf(by)).setScale(1, RoundingMode.HALF_UP);
        return new TempoPart(tempo.beat(), Bpm.nearest(bpm).value());
    }

    private static TempoPart at(TempoPart tempo, BigDecimal bpm) {
        BigDecimal tenths = bpm.setScale(1, RoundingMode.HALF_UP);
        return new TempoPart(
                tempo.beat(), Fields.at("edit.bpm", () -> Bpm.of(tenths)).value());
    }

    private static StepDocument joined(StepDocument step, ArticulationKind kind) {
        StepDocument.ArticulationPart now = step.articulation();
        Integer by = now.by() == null ? Integer.valueOf(USUAL_SLUR) : now.by();
        return step.withArticulation(new StepDocument.ArticulationPart(
                kind, kind.isCounted() ? by : null, now.accentEvery(), now.bow(), now.bowShare()));
    }

    private static MetronomePart clicking(StepDocument step, Metronome.Clicks clicks) {
        int beats = Meter.parse(step.rhythm().meter()).beats();
        return step.metronome()
                .withClick(clicks)
                .withBeats(clicks == Metronome.Clicks.CHOSEN ? List.of(Math.min(SECOND_BEAT, beats)) : null);
    }

    /** One beat at least has to click; without any there is "no clicks". */
    private static MetronomePart clickOn(MetronomePart metronome, int beat) {
        List<Integer> beats = toggled(metronome.beats(), beat);
        return beats.isEmpty() ? metronome : metronome.withBeats(beats);
    }

    private static MetronomePart tapOn(MetronomePart metronome, int beat) {
        List<Integer> beats = toggled(metronome.foot(), beat);
        return metronome.withFoot(beats.isEmpty() ? null : beats);
    }

    private static List<Integer> toggled(@Nullable List<Integer> beats, int beat) {
        TreeSet<Integer> set = new TreeSet<>(beats == null ? List.of() : beats);
        if (!set.remove(beat)) set.add(beat);
        return List.copyOf(set);
    }

    private static RhythmPart withLeg(StepDocument step) {
        boolean turns = ChoicesAsked.turns(step.line());
        List<LegPart> legs = legs(step.rhythm());
        legs.add(
                turns
                        ? new LegPart(true, null, null, null, OFF_THE_BEAT)
                        : new LegPart(null, null, NOTE_WITHOUT_TURN, null, OFF_THE_BEAT));
        return step.rhythm().withLegs(legs);
    }

    /** A leg that changes nothing is none: what is left without figure and place keeps the other of the two. */
    private static RhythmPart withLeg(RhythmPart rhythm, StepEdit.LegChange change) {
        List<LegPart> legs = legs(rhythm);
        if (change.at() < 0 || change.at() >= legs.size()) throw Refusal.of("edit.leg", "There is no such leg.");
        LegPart leg = legs.get(change.at());
        boolean empty = change.figure() == null && change.place() == null;
        boolean hadFigure = leg.figure() != null;
        List<String> figure = empty && !hadFigure ? rhythm.figure() : change.figure();
        String place = empty && hadFigure ? ON_THE_BEAT : change.place();
        legs.set(change.at(), new LegPart(leg.turn(), leg.bar(), leg.note(), figure, place));
        return rhythm.withLegs(legs);
    }

    private static List<LegPart> legs(RhythmPart rhythm) {
        return new ArrayList<>(rhythm.legs() == null ? List.of() : rhythm.legs());
    }
}
