package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.core.tempo.SchemeKind;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocument.AxisPart;
import pebblestep.documents.ClimbDocument.RungPart;
import pebblestep.documents.ClimbDocument.SchemePart;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/**
 * A climb that is changed on the Bench, as a document: it may be one that cannot be climbed yet.
 *
 * @param step the step that grows; not needed for changes of the tempo's steps alone
 * @param player for whom; without one no position or school is added
 */
public record ClimbEditAsked(
        @Nullable StepDocument step, ClimbDocument climb, ClimbEdit edit, @Nullable PlayerDocument player) {
    /** Beats a minute by which a new tempo axis rises, and its steps; percent where the steps are that. */
    private static final int RISE = 24;

    private static final BigDecimal USUAL_STEP = BigDecimal.valueOf(4);
    private static final BigDecimal USUAL_PERCENT = BigDecimal.valueOf(5);

    /** Rungs that a new axis begins with: what the step is now and one further. */
    private static final int AT_FIRST = 2;

    private static final int USUAL_SLUR = 2;

    /** The changed climb. */
    public record ClimbEditAnswer(ClimbDocument climb) {}

    /** The climb with everything that follows from the change; refuses axes and rungs that there are not. */
    public ClimbEditAnswer answer() {
        ClimbDocument to = climb;
        if (edit.addAxis() != null) to = withAxis(to, edit.addAxis());
        if (edit.addRung() != null) to = withNextRung(to, edit.addRung());
        if (edit.takeRung() != null) to = withoutRung(to, edit.takeRung());
        if (edit.scheme() != null) to = inScheme(to, edit.scheme());
        if (edit.by() != null) to = withStep(to, edit.by());
        ClimbEdit.PatternAt pattern = edit.pattern();
        if (pattern != null) {
            to = withRung(
                    to,
                    new ClimbEdit.RungAt(pattern.axis(), pattern.rung()),
                    rung -> line(EditAsked.withPattern(step("change its line").line(), pattern.pattern())));
        }
        ClimbEdit.JoinedAt joined = edit.joined();
        if (joined != null) {
            to = withRung(
                    to, new ClimbEdit.RungAt(joined.axis(), joined.rung()), rung -> articulation(rung, joined.kind()));
        }
        return new ClimbEditAnswer(to);
    }

    private StepDocument step(String what) {
        if (step == null) throw Refusal.of("step", "Give the step, to " + what + ".");
        return step;
    }

    private Step read() {
        return Fields.under("step", () -> StepDocuments.read(step("let it grow")));
    }

    private ClimbDocument withAxis(ClimbDocument to, AxisKind kind) {
        List<AxisPart> axes = new ArrayList<>(to.axes());
        if (kind == AxisKind.TEMPO) {
            BigDecimal from = step("climb from its tempo").tempo().bpm();
            axes.addFirst(new AxisPart(
                    kind,
                    from,
                    Bpm.nearest(from.add(BigDecimal.valueOf(RISE))).value(),
                    new SchemePart(SchemeKind.FIXED, USUAL_STEP, null),
                    null));
        } else {
            List<RungPart> all = GrowthAsked.offered(kind, read(), player);
            boolean whole = kind == AxisKind.PLACE || kind == AxisKind.HANDS || kind == AxisKind.WALK;
            int most = whole ? all.size() : Math.min(AT_FIRST, all.size());
            axes.add(new AxisPart(kind, null, null, null, all.subList(0, most)));
        }
        return to.withAxes(axes);
    }

    private ClimbDocument withNextRung(ClimbDocument to, int axis) {
        Step read = read();
        List<AxisPart> axes = new ArrayList<>(to.axes());
        for (int i : GrowthAsked.together(to, require(to, axis))) {
            AxisPart one = axes.get(i);
            GrowthAsked.next(one, read, player).ifPresent(next -> {
                List<RungPart> rungs = new ArrayList<>(rungs(one));
                rungs.add(next);
                axes.set(axes.indexOf(one), one.withRungs(rungs));
            });
        }
        return to.withAxes(axes);
    }

    private static ClimbDocument withoutRung(ClimbDocument to, ClimbEdit.RungAt at) {
        List<AxisPart> axes = new ArrayList<>(to.axes());
        for (int i : GrowthAsked.together(to, require(to, at.axis()))) {
            List<RungPart> rungs = new ArrayList<>(rungs(axes.get(i)));
            if (at.rung() >= 0 && at.rung() < rungs.size()) rungs.remove(at.rung());
            axes.set(i, axes.get(i).withRungs(rungs));
        }
        return to.withAxes(axes);
    }

    private static ClimbDocument inScheme(ClimbDocument to, SchemeKind kind) {
        return withSchemes(to, scheme -> new SchemePart(kind, step(kind, scheme), forward(kind)));
    }

    private static @Nullable Integer forward(SchemeKind kind) {
        return kind == SchemeKind.BACK_STEP ? LadderScheme.USUAL_FORWARD : null;
    }

    /** Steps stay where they are of the same unit; the dial has its own marks. */
    private static @Nullable BigDecimal step(SchemeKind kind, SchemePart before) {
        if (kind == SchemeKind.DIAL) return null;
        if (kind == SchemeKind.PERCENT) return USUAL_PERCENT;
        BigDecimal by = before.by();
        return by == null || before.type() == SchemeKind.PERCENT ? USUAL_STEP : by;
    }

    private static ClimbDocument withStep(ClimbDocument to, BigDecimal by) {
        return withSchemes(
                to,
                scheme -> scheme.type() == SchemeKind.DIAL
                        ? scheme
                        : new SchemePart(scheme.type(), by, scheme.forward()));
    }

    private static ClimbDocument withSchemes(ClimbDocument to, UnaryOperator<SchemePart> change) {
        return to.withAxes(to.axes().stream()
                .map(axis -> axis.scheme() == null
                        ? axis
                        : new AxisPart(axis.axis(), axis.from(), axis.to(), change.apply(axis.scheme()), null))
                .toList());
    }

    private static ClimbDocument withRung(ClimbDocument to, ClimbEdit.RungAt at, UnaryOperator<RungPart> change) {
        List<AxisPart> axes = new ArrayList<>(to.axes());
        AxisPart axis = axes.get(require(to, at.axis()));
        List<RungPart> rungs = new ArrayList<>(rungs(axis));
        if (at.rung() < 0 || at.rung() >= rungs.size()) throw Refusal.of("edit", "There is no such rung.");
        rungs.set(at.rung(), change.apply(rungs.get(at.rung())));
        axes.set(at.axis(), axis.withRungs(rungs));
        return to.withAxes(axes);
    }

    private static RungPart line(StepDocument.LinePart line) {
        return RungPart.NONE.withLine(line);
    }

    private static RungPart articulation(RungPart rung, ArticulationKind kind) {
        StepDocument.ArticulationPart now = rung.articulation();
        Integer by = now == null || now.by() == null ? Integer.valueOf(USUAL_SLUR) : now.by();
        return RungPart.NONE.withArticulation(
                new StepDocument.ArticulationPart(kind, kind.isCounted() ? by : null, null, null, null));
    }

    private static List<RungPart> rungs(AxisPart axis) {
        return axis.rungs() == null ? List.of() : axis.rungs();
    }

    private static int require(ClimbDocument climb, int axis) {
        if (axis < 0 || axis >= climb.axes().size()) throw Refusal.of("edit", "There is no such axis.");
        return axis;
    }
}
