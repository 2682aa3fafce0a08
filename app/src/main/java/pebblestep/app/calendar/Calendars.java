package pebblestep.app.calendar;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.StudioGate;
import pebblestep.app.accounts.StudioIdentities;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.GivenDays;
import pebblestep.app.calendar.CalendarTokens.Named;
import pebblestep.app.calendar.CalendarTokens.Of;
import pebblestep.app.calendar.CalendarViews.CalendarView;
import pebblestep.app.calendar.CalendarViews.CalendarWish;
import pebblestep.app.calendar.CalendarViews.DayOffView;
import pebblestep.app.calendar.CalendarViews.DayOffWish;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Refusal;
import pebblestep.exchange.calendar.CalendarFile;
import pebblestep.exchange.calendar.PracticeDay;
import pebblestep.exchange.calendar.WeeklyLesson;

/** The calendars of a studio and of its students. */
@Service
public class Calendars {
    private static final int USUAL_MINUTES = 45;
    private static final int DAYS_BACK = 14;
    private static final int DAYS_AHEAD = 56;
    private static final int MOST_OFF = 400;
    private static final String AT = "@pebble-step";

    private final StudioCalendars calendars;
    private final Renewals renewals;
    private final LessonsOff off;
    private final CalendarTokens tokens;
    private final StudentService students;
    private final AssignmentService assignments;
    private final SettingsService settings;
    private final StudioIdentities identities;
    private final StudioGate gate;
    private final Clock clock;

    Calendars(
            StudioCalendars calendars,
            Renewals renewals,
            LessonsOff off,
            CalendarTokens tokens,
            StudentService students,
            AssignmentService assignments,
            SettingsService settings,
            StudioIdentities identities,
            StudioGate gate,
            Clock clock) {
        this.calendars = calendars;
        this.renewals = renewals;
        this.off = off;
        this.tokens = tokens;
        this.students = students;
        this.assignments = assignments;
        this.settings = settings;
        this.identities = identities;
        this.gate = gate;
        this.clock = clock;
    }

    /** A calendar as a file. */
    record Written(String name, byte[] file, int lessons, int days) {}

    /** The file of a studio: everybody's lessons, and on each day who has something to practise. */
    @Transactional(readOnly = true)
    Written ofStudio(long studioId) {
        List<StudentView> everybody = students.everybody(studioId);
        String named = identities.of(studioId);
        Map<Long, String> names = everybody.stream().collect(Collectors.toMap(StudentView::id, StudentView::name));
        List<PracticeDay> days = days(given(studioId, everybody), "studio-" + named, (day, its) -> {
            Map<Long, Integer> minutes = new LinkedHashMap<>();
            its.stream()
                    .sorted(Comparator.comparing(one -> names.get(one.studentId())))
                    .forEach(one -> minutes.merge(one.studentId(), one.minutes(), Integer::sum));
            String who = minutes.size() == 1 ? "1 student practises" : minutes.size() + " students practise";
            return new Words(
                    who,
                    minutes.entrySet().stream()
                            .map(entry -> names.get(entry.getKey()) + ", " + entry.getValue() + " min")
                            .collect(Collectors.joining("\n")));
        });
        return written(studioId, settings.studioName(studioId), everybody, days);
    }

    /** The file of one student: their lesson, and what they have to practise on each day. */
    @Transactional(readOnly = true)
    Written ofStudent(long studioId, long studentId) {
        StudentView student = students.get(studioId, studentId);
        List<PracticeDay> days = days(
                given(studioId, List.of(student)),
                students.room(studioId, studentId),
                (day, its) -> new Words(
                        "Practise "
                                + (its.size() == 1 ? "1 step" : its.size() + " steps") + ", "
                                + its.stream().mapToInt(GivenDays::minutes).sum() + " min",
                        its.stream()
                                .map(one -> one.title() + ", " + one.minutes() + " min")
                                .collect(Collectors.joining("\n"))));
        return written(studioId, student.name() + ", practice", List.of(student), days);
    }

    private List<GivenDays> given(long studioId, List<StudentView> whose) {
        LocalDate today = LocalDate.now(clock);
        return assignments.days(
                studioId,
                whose.stream().map(StudentView::id).toList(),
                today.minusDays(DAYS_BACK),
                today.plusDays(DAYS_AHEAD));
    }

