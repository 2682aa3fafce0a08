package pebblestep.app.lessons;

import java.time.Clock;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.goals.GoalService;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.lessons.LessonViews.DayMinutes;
import pebblestep.app.lessons.LessonViews.LearnerPart;
import pebblestep.app.lessons.LessonViews.LessonCard;
import pebblestep.app.lessons.LessonViews.LessonTimes;
import pebblestep.app.lessons.LessonViews.MovedView;
import pebblestep.app.lessons.LessonViews.PractisedPart;
import pebblestep.app.lessons.LessonViews.ReportView;
import pebblestep.app.lessons.LessonViews.SlipView;
import pebblestep.app.platform.Found;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.WordService;
import pebblestep.app.progress.DeskService;
import pebblestep.app.progress.ProgressViews.DeskWork;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentService.Enrolled;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Days;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Standing;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.StepWords;
import pebblestep.core.practice.Came;
import pebblestep.core.practice.Entry;
import pebblestep.core.practice.MonthReport;
import pebblestep.core.practice.RequiredKind;
import pebblestep.core.practice.SlipCount;
import pebblestep.core.practice.SlipTally;
import pebblestep.core.practice.Take;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Speech;

/** What a lesson needs in one look, and what parents are told of a month. */
@Service
public class LessonService {
    private static final int WEEK = 7;
    private static final int MOST_DAYS = 28;
    private static final int SECONDS = 60;
    private static final int NOTES = 5;

    private final StudentService students;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final DeskService desk;
    private final KeyPlanService plans;
    private final GoalService goals;
    private final WordService words;
    private final LessonNotes notes;
    private final SettingsService settings;
    private final Clock clock;

    LessonService(
            StudentService students,
            AssignmentService assignments,
            PracticeService practice,
            DeskService desk,
            KeyPlanService plans,
            GoalService goals,
            WordService words,
            LessonNotes notes,
            SettingsService settings,
            Clock clock) {
        this.students = students;
        this.assignments = assignments;
        this.practice = practice;
        this.desk = desk;
        this.plans = plans;
        this.goals = goals;
        this.words = words;
        this.notes = notes;
        this.settings = settings;
        this.clock = clock;
    }

    /** Everything since the last lesson, and what to decide. */
    @Transactional(readOnly = true)
    public LessonCard card(long studioId, long studentId) {
        StudentView student = students.get(studioId, studentId);
        LocalDate today = LocalDate.now(clock);
        Optional<LocalDate> last = notes.lastBefore(studioId, studentId, today);
        LocalDate since = last.orElse(today.minusDays(WEEK));
        List<DeskWork> works = desk.works(studioId, studentId);
        Since moved = since(studioId, studentId, works, since, today);
        LocalDate first = since.isBefore(today.minusDays(MOST_DAYS)) ? today.minusDays(MOST_DAYS) : since;
        List<DayMinutes> minutes = minutes(studioId, studentId, first, today);
        return new LessonCard(
                new LearnerPart(
                        studentId,
                        student.name(),
                        student.instrument().name(),
                        student.minutesADay(),
                        student.parentNote()),
                new LessonTimes(student.lesson().day(), student.lesson().time(), since, last.isPresent()),
                new PractisedPart(sentence(minutes, student), minutes, moved.moved, moved.slips),
                works,
                words.list(studioId, studentId, 0).items().stream()
                        .filter(word -> !word.day().isBefore(since))
                        .toList(),
                goals.list(studioId, studentId),
                plans.list(studioId, studentId),
                notes.list(studioId, studentId, 0).items().stream().limit(NOTES).toList());
    }

    private static String sentence(List<DayMinutes> minutes, StudentView student) {
        long days = minutes.stream().filter(day -> day.minutes() > 0).count();
        int all = minutes.stream().mapToInt(DayMinutes::minutes).sum();
        String practised = days == 0
                ? "No practice"
                : "Practised on " + days + " of " + minutes.size() + " days, " + all + " minutes in all";
        return student.minutesADay() == null
                ? practised + "."
                : practised + "; " + student.minutesADay() + " minutes a day were planned.";
    }

    /** What moved and what slipped since a day. */
    private record Since(List<MovedView> moved, List<SlipView> slips) {}

