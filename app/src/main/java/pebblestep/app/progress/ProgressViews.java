package pebblestep.app.progress;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.app.bench.ClimbViews.MoveView;
import pebblestep.app.practice.TakeOutcome;

/** What the takes say, as shown. */
public final class ProgressViews {
    private ProgressViews() {}

    /** A student's last take. */
    public record LastTakeView(LocalDate day, int daysAgo, BigDecimal bpm, TakeOutcome outcome) {}

    /** One thing a student works on: tempo reached, target, where they stand, and what the teacher has to pick from. */
    public record DeskWork(
            long assignmentId,
            String title,
            String key,
            BigDecimal bpm,
            BigDecimal target,
            @Nullable BigDecimal bestBpm,
            @Nullable Double bestNotesPerSecond,
            int rings,
            String kind,
            String sentence,
            List<MoveView> picks) {}

    /** One student on the desk. */
    public record DeskLine(
            long studentId, String name, String instrument, @Nullable LastTakeView last, List<DeskWork> works) {}

    /** One form of a key on the path. */
    public record FormView(
            String key,
            String form,
            int rings,
            int takes,
            int clean,
            @Nullable BigDecimal bestBpm,
            @Nullable Double bestNotesPerSecond,
            @Nullable LocalDate lastDay,
            String kind,
            String sentence) {}

    /** One stone of the path. */
    public record StoneView(String tonic, int rings, List<FormView> forms) {}

    /** A student's keys in their order. */
    public record KeyPathView(String student, String instrument, int mostRings, List<StoneView> stones) {}
}