    private record Words(String summary, String description) {}

    /** Says what a day brings. */
    private interface Saying {
        Words of(LocalDate day, List<GivenDays> its);
    }

    /** Days on which something stands; a coming one for which all was taken away is cancelled, and not forgotten. */
    private List<PracticeDay> days(List<GivenDays> given, String whose, Saying saying) {
        LocalDate today = LocalDate.now(clock);
        List<PracticeDay> days = new ArrayList<>();
        for (LocalDate day = today.minusDays(DAYS_BACK);
                !day.isAfter(today.plusDays(DAYS_AHEAD));
                day = day.plusDays(1)) {
            LocalDate on = day;
            List<GivenDays> all = given.stream().filter(one -> one.isOn(on)).toList();
            if (all.isEmpty()) continue;
            List<GivenDays> standing = all.stream()
                    .filter(one -> !one.ended() || on.isBefore(today))
                    .toList();
            Words words = saying.of(day, standing.isEmpty() ? all : standing);
            days.add(new PracticeDay(
                    "practice-" + whose + "-" + day + AT,
                    day,
                    words.summary(),
                    words.description(),
                    standing.isEmpty() ? PracticeDay.State.CANCELLED : PracticeDay.State.STANDS));
        }
        return days;
    }

    private Written written(long studioId, String name, List<StudentView> whose, List<PracticeDay> days) {
        StudioCalendarEntity calendar = calendar(studioId);
        LocalDate today = LocalDate.now(clock);
        List<LessonOffEntity> offs = off.findByStudioIdAndOffOnGreaterThanEqualOrderByOffOn(
                studioId, today.minusDays(DAYS_BACK), Limit.of(MOST_OFF));
        ZoneId zone = ZoneId.of(calendar.zone);
        Map<Long, Instant> since =
                students.since(studioId, whose.stream().map(StudentView::id).toList());
        List<WeeklyLesson> lessons = whose.stream()
                .filter(student -> !student.archived())
                .flatMap(student -> lesson(
                        studioId,
                        student,
                        LocalDate.ofInstant(Found.in(since, student.id()), zone),
                        calendar.lessonMinutes,
                        offs)
                        .stream())
                .toList();
        // Made today: one that has not changed since this morning is the same file.
        byte[] file = CalendarFile.write(
                name, zone, today.atStartOfDay(ZoneOffset.UTC).toInstant(), lessons, days);
        return new Written(name, file, lessons.size(), days.size());
    }

    private Optional<WeeklyLesson> lesson(
            long studioId, StudentView student, LocalDate since, int minutes, List<LessonOffEntity> offs) {
        Integer weekday = student.lesson().day();
        if (weekday == null) return Optional.empty();
        LocalDate first = since.with(TemporalAdjusters.nextOrSame(DayOfWeek.of(weekday)));
        return Optional.of(new WeeklyLesson(
                "lesson-" + students.room(studioId, student.id()) + AT,
                "Lesson: " + student.name() + ", " + student.instrument().name(),
                first,
                Optional.ofNullable(student.lesson().time()),
                Duration.ofMinutes(minutes),
                offs.stream()
                        .filter(one -> one.studentId == null || one.studentId == student.id())
                        .map(one -> one.offOn)
                        .collect(Collectors.toCollection(TreeSet::new)),
                student.version()));
    }

    private StudioCalendarEntity calendar(long studioId) {
        return calendars.findById(studioId).orElseGet(() -> {
            StudioCalendarEntity usual = new StudioCalendarEntity();
            usual.studioId = studioId;
            usual.zone = CalendarFile.knows(clock.getZone().getId())
                    ? clock.getZone().getId()
                    : "Etc/UTC";
            usual.lessonMinutes = USUAL_MINUTES;
            return usual;
        });
    }

    /** The studio's calendar, and where it is followed. */
    @Transactional(readOnly = true)
    CalendarView studioView(long studioId) {
        return view(studioId, new Named(Of.STUDIO, studioId), ofStudio(studioId));
    }

    /** A student's calendar, and where it is followed. */
    @Transactional(readOnly = true)
    CalendarView studentView(long studioId, long studentId) {
        return view(studioId, new Named(Of.STUDENT, studentId), ofStudent(studioId, studentId));
    }

