package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Rounding;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.DayBest;
import pebblestep.core.forecast.Estimate;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Goal;
import pebblestep.core.forecast.Habit;
import pebblestep.core.forecast.Milestones;
import pebblestep.core.forecast.Pace;
import pebblestep.core.forecast.Prospect.Climber;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.JudgementKind;
import pebblestep.core.practice.Progress;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.Rounded;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.StepForecast.DayView;
import pebblestep.documents.bench.StepForecast.GoalForecast;
import pebblestep.documents.bench.StepForecast.MilestoneView;
import pebblestep.documents.bench.StepForecast.ReckonedView;
import pebblestep.documents.bench.StepForecast.StandsView;

/** How a student's climb stands and will go on, with what is asked about in the place of what is planned. */
public record ForecastAsked(ForecastGround ground, WhatIf what, LocalDate today) {
    private static final int PERCENT = 100;
    private static final int DAYS_A_WEEK = 7;

    /** Days drawn past the goal, so that its line does not stand at the edge. */
    private static final int PAST_GOAL = 4;

    /** A goal further away than this is drawn no further. */
    private static final int FURTHEST_DRAWN = 200;

    /**
     * What if: each thing that is given takes the place of what is planned; nothing is kept.
     *
     * @param practice minutes a day, days a week, and the day by which it should be met
     * @param bpm the tempo to be met
     * @param climb another climb
     */
    public record WhatIf(@Nullable Practice practice, @Nullable BigDecimal bpm, @Nullable ClimbDocument climb) {}

    /** Works it out; refuses what cannot be asked about by its field. */
    public StepForecast answer() {
        Player player = ground.player().read();
        Speech speech = ground.speech().read();
        Step step = StepDocuments.read(ground.step());
        Ascent now = Ascent.of(step, ClimbDocuments.read(ground.climb()));
        Progress progress = ground.progress().read(Passage.writtenKey(step, player), now);
        Standing standing = progress.standing().on(today);
        Position at = standing.at();
        Ascent ascent = what.climb() == null ? now : Asked.ascent(step, what.climb(), "climb");
        Position from = what.climb() == null ? at : ascent.nearest(now, at);
        // What does not fit any more is said, and reckoned as if it did; another climb that is asked about has to fit.
        Optional<Misfit> misfit = what.climb() == null ? Misfit.ahead(ascent, from, player) : Optional.empty();
        Ascent reckoned = misfit.isEmpty() ? ascent : Ascent.of(step.inAnyOctave(), ascent.climb());
        ClimbWorkings workings = new ClimbWorkings(ascent, Optional.of(player), speech);
        Outlook outlook = Outlook.of(reckoned, from, misfit.isEmpty() ? player : null, speech);
        double share = ground.cleanShare() == null ? Outlook.USUAL_CLEAN_SHARE : ground.cleanShare();
        Optional<Goal> goal = goal(now);
        Climber climber = new Climber(
                Pace.of(progress.climbed(today), ground.studio().read()),
                progress.habit(today, ground.daysAWeek()),
                ground.minutesADay());
        // The day of a goal that lies below the top says nothing about the whole climb.
        Optional<LocalDate> wholeBy = goal.filter(
                        wanted -> Estimate.rungsTo(wanted, ascent, from).orElse(0)
                                == outlook.rungs().size())
                .map(Goal::date);
        Practice practice = practice(wholeBy.orElse(null));
        boolean done = what.climb() == null && standing.topPassed();
        Judgement judgement = Judgement.of(progress, today, speech);
        List<DayBest> bests =
                ground.bests().stream().map(ForecastGround.BestPart::read).toList();
        return new StepForecast(
                ground.assignmentId(),
                ground.title(),
                progress.key().toString(),
                ClimbDocuments.write(ascent.climb()),
                new StandsView(
                        misfit.isEmpty() ? judgement.kind() : JudgementKind.MISFIT,
                        misfit.map(one -> one.sentence(speech)).orElse(judgement.sentence()),
                        from.rungs(),
                        workings.view(outlook.rungs().getFirst()),
                        done ? 0 : outlook.rungs().size(),
                        workings.moves(from)),
                new ReckonedView(
                        ground.minutesADay(),
                        Rounded.of(climber.habit().daysAWeek()),
                        (int) Rounding.whole(PERCENT * share),
                        ground.cleanShare() != null),
                done ? null : ClimbWorkings.prospect(outlook, practice, share, climber, today),
                goal.map(wanted -> {
                            Estimate estimate =
                                    estimate(wanted, standing, ascent, outlook, practice, share, climber, today);
                            return forecast(bests, ascent, from, wanted, estimate, today, speech);
                        })
                        .orElse(null));
    }

    /**
     * When the goal is met: by as many rungs as lead to it, with the practice that is asked about. Null where the climb
     * ends below it.
     */
    private static @Nullable Estimate estimate(
            Goal goal,
            Standing standing,
            Ascent ascent,
            Outlook outlook,
            Practice practice,
            double share,
            Climber climber,
            LocalDate today) {
        OptionalInt rungs =
                Estimate.rungsTo(goal, ascent, outlook.rungs().getFirst().at());
        if (rungs.isEmpty()) return null;
        boolean there = standing.topPassed() && standing.ascent().equals(ascent);
        int ahead = there ? 0 : rungs.getAsInt();
        Integer minutes = practice.minutesADay();
        Integer days = practice.daysAWeek();
        return Estimate.of(
                ahead,
                climber.with(minutes == null ? climber.minutes() : minutes, outlook, share),
                days == null ? climber.habit() : Habit.aWeek(days),
                today);
    }

