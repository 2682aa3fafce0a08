package pebblestep.app.progress;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.Ascents;
import pebblestep.app.bench.ClimbViews.Practice;
import pebblestep.app.bench.ClimbWorkings;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.progress.ForecastViews.DayView;
import pebblestep.app.progress.ForecastViews.GoalForecast;
import pebblestep.app.progress.ForecastViews.MilestoneView;
import pebblestep.app.progress.ForecastViews.StepForecast;
import pebblestep.app.progress.ForecastViews.WhatIf;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.DayBest;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Goal;
import pebblestep.core.forecast.Milestones;
import pebblestep.core.forecast.TheilSen;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.Rounded;

/** How a student's climb stands, and whether its goal will be met. */
@Service
class ForecastService {
    private static final int PERCENT = 100;
    private static final int DAYS_A_WEEK = 7;

    /** Days drawn past the goal, so that its line does not stand at the edge. */
    private static final int PAST_GOAL = 4;

    /** A goal further away than this is drawn no further. */
    private static final int FURTHEST_DRAWN = 200;

    private final AssignmentService assignments;
    private final PracticeService practice;
    private final StudentService students;
    private final Clock clock;

    ForecastService(AssignmentService assignments, PracticeService practice, StudentService students, Clock clock) {
        this.assignments = assignments;
        this.practice = practice;
        this.students = students;
        this.clock = clock;
    }

    /** The forecast of an assignment, with what is asked about in the place of what is planned. */
    @Transactional(readOnly = true)
    public StepForecast of(long studioId, long assignmentId, WhatIf what) {
        LocalDate today = LocalDate.now(clock);
        Assigned assigned = assignments.get(studioId, assignmentId);
        Player player = students.player(studioId, assigned.studentId());
        Work work = practice.works(List.of(assigned), player).get(assigned.id());
        Judgement judgement = Judgement.of(work, today);
        Standing standing = work.standing(today);
        Ascent now = standing.ascent();
        Position at = standing.at();
        Ascent ascent = what.climb() == null ? now : Ascents.climbOf(now.step(), what.climb(), "climb");
        Position from = what.climb() == null ? at : ascent.nearest(now, at);
        ClimbWorkings workings = new ClimbWorkings(ascent, Optional.of(player), ValueNames.AMERICAN);
        Outlook outlook = Outlook.of(ascent, from, Optional.of(player));
        Optional<Double> own = work.cleanShare(today.minusDays(Forecast.WINDOW_DAYS));
        double share = own.orElse(Outlook.USUAL_CLEAN_SHARE);
        Optional<Goal> goal = goal(assigned, what);
        boolean done = what.climb() == null && standing.topPassed();
        return new StepForecast(
                assigned.id(),
                assigned.title(),
                work.key().toString(),
                judgement.kind().name().toLowerCase(Locale.ROOT),
                judgement.sentence(),
                ClimbDocuments.write(ascent.climb()),
                from.rungs(),
                workings.view(outlook.rungs().get(0)),
                done ? 0 : outlook.rungs().size(),
                workings.moves(from),
                assigned.minutesADay(),
                (int) Math.round(PERCENT * share),
                own.isPresent(),
                done
                        ? null
                        : ClimbWorkings.prospect(
                                outlook,
                                practice(assigned, what, goal.map(Goal::date).orElse(null)),
                                share,
                                today),
                goal.map(wanted -> forecast(work, ascent, from, wanted, today)).orElse(null));
    }

    private static Practice practice(Assigned assigned, WhatIf what, @Nullable LocalDate by) {
        Practice asked = what.practice();
        return new Practice(
                asked == null || asked.minutesADay() == null
                        ? Integer.valueOf(assigned.minutesADay())
                        : asked.minutesADay(),
                asked == null ? null : asked.daysAWeek(),
                by);
    }

    private static Optional<Goal> goal(Assigned assigned, WhatIf what) {
        LocalDate by = what.practice() == null ? null : what.practice().by();
        Optional<Bpm> bpm = Optional.ofNullable(what.bpm())
                .map(ForecastService::bpm)
                .or(() -> assigned.goal().map(goal -> goal.tempo().bpm()));
        Optional<LocalDate> date =
                Optional.ofNullable(by).or(() -> assigned.goal().map(Goal::date));
        if (bpm.isEmpty() && date.isPresent()) {
            // A day without a tempo means the top of the climb.
            bpm = Optional.of(assigned.now().bpm(assigned.now().climb().last()));
        }
        return bpm.isEmpty() || date.isEmpty() ? Optional.empty() : Optional.of(assigned.goal(bpm.get(), date.get()));
    }

    private static Bpm bpm(BigDecimal number) {
        try {
            return Bpm.of(number);
        } catch (Refusal e) {
            throw e.at("bpm");
        }
    }

    private static GoalForecast forecast(Work work, Ascent ascent, Position at, Goal goal, LocalDate today) {
        List<DayBest> bests = work.dayBests();
        Forecast forecast = Forecast.of(bests, goal, today);
        List<MilestoneView> milestones =
                forecast.now().map(now -> Milestones.of(ascent, at, now, goal, today)).orElse(List.of()).stream()
                        .map(one -> new MilestoneView(
                                one.by(), one.at().rungs(), ascent.inWords(one.at(), ValueNames.AMERICAN)))
                        .toList();
        return new GoalForecast(
                goal.tempo().bpm().value(),
                goal.date(),
                goal.value().toString(),
                forecast.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'),
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
                forecast.projected().orElse(null),
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
            days.add(day(forecast, day, ChronoUnit.DAYS.between(today, day), best));
        }
        return days;
    }

    private static DayView day(Forecast forecast, LocalDate day, long x, @Nullable Double best) {
        if (forecast.line().isEmpty() || forecast.now().isEmpty())
            return new DayView(day, best, null, null, null, null);
        TheilSen line = forecast.line().get();
        double now = forecast.now().get();
        Goal goal = forecast.goal();
        boolean ahead = x >= 0;
        LocalDate last = forecast.bests().get(forecast.bests().size() - 1).day();
        return new DayView(
                day,
                best,
                day.isAfter(last) ? null : Double.valueOf(bpm(goal, line.at(x))),
                ahead ? Double.valueOf(bpm(goal, now + line.slope() * x)) : null,
                ahead ? Double.valueOf(bpm(goal, now + line.lower() * x)) : null,
                ahead ? Double.valueOf(bpm(goal, now + line.upper() * x)) : null);
    }

    private static LocalDate earlier(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? a : b;
    }
}