    private CalendarView view(long studioId, Named named, Written written) {
        StudioCalendarEntity calendar = calendar(studioId);
        List<DayOffView> offs = off
                .findByStudioIdAndOffOnGreaterThanEqualOrderByOffOn(studioId, LocalDate.now(clock), Limit.of(MOST_OFF))
                .stream()
                .filter(one -> named.of() == Of.STUDIO || one.studentId == null || one.studentId == named.id())
                .map(one -> new DayOffView(one.id, one.offOn, one.studentId))
                .toList();
        return new CalendarView(
                "/calendar/" + tokens.token(named, renewed(studioId, named), identities.of(studioId)) + ".ics",
                calendar.zone,
                calendar.lessonMinutes,
                written.lessons(),
                written.days(),
                written.file().length,
                offs);
    }

    private int renewed(long studioId, Named named) {
        return renewal(studioId, named).map(one -> one.renewed).orElse(0);
    }

    private Optional<RenewalEntity> renewal(long studioId, Named named) {
        return named.of() == Of.STUDIO
                ? renewals.findFirstByStudioIdAndStudentIdIsNull(studioId)
                : renewals.findFirstByStudioIdAndStudentId(studioId, named.id());
    }

    /** What is followed under an address; empty for one that was renewed, or never was one. */
    @Transactional(readOnly = true)
    Optional<Written> followed(String token) {
        return CalendarTokens.named(token).flatMap(named -> {
            Optional<Long> studio = named.of() == Of.STUDIO
                    ? Optional.of(named.id()).filter(id -> gate.deleted(id).isEmpty())
                    : students.studioOf(named.id())
                            .filter(id -> gate.deleted(id).isEmpty());
            return studio.filter(id -> tokens.isSealed(token, named, renewed(id, named), identities.of(id)))
                    .map(id -> named.of() == Of.STUDIO ? ofStudio(id) : ofStudent(id, named.id()));
        });
    }

    /** Says in which zone lessons are held and how long they last. */
    @Transactional
    CalendarView change(long studioId, CalendarWish wish) {
        StudioCalendarEntity entity = calendar(studioId);
        entity.zone = CalendarFile.zone(wish.zone()).getId();
        entity.lessonMinutes = wish.lessonMinutes();
        calendars.save(entity);
        return studioView(studioId);
    }

    /** Makes a new address; the old one answers nothing from now on. */
    @Transactional
    CalendarView renewStudio(long studioId) {
        renew(studioId, new Named(Of.STUDIO, studioId));
        return studioView(studioId);
    }

    /** The same for a student. */
    @Transactional
    CalendarView renewStudent(long studioId, long studentId) {
        students.get(studioId, studentId);
        renew(studioId, new Named(Of.STUDENT, studentId));
        return studentView(studioId, studentId);
    }

    private void renew(long studioId, Named named) {
        RenewalEntity entity = renewal(studioId, named).orElseGet(() -> {
            RenewalEntity first = new RenewalEntity();
            first.studioId = studioId;
            first.studentId = named.of() == Of.STUDIO ? null : named.id();
            return first;
        });
        entity.renewed++;
        renewals.save(entity);
    }

    /** Says that there is no lesson on a day; said twice it is said once. */
    @Transactional
    void off(long studioId, DayOffWish wish) {
        LocalDate today = LocalDate.now(clock);
        if (wish.date().isBefore(today) || wish.date().isAfter(today.plusYears(2))) {
            throw Refusal.of("date", "Choose a day between today and two years from now.");
        }
        if (wish.student() != null) students.get(studioId, wish.student());
        List<LessonOffEntity> there =
                off.findByStudioIdAndOffOnGreaterThanEqualOrderByOffOn(studioId, today, Limit.of(MOST_OFF));
        boolean said = there.stream()
                .anyMatch(one -> one.offOn.equals(wish.date())
                        && (one.studentId == null || one.studentId.equals(wish.student())));
        if (said) return;
        if (there.size() >= MOST_OFF) throw Refusal.of("date", "At most " + MOST_OFF + " days are kept.");
        LessonOffEntity entity = new LessonOffEntity();
        entity.studioId = studioId;
        entity.studentId = wish.student();
        entity.offOn = wish.date();
        off.save(entity);
    }

    /** There is a lesson after all. */
    @Transactional
    void on(long studioId, long id) {
        off.delete(off.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("day without lessons")));
    }
}
