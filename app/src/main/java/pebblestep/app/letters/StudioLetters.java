package pebblestep.app.letters;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.TeacherNames;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.lessons.LessonService;
import pebblestep.app.lessons.LessonViews.LessonCard;
import pebblestep.app.lessons.LessonViews.NoteView;
import pebblestep.app.letters.LetterViews.LetterFileRequest;
import pebblestep.app.letters.LetterViews.LetterWish;
import pebblestep.app.letters.LetterViews.SentLetter;
import pebblestep.app.letters.LetterViews.WeekLetterView;
import pebblestep.app.letters.Smtp.Outgoing;
import pebblestep.app.letters.Smtp.Server;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Teacher;
import pebblestep.app.practice.RoomService;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.practice.WeekLetter;
import pebblestep.core.practice.WeekLetter.Change;
import pebblestep.core.practice.WeekLetter.Line;
import pebblestep.core.practice.WeekLetter.Reader;
import pebblestep.core.practice.WeekLetter.Watch;
import pebblestep.core.practice.WeekLetter.Week;
import pebblestep.documents.practice.Today;
import pebblestep.documents.practice.TodayItem;

/** Writes the letter about a week, and sends what a teacher has looked over. */
@Service
class StudioLetters {
    private static final int MOST_AN_HOUR = 100;

    private final StudentService students;
    private final RoomService rooms;
    private final LessonService lessons;
    private final SettingsService settings;
    private final TeacherNames teachers;
    private final StudioMail mail;
    private final Smtp smtp;
    private final LetterRepository letters;
    private final PebbleProperties properties;
    private final TransactionTemplate transactions;
    private final Clock clock;

    StudioLetters(
            StudentService students,
            RoomService rooms,
            LessonService lessons,
            SettingsService settings,
            TeacherNames teachers,
            StudioMail mail,
            Smtp smtp,
            LetterRepository letters,
            PebbleProperties properties,
            TransactionTemplate transactions,
            Clock clock) {
        this.students = students;
        this.rooms = rooms;
        this.lessons = lessons;
        this.settings = settings;
        this.teachers = teachers;
        this.mail = mail;
        this.smtp = smtp;
        this.letters = letters;
        this.properties = properties;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** The letter about the week that lies before a student, for them or a parent. */
    WeekLetterView week(Teacher who, long studentId, Reader reader, String root) {
        return transactions.execute(status -> {
            StudentView student = students.get(who.studioId(), studentId);
            Today today = rooms.today(new PracticeVisitor(studentId, who.studioId()));
            LessonCard card = lessons.card(who.studioId(), studentId);
            Week week = new Week(
                    student.name(),
                    today.day(),
                    card.lesson().since(),
                    today.items().stream()
                            .filter(item -> item.misfit() == null)
                            .map(StudioLetters::line)
                            .toList(),
                    card.practised().moved().stream()
                            .map(one -> new Change(one.key() + ", " + one.title(), one.move(), one.from(), one.to()))
                            .toList(),
                    card.practised().slips().stream()
                            .map(slip -> new Watch(slip.key(), slip.worst()))
                            .findFirst(),
                    card.notes().stream()
                            .map(NoteView::toParents)
                            .filter(text -> !text.isBlank())
                            .findFirst(),
                    (properties.url().isBlank() ? root : properties.url().replaceAll("/+$", ""))
                            + student.practicePath(),
                    signed(who));
            WeekLetter letter = WeekLetter.of(week, reader);
            return new WeekLetterView(
                    letter.subject(),
                    letter.text(),
                    students.letterTo(who.studioId(), studentId).orElse(null),
                    mail.server(who.studioId()).map(Server::host).orElse(null));
        });
    }

    /** Who writes: the teacher by name where there are several, else the studio. */
    private String signed(Teacher who) {
        String studio = settings.studioName(who.studioId());
        String name = teachers.of(who.studioId()).get(who.teacherId());
        return name == null ? studio : name + "\n" + studio;
    }

    private static Line line(TodayItem item) {
        return new Line(
                item.head().key() + ": " + item.head().title(),
                item.toPlay().here().beside(),
                item.toPlay().here().bpm().stripTrailingZeros().toPlainString(),
                item.toPlay().minutes());
    }

    /** Sends a letter through the studio's server, or puts it into its mailbox; it is kept either way. */
    SentLetter send(Teacher who, long studentId, LetterWish wish) {
        students.get(who.studioId(), studentId);
        Instant now = clock.instant();
        if (letters.countByStudioIdAndSentAtAfter(who.studioId(), now.minus(Duration.ofHours(1))) >= MOST_AN_HOUR) {
            throw Problems.tooMany("A studio sends at most " + MOST_AN_HOUR + " letters in an hour.");
        }
        Optional<Server> server = mail.server(who.studioId());
        // Spoken to with nothing held: a mail server takes its time.
        server.ifPresent(one -> smtp.send(
                one, new Outgoing(settings.studioName(who.studioId()), wish.to(), wish.subject(), wish.text())));
        LetterEntity entity = new LetterEntity();
        entity.studioId = who.studioId();
        entity.studentId = studentId;
        entity.sentAt = now;
        entity.recipient = wish.to().strip();
        entity.subject = wish.subject().strip();
        entity.text = wish.text();
        entity.through = server.map(Server::host).orElse(null);
        return transactions.execute(status -> {
            students.letterTo(who.studioId(), studentId, wish.to().strip());
            return view(letters.save(entity));
        });
    }

    /** Letters of a studio, newest first. */
    PageOf<SentLetter> sent(long studioId, int page) {
        return PageOf.of(
                letters.findByStudioId(
                        studioId,
                        PageOf.request(
                                page,
                                Sort.by("sentAt").descending().and(Sort.by("id").descending()))),
                StudioLetters::view);
    }

    private static SentLetter view(LetterEntity entity) {
        return new SentLetter(entity.id, entity.sentAt, entity.recipient, entity.subject, entity.text, entity.through);
    }

    /** A letter as a file, for the mail program of the teacher. */
    byte[] file(Teacher who, LetterFileRequest wish) {
        String from = mail.view(who.studioId())
                .map(LetterViews.MailServerView::sender)
                .orElse(properties.mailFrom());
        return Smtp.file(
                new Outgoing(settings.studioName(who.studioId()), wish.to(), wish.subject(), wish.text()),
                from,
                clock.instant());
    }

    /** Whose week a letter is about, by name. */
    String about(Teacher who, long studentId) {
        return students.get(who.studioId(), studentId).name();
    }

    LocalDate today() {
        return LocalDate.now(clock);
    }
}
