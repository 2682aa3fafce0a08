package pebblestep.documents.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Rounding;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Axis;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Outlook.Ahead;
import pebblestep.core.climb.Position;
import pebblestep.core.forecast.Habit;
import pebblestep.core.forecast.Pace;
import pebblestep.core.forecast.Prospect;
import pebblestep.core.forecast.Prospect.Climber;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.passage.Player;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.Fields;
import pebblestep.documents.Rounded;
import pebblestep.documents.bench.ClimbAnswer.AxisView;
import pebblestep.documents.bench.ClimbAnswer.MoveView;
import pebblestep.documents.bench.ClimbAnswer.ProspectView;
import pebblestep.documents.bench.ClimbAnswer.RungView;

/**
 * Says a climb in views.
 *
 * @param ascent the step and its climb
 * @param player for whom; for nobody in particular without
 * @param speech what note values are called
 */
public record ClimbWorkings(Ascent ascent, Optional<Player> player, Speech speech) {
    private static final int PERCENT = 100;
    private static final int USUAL_MINUTES = 8;
    private static final int USUAL_DAYS = 5;

    /** Each axis with its rungs, the other axes as they stand. */
    public List<AxisView> axes(Position at) {
        List<Axis> axes = ascent.climb().axes();
        return IntStream.range(0, axes.size())
                .mapToObj(i -> {
                    List<Position> along = IntStream.range(0, axes.get(i).size())
                            .mapToObj(rung -> ascent.climb().with(at, i, rung))
                            .toList();
                    List<RungView> rungs = Outlook.of(ascent, along, player.orElse(null), speech).rungs().stream()
                            .map(ahead -> view(ahead, wordsOn(i, ahead.at().rung(i))))
                            .toList();
                    return new AxisView(axes.get(i).kind(), axes.get(i).kind().words(), rungs, each(rungs));
                })
                .toList();
    }

    private static @Nullable String each(List<RungView> rungs) {
        String beats = rungs.getFirst().beats();
        return rungs.size() > 1 && rungs.stream().allMatch(rung -> rung.beats().equals(beats)) ? beats : null;
    }

    private String wordsOn(int axis, int rung) {
        return ascent.climb().axes().get(axis).rung(rung).inWords(ascent.step().meter(), speech);
    }

    /** A rung with everything it is. */
    public RungView view(Ahead ahead) {
        return view(ahead, ascent.words(speech).at(ahead.at()));
    }

    private RungView view(Ahead ahead, String words) {
        Duration total = ahead.load().total();
        return new RungView(
                ahead.at().rungs(),
                words,
                ascent.words(speech).stage(ahead.at()),
                ahead.step().tempo().bpm().value(),
                Rounded.of(ahead.notesPerSecond()),
                ahead.notes(),
                ahead.beats().toString(),
                seconds(total),
                InMinutes.of(total));
    }

    /** Whole seconds, rounded up. */
    public static int seconds(Duration time) {
        return (int) ((time.toMillis() + 999) / 1000);
    }

    /** The moves that lead up from a rung. */
    public List<MoveView> moves(Position at) {
        return ascent.moves().up(at).stream()
                .map(move -> new MoveView(
                        move.axes(), move.to().rungs(), ascent.words(speech).at(move.to()), move.sentence()))
                .toList();
    }

    /** The whole climb from a rung on, with when it is likely to be done. */
    public ClimbAnswer answer(Position at, With with) {
        Outlook outlook = Outlook.of(ascent, at, player.orElse(null), speech);
        double share = with.cleanShare.orElse(Outlook.USUAL_CLEAN_SHARE);
        return new ClimbAnswer(
                at.rungs(),
                ascent.climb().levels(),
                axes(at),
                outlook.rungs().stream().map(this::view).toList(),
                InMinutes.ofHours(outlook.least()),
                outlook.leastDays(),
                moves(at),
                prospect(outlook, with.practice, share, likeTheStudio(with.studio), with.today),
                (int) Rounding.whole(PERCENT * share),
                with.cleanShare.isPresent());
    }

    /**
     * What an answer is reckoned with.
     *
     * @param cleanShare the student's own share of clean takes
     * @param studio how everybody in the studio climbs
     */
    public record With(@Nullable Practice practice, Optional<Double> cleanShare, Pace.Seen studio, LocalDate today) {}

    /** How somebody climbs of whom nothing is seen on this climb: as the studio does, on as many days as is usual. */
    public static Climber likeTheStudio(Pace.Seen studio) {
        return new Climber(Pace.of(Pace.Seen.NOTHING, studio), Habit.aWeek(USUAL_DAYS), USUAL_MINUTES);
    }

    /** When the climb is likely to be done. */
    public static ProspectView prospect(
            Outlook outlook, @Nullable Practice practice, double share, Climber climber, LocalDate today) {
        Integer minutes = practice == null ? null : practice.minutesADay();
        Prospect prospect = Prospect.of(
                outlook,
                Fields.under(
                        "practice",
                        () -> new Prospect.Practice(
                                minutes == null ? climber.minutes() : minutes,
                                practice == null ? null : practice.daysAWeek(),
                                share)),
                climber,
                today,
                practice == null ? null : practice.by());
        return new ProspectView(
                prospect.days(),
                prospect.estimate().early(),
                prospect.estimate().likely(),
                prospect.estimate().late(),
                prospect.estimate().pace().source(),
                prospect.daysLate().orElse(null),
                prospect.enough().orElse(null),
                prospect.sentence());
    }
}
