package pebblestep.app.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.app.bench.ClimbViews.AxisView;
import pebblestep.app.bench.ClimbViews.MoveView;
import pebblestep.app.bench.ClimbViews.Practice;
import pebblestep.app.bench.ClimbViews.ProspectView;
import pebblestep.app.bench.ClimbViews.RungView;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Axis;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Outlook.Ahead;
import pebblestep.core.climb.Position;
import pebblestep.core.forecast.Prospect;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.passage.Player;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.exchange.Rounded;

/**
 * Says a climb in views.
 *
 * @param ascent the step and its climb
 * @param player for whom; for nobody in particular without
 * @param names what note values are called
 */
public record ClimbWorkings(Ascent ascent, Optional<Player> player, ValueNames names) {
    private static final int USUAL_MINUTES = 8;
    private static final int USUAL_DAYS = 5;

    /** Each axis with its rungs, the other axes as they stand. */
    List<AxisView> axes(Position at) {
        List<Axis> axes = ascent.climb().axes();
        return IntStream.range(0, axes.size())
                .mapToObj(i -> {
                    List<Position> along = IntStream.range(0, axes.get(i).size())
                            .mapToObj(rung -> ascent.climb().with(at, i, rung))
                            .toList();
                    List<RungView> rungs = Outlook.of(ascent, along, player).rungs().stream()
                            .map(ahead -> view(ahead, wordsOn(i, ahead.at().rung(i))))
                            .toList();
                    return new AxisView(
                            axes.get(i).kind().id(), axes.get(i).kind().words(), rungs);
                })
                .toList();
    }

    private String wordsOn(int axis, int rung) {
        return ascent.climb().axes().get(axis).rung(rung).inWords(ascent.step().meter(), names);
    }

    /** A rung with everything it is. */
    public RungView view(Ahead ahead) {
        return view(ahead, ascent.inWords(ahead.at(), names));
    }

    private RungView view(Ahead ahead, String words) {
        Duration total = ahead.load().total();
        return new RungView(
                ahead.at().rungs(),
                words,
                ascent.stageInWords(ahead.at(), names),
                ahead.step().tempo().bpm().value(),
                Rounded.of(ahead.notesPerSecond()),
                ahead.notes(),
                ahead.beats().toString(),
                seconds(total),
                InMinutes.of(total));
    }

    /** Whole seconds, rounded up. */
    static int seconds(Duration time) {
        return (int) ((time.toMillis() + 999) / 1000);
    }

    /** The moves that lead up from a rung. */
    public List<MoveView> moves(Position at) {
        return ascent.moves(at).stream()
                .map(move -> new MoveView(
                        move.axes().stream()
                                .map(kind -> kind.name().toLowerCase(Locale.ROOT))
                                .toList(),
                        move.to().rungs(),
                        ascent.inWords(move.to(), names),
                        move.sentence()))
                .toList();
    }

    /** When the climb is likely to be done. */
    public static ProspectView prospect(Outlook outlook, @Nullable Practice practice, double share, LocalDate today) {
        Integer minutes = practice == null ? null : practice.minutesADay();
        Integer days = practice == null ? null : practice.daysAWeek();
        Prospect prospect = Prospect.of(
                outlook,
                new Prospect.Practice(
                        minutes == null ? USUAL_MINUTES : minutes, days == null ? USUAL_DAYS : days, share),
                today,
                Optional.ofNullable(practice == null ? null : practice.by()));
        return new ProspectView(
                prospect.days(),
                prospect.done(),
                prospect.daysLate().orElse(null),
                prospect.enough().orElse(null),
                prospect.sentence());
    }
}