    private Since since(long studioId, long studentId, List<DeskWork> works, LocalDate since, LocalDate today) {
        Player player = students.player(studioId, studentId);
        Speech speech = settings.of(studioId).speech();
        Map<Long, Assigned> byId = new LinkedHashMap<>();
        assignments.begun(studioId, List.of(studentId), today).forEach(one -> byId.put(one.id(), one));
        List<Assigned> shown = works.stream()
                .map(work -> byId.get(work.assignmentId()))
                .filter(Objects::nonNull)
                .toList();
        Map<Long, Work> logs = practice.works(shown, player);
        List<MovedView> moved = new ArrayList<>();
        Map<String, SlipView> slips = new LinkedHashMap<>();
        for (Assigned one : shown) {
            Work work = Found.in(logs, one.id());
            List<Take> takes = work.takes().stream()
                    .filter(take -> !take.day().isBefore(since))
                    .toList();
            moved.add(moved(one, work, takes, since, today, speech));
            SlipCount.of(takes).byKey(work.given().step(), work.key()).forEach((key, count) -> {
                SlipTally tally = SlipTally.of(key, count);
                tally.worst()
                        .ifPresent(worst -> slips.putIfAbsent(
                                key.toString(), new SlipView(key.toString(), worst, tally.sentences())));
            });
        }
        return new Since(moved, List.copyOf(slips.values()));
    }

    private static MovedView moved(
            Assigned assigned, Work work, List<Take> takes, LocalDate since, LocalDate today, Speech speech) {
        List<ClimbEvent> before = work.entries().stream()
                .map(Entry::event)
                .filter(event -> event.day().isBefore(since))
                .toList();
        Standing then = Standing.after(before, work.given(), since);
        Standing now = work.standing(today);
        Ascent ascent = now.ascent();
        boolean isNew = !assigned.schedule().from().isBefore(since);
        int left = ascent.moves().routeFrom(now.at()).size();
        int leftThen = then.ascent().equals(ascent)
                ? ascent.moves().routeFrom(then.at()).size()
                : left;
        Came came = isNew ? Came.NEW : now.at().equals(then.at()) ? Came.SAME : left < leftThen ? Came.UP : Came.DOWN;
        return new MovedView(
                assigned.id(),
                assigned.title(),
                StepWords.keys(ascent.at(now.at()), work.key()),
                then.ascent().words(speech).at(then.at()),
                ascent.words(speech).at(now.at()),
                came,
                takes.size(),
                (int) takes.stream().filter(Take::isClean).count());
    }

    private List<DayMinutes> minutes(long studioId, long studentId, LocalDate first, LocalDate last) {
        Map<LocalDate, Long> seconds = practice.secondsByDay(studioId, studentId, first, last);
        List<DayMinutes> days = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
            days.add(new DayMinutes(day, (int) Math.round(seconds.getOrDefault(day, 0L) / (double) SECONDS)));
        }
        return days;
    }

    /**
     * A month for the parents, in plain words.
     *
     * @param text the month, such as 2026-11; this one without
     */
    @Transactional(readOnly = true)
    ReportView report(long studioId, long studentId, @Nullable String text) {
        LocalDate today = LocalDate.now(clock);
        YearMonth month = text == null ? YearMonth.from(today) : month(text);
        Enrolled enrolled = students.enrolled(studioId, studentId);
        StudentView student = enrolled.student();
        LocalDate first = month.atDay(1);
        LocalDate last = month.atEndOfMonth();
        List<Assigned> played = practice.playedBetween(studioId, studentId, first, last);
        Map<LocalDate, Long> seconds = practice.secondsByDay(studioId, studentId, first, last);
        Map<Long, Work> works = practice.works(played, enrolled.player());
        MonthReport report = MonthReport.of(
                student.name().split(" ")[0],
                month,
                today,
                seconds,
                played.stream().map(one -> works.get(one.id())).toList());
        List<String> required = goals.list(studioId, studentId).stream()
                .filter(goal -> goal.kind() == RequiredKind.MET)
                .map(goal -> goals.plainWords(goal))
                .toList();
        return new ReportView(
                student.name(),
                settings.studioName(studioId),
                Words.month(month),
                report.practised(),
                minutes(studioId, studentId, first, last),
                report.learned(),
                report.growing(),
                report.kept(),
                required,
                notes.toParents(studioId, studentId, first, last));
    }

    private static YearMonth month(String text) {
        try {
            YearMonth month = YearMonth.parse(text);
            if (!Days.isWithinLimits(month.atDay(1))) throw Refusal.of("month", Days.LIMITS);
            return month;
        } catch (DateTimeParseException e) {
            throw Refusal.of("month", "This is no month such as 2026-11.");
        }
    }
}