    private Practice practice(@Nullable LocalDate by) {
        Practice asked = what.practice();
        return new Practice(
                asked == null || asked.minutesADay() == null
                        ? Integer.valueOf(ground.minutesADay())
                        : asked.minutesADay(),
                asked == null ? null : asked.daysAWeek(),
                by);
    }

    /** What is asked about, or else what is planned; a day without a tempo means the top of the climb as it is. */
    private Optional<Goal> goal(Ascent now) {
        Optional<ForecastGround.GoalPart> planned = Optional.ofNullable(ground.goal());
        LocalDate by = what.practice() == null ? null : what.practice().by();
        Optional<LocalDate> date = Optional.ofNullable(by).or(() -> planned.map(ForecastGround.GoalPart::date));
        Optional<Bpm> bpm = Optional.ofNullable(what.bpm())
                .map(ForecastAsked::bpm)
                .or(() -> planned.map(goal -> Bpm.of(goal.bpm())))
                .or(() -> date.map(day -> now.bpm(now.climb().last())));
        if (bpm.isEmpty() || date.isEmpty()) return Optional.empty();
        Step top = now.at(now.climb().last());
        return Optional.of(new Goal(top.tempo().at(bpm.get()), top.rhythm().quickest(), date.get()));
    }

    private static Bpm bpm(BigDecimal number) {
        return Fields.at("bpm", () -> Bpm.of(number));
    }

    private static GoalForecast forecast(
            List<DayBest> bests,
            Ascent ascent,
            Position at,
            Goal goal,
            @Nullable Estimate estimate,
            LocalDate today,
            Speech speech) {
        Forecast forecast = Forecast.of(bests, goal, estimate, today);
        List<MilestoneView> milestones =
                forecast.now().map(now -> Milestones.of(ascent, at, now, goal, today)).orElse(List.of()).stream()
                        .map(one -> new MilestoneView(
                                one.by(), one.at().rungs(), ascent.words(speech).at(one.at())))
                        .toList();
        return new GoalForecast(
                goal.tempo().bpm().value(),
                goal.date(),
                goal.value().toString(),
                forecast.kind(),
                forecast.sentence(),
                forecast.now().map(rate -> bpm(goal, rate)).orElse(null),
                forecast.neededAWeek().map(rate -> bpm(goal, rate)).orElse(null),
                forecast.gainAWeek().map(rate -> bpm(goal, rate)).orElse(null),
                forecast.line()
                        .map(line -> bpm(goal, DAYS_A_WEEK * line.lower()))
                        .orElse(null),
                forecast.line()
                        .map(line -> bpm(goal, DAYS_A_WEEK * line.upper()))
                        .orElse(null),
                forecast.estimate().map(Estimate::early).orElse(null),
                forecast.projected().orElse(null),
                forecast.estimate().map(Estimate::late).orElse(null),
                picture(forecast, today),
                milestones);
    }

    private static double bpm(Goal goal, double rate) {
        return Rounded.of(goal.bpmOf(rate));
    }

    private static List<DayView> picture(Forecast forecast, LocalDate today) {
        Goal goal = forecast.goal();
        Map<LocalDate, Double> bests =
                forecast.bests().stream().collect(Collectors.toMap(DayBest::day, DayBest::notesPerSecond));
        LocalDate first =
                forecast.bests().isEmpty() ? today : forecast.bests().get(0).day();
        LocalDate goalDay = goal.date().isAfter(today) ? goal.date() : today;
        LocalDate end = earlier(goalDay.plusDays(PAST_GOAL), today.plusDays(FURTHEST_DRAWN));
        List<DayView> days = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(end); day = day.plusDays(1)) {
            Double best = bests.containsKey(day) ? bpm(goal, bests.get(day)) : null;
            days.add(day(forecast, today, day, best));
        }
        return days;
    }

    /** A day of the picture: what was played and the line through it, and from today on the way to the goal. */
    private static DayView day(Forecast forecast, LocalDate today, LocalDate day, @Nullable Double best) {
        long x = ChronoUnit.DAYS.between(today, day);
        Goal goal = forecast.goal();
        boolean lined = forecast.line().isPresent()
                && !day.isAfter(forecast.bests().getLast().day());
        return new DayView(
                day,
                best,
                lined ? bpm(goal, forecast.line().orElseThrow().at(x)) : null,
                way(forecast, today, x, Estimate::likely),
                way(forecast, today, x, Estimate::late),
                way(forecast, today, x, Estimate::early));
    }

    /** The tempo of a day ahead, where the goal is met on a day of the estimate; null behind, and where it is met. */
    private static @Nullable Double way(Forecast forecast, LocalDate today, long x, Function<Estimate, LocalDate> met) {
        if (x < 0 || forecast.now().isEmpty() || forecast.estimate().isEmpty()) return null;
        Estimate estimate = forecast.estimate().get();
        double now = forecast.now().get();
        double missing = forecast.goal().notesPerSecond() - now;
        long days = ChronoUnit.DAYS.between(today, met.apply(estimate));
        long last = ChronoUnit.DAYS.between(today, estimate.late());
        if (missing <= 0 || days <= 0 || x > last) return null;
        return bpm(forecast.goal(), now + missing * Math.min(1, (double) x / days));
    }

    private static LocalDate earlier(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? a : b;
    }
}
