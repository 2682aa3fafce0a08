package pebblestep.app.students;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.Settings;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.StudioGate;
import pebblestep.app.accounts.StudioIdentities;
import pebblestep.app.platform.Archive;
import pebblestep.app.platform.InParts;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeLinkReader;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentViews.LessonPart;
import pebblestep.app.students.StudentViews.PlaysPart;
import pebblestep.app.students.StudentViews.RangeStep;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.app.students.StudentViews.TimetableRow;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Level;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayersHandDocument;
import pebblestep.exchange.HandJson;

/** Keeps the students of a studio. */
@Service
public class StudentService implements PracticeLinkReader {
    /** More lessons than a week has. */
    private static final int MOST_LESSONS = 500;

    /** More students than one teacher has. */
    private static final int MOST_AT_ONCE = 500;

    private final StudentRepository students;
    private final InstrumentService instruments;
    private final SettingsService settings;
    private final LinkTokens tokens;
    private final StudioIdentities identities;
    private final StudioGate gate;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    StudentService(
            StudentRepository students,
            InstrumentService instruments,
            SettingsService settings,
            LinkTokens tokens,
            StudioIdentities identities,
            StudioGate gate,
            ApplicationEventPublisher events,
            Clock clock) {
        this.events = events;
        this.identities = identities;
        this.gate = gate;
        this.students = students;
        this.instruments = instruments;
        this.settings = settings;
        this.tokens = tokens;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public PageOf<StudentView> list(long studioId, Archive archive, int page) {
        InstrumentBook book = instruments.book(studioId);
        return PageOf.of(
                students.findByStudioIdAndArchived(
                        studioId,
                        archive == Archive.ARCHIVED,
                        PageOf.request(page, Sort.by("name").and(Sort.by("id")))),
                student -> view(student, book));
    }

    /** The players that these students are: instrument, range and spelling. Three queries, however many they are. */
    @Transactional(readOnly = true)
    public Map<Long, Player> players(long studioId, Collection<Long> ids) {
        InstrumentBook book = instruments.book(studioId);
        Settings here = settings.of(studioId);
        return students.findByStudioIdAndIdIn(studioId, ids).stream()
                .collect(Collectors.toMap(student -> student.id, student -> player(student, book, here)));
    }

    /** The player that a student is. */
    @Transactional(readOnly = true)
    public Player player(long studioId, long id) {
        return Optional.ofNullable(players(studioId, List.of(id)).get(id))
                .orElseThrow(() -> Problems.notFound("student"));
    }

    /** Whether a student is there: not another studio's, and not deleted. */
    @Transactional(readOnly = true)
    public boolean isThere(long studioId, long id) {
        return students.findByIdAndStudioId(id, studioId).isPresent();
    }

    /** A student, and the player that they are. */
    public record Enrolled(StudentView student, Player player) {}

    /** A student with the player that they are. */
    @Transactional(readOnly = true)
    public Enrolled enrolled(long studioId, long id) {
        return enrolled(studioId, List.of(id)).get(0);
    }

    /** These students in the order asked, each with the player that they are; refuses where one is not there. */
    @Transactional(readOnly = true)
    public List<Enrolled> enrolled(long studioId, Collection<Long> ids) {
        Map<Long, Enrolled> found = enrolled(studioId, students.findByStudioIdAndIdIn(studioId, ids))
                .collect(Collectors.toMap(one -> one.student().id(), one -> one));
        return ids.stream()
                .map(id -> Optional.ofNullable(found.get(id)).orElseThrow(() -> Problems.notFound("student")))
                .toList();
    }

    /** Somebody with that instrument, in the spelling of this studio. */
    @Transactional(readOnly = true)
    public Player anyPlayer(long studioId, String instrument) {
        Settings here = settings.of(studioId);
        Instrument played = instruments.book(studioId).of(instrument);
        return Player.of(played).reading(here.six()).withHand(PlayersHand.USUAL.withUsual(here.usual(played)));
    }

    private static Player player(StudentEntity student, InstrumentBook book, Settings here) {
        Player own = player(student, book);
        return own.reading(here.six()).withHand(own.hand().withUsual(here.usual(own.instrument())));
    }

    /** As the student is by themselves, whatever the studio does its own way. */
    private static Player player(StudentEntity student, InstrumentBook book) {
        Player player = Player.of(book.of(student.instrument), Level.of(student.level))
                .tunedTo(new ReferencePitch(student.referencePitch.doubleValue()))
                .withHand(HandJson.read(student.hand));
        return student.lowest == null
                ? player
                : player.within(PitchRange.parse(student.lowest + "-" + student.highest));
    }

    @Transactional(readOnly = true)
    public StudentView get(long studioId, long id) {
        return view(find(studioId, id));
    }

    @Transactional
    public StudentView add(long studioId, StudentRequest form) {
        StudentEntity student = new StudentEntity();
        student.studioId = studioId;
        student.linkVersion = 1;
        student.createdAt = clock.instant();
        fill(student, form);
        return view(students.save(student));
    }

    @Transactional
    public StudentView change(long studioId, long id, StudentRequest form) {
        StudentEntity student = find(studioId, id);
        if (form.version() != null && form.version() != student.version) {
            throw Problems.conflict(student.name
                    + " was changed elsewhere, perhaps in another window. Load the page again, then make your change.");
        }
        fill(student, form);
        changed(student);
        return view(student);
    }

    private void changed(StudentEntity student) {
        students.flush();
        events.publishEvent(new PlayersChanged(student.studioId, List.of(student.id)));
    }

    /** Refuses what the fields of a form cannot mean, though each for itself may stand. */
    void require(StudentRequest form) {
        Optional.ofNullable(form.range()).filter(text -> !text.isBlank()).ifPresent(StudentService::range);
        Fields.under("hand", () -> PlayersHandDocument.read(form.hand()));
    }

    private void fill(StudentEntity student, StudentRequest form) {
        student.name = form.name().strip();
        student.instrument =
                instruments.book(student.studioId).of(form.instrument()).id();
        student.level = (form.level() == null ? Level.FULL : form.level()).id();
        Optional<PitchRange> own = Optional.ofNullable(form.range())
                .filter(text -> !text.isBlank())
                .map(StudentService::range);
        student.lowest = own.map(range -> range.lowest().id()).orElse(null);
        student.highest = own.map(range -> range.highest().id()).orElse(null);
        ReferencePitch reference = form.referencePitch() == null
                ? ReferencePitch.ISO_16
                : new ReferencePitch(form.referencePitch().doubleValue());
        student.referencePitch = BigDecimal.valueOf(reference.a4());
        student.minutesADay = form.minutesADay();
        student.lessonDay = form.lessonDay();
        student.lessonTime = form.lessonTime();
        student.parentNote = orNull(form.parentNote());
        student.className = orNull(form.className());
        // What the studio takes for usual is the studio's.
        student.hand = HandJson.write(
                Fields.under("hand", () -> PlayersHandDocument.read(form.hand()).withUsual(List.of())));
    }

    private static @Nullable String orNull(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    private static PitchRange range(String text) {
        return Fields.at("range", () -> PitchRange.parse(text.replace(" ", "")));
    }

    /** Lets a student's range grow, or shrink, by one semitone at one end; from then on it is their own. */
    @Transactional
    public StudentView growRange(long studioId, long id, RangeStep step) {
        StudentEntity student = find(studioId, id);
        PitchRange grown = grown(player(student, instruments.book(studioId)), step);
        student.lowest = grown.lowest().id();
        student.highest = grown.highest().id();
        changed(student);
        return view(student);
    }

    private static PitchRange grown(Player player, RangeStep step) {
        return switch (step.end()) {
            case TOP -> player.range().withTopMoved(step.notes());
            case BOTTOM -> player.range().withBottomMoved(-step.notes());
        };
    }

    /** The player that a student would be, were they changed so; nothing is changed. */
    @Transactional(readOnly = true)
    public Player changed(long studioId, long id, StudentRequest form) {
        find(studioId, id);
        StudentEntity changed = new StudentEntity();
        changed.studioId = studioId;
        fill(changed, form);
        return player(changed, instruments.book(studioId), settings.of(studioId));
    }

    /** The player that a student would be, did their range move so. */
    @Transactional(readOnly = true)
    public Player changed(long studioId, long id, RangeStep step) {
        Player player = player(studioId, id);
        return player.within(grown(player, step));
    }

    /** A name of a student's practice room, the same whatever link leads to it; it tells nothing about the student. */
    public String room(long studioId, long id) {
        return tokens.room(id, identities.of(studioId));
    }

    /** Makes a new practice link; the old one stops working at once. */
    @Transactional
    public StudentView renewLink(long studioId, long id) {
        StudentEntity student = find(studioId, id);
        student.linkVersion++;
        return view(student);
    }

    /** Puts a student away, or takes them back; nothing of theirs is lost, and their link rests meanwhile. */
    @Transactional
    public StudentView archive(long studioId, long id) {
        StudentEntity student = find(studioId, id);
        student.archived = true;
        return view(student);
    }

    /** Brings an archived student back. */
    @Transactional
    public StudentView restore(long studioId, long id) {
        StudentEntity student = find(studioId, id);
        student.archived = false;
        return view(student);
    }

    /** Whether a student gets the quiz as practice. */
    @Transactional(readOnly = true)
    public boolean quizGiven(long studioId, long id) {
        return find(studioId, id).quizGiven;
    }

    /** Gives a student the quiz as practice, or takes it back. */
    @Transactional
    public void giveQuiz(long studioId, long id) {
        find(studioId, id).quizGiven = true;
    }

    /** Takes the quiz back. */
    @Transactional
    public void takeQuiz(long studioId, long id) {
        find(studioId, id).quizGiven = false;
    }

    /** Everybody who has a lesson, in the order of the week. */
    @Transactional(readOnly = true)
    public List<TimetableRow> timetable(long studioId) {
        InstrumentBook book = instruments.book(studioId);
        return students
                .findByStudioIdAndArchivedAndLessonDayNotNullOrderByLessonDayAscLessonTimeAscNameAsc(
                        studioId, false, Limit.of(MOST_LESSONS))
                .stream()
                .map(student -> new TimetableRow(
                        student.id,
                        student.name,
                        book.of(student.instrument).name(),
                        Objects.requireNonNull(student.lessonDay),
                        student.lessonTime))
                .toList();
    }

    /** Everybody who is not put away, by name: for what is seen of a whole studio. */
    @Transactional(readOnly = true)
    public List<StudentView> everybody(long studioId) {
        InstrumentBook book = instruments.book(studioId);
        return shown(studioId).stream().map(student -> view(student, book)).toList();
    }

    /** Everybody who is not put away, by name, each with the player that they are: three queries, however many they are. */
    @Transactional(readOnly = true)
    public List<Enrolled> everybodysPlayers(long studioId) {
        return enrolled(studioId, shown(studioId)).toList();
    }

    private List<StudentEntity> shown(long studioId) {
        return students.findByStudioIdAndArchivedOrderByNameAscIdAsc(studioId, false, Limit.of(MOST_AT_ONCE));
    }

    private Stream<Enrolled> enrolled(long studioId, List<StudentEntity> these) {
        InstrumentBook book = instruments.book(studioId);
        Settings here = settings.of(studioId);
        return these.stream().map(student -> new Enrolled(view(student, book), player(student, book, here)));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<PracticeVisitor> visitor(String token) {
        return tokens.studentId(token)
                .flatMap(students::findById)
                .filter(student -> !student.archived
                        && gate.deleted(student.studioId).isEmpty()
                        && tokens.isSealed(token, student.id, student.linkVersion, identities.of(student.studioId)))
                .map(student -> new PracticeVisitor(student.id, student.studioId));
    }

    /** Where the letter about a student's week went last. */
    @Transactional(readOnly = true)
    public Optional<String> letterTo(long studioId, long id) {
        return Optional.ofNullable(find(studioId, id).letterTo);
    }

    /** Remembers where the letter about a student's week goes. */
    @Transactional
    public void letterTo(long studioId, long id, String address) {
        find(studioId, id).letterTo = address;
    }

    /** Since when these students are there. */
    @Transactional(readOnly = true)
    public Map<Long, Instant> since(long studioId, Collection<Long> ids) {
        return InParts.of(ids, part -> students.findByStudioIdAndIdIn(studioId, part)).stream()
                .collect(Collectors.toMap(student -> student.id, student -> student.createdAt));
    }

    /** The studio of a student who is there and not put away. */
    @Transactional(readOnly = true)
    public Optional<Long> studioOf(long id) {
        return students.findById(id).filter(student -> !student.archived).map(student -> student.studioId);
    }

    private StudentEntity find(long studioId, long id) {
        return students.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("student"));
    }

    private StudentView view(StudentEntity student) {
        return view(student, instruments.book(student.studioId));
    }

    private StudentView view(StudentEntity student, InstrumentBook book) {
        Player player = player(student, book);
        return new StudentView(
                student.id,
                student.name,
                new PlaysPart(
                        player.instrument().id(),
                        player.instrument().name(),
                        player.instrument().family(),
                        player.range().id(),
                        student.lowest != null,
                        student.referencePitch.stripTrailingZeros()),
                Level.of(student.level),
                new LessonPart(student.lessonDay, student.lessonTime),
                student.minutesADay,
                student.parentNote,
                student.className,
                PlayersHandDocument.of(player.hand()),
                "/p/" + tokens.token(student.id, student.linkVersion, identities.of(student.studioId)),
                student.archived,
                student.version);
    }
}
