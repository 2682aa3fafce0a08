package pebblestep.app.accounts;

import java.time.Clock;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.AccountTokenEntity.Kind;
import pebblestep.app.accounts.AccountViews.Invitation;
import pebblestep.app.accounts.AccountViews.TeacherRow;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Teacher;
import pebblestep.core.Refusal;

/** The teachers of a studio: its owner, and whom they invite, an assistant or a stand-in. */
@Service
class StudioTeachers {
    private static final int MOST = 20;

    private final Teachers teachers;
    private final Studios studios;
    private final AccountTokens tokens;
    private final AccountLetters letters;
    private final Passwords passwords;
    private final Epochs epochs;
    private final Clock clock;

    StudioTeachers(
            Teachers teachers,
            Studios studios,
            AccountTokens tokens,
            AccountLetters letters,
            Passwords passwords,
            Epochs epochs,
            Clock clock) {
        this.teachers = teachers;
        this.studios = studios;
        this.tokens = tokens;
        this.letters = letters;
        this.passwords = passwords;
        this.epochs = epochs;
        this.clock = clock;
    }

    /** Who teaches here, the owner first. */
    @Transactional(readOnly = true)
    List<TeacherRow> list(Teacher who) {
        return teachers.findByStudioIdOrderById(who.studioId(), Limit.of(MOST * MOST)).stream()
                .filter(teacher -> teacher.leftAt == null)
                .map(teacher -> new TeacherRow(
                        teacher.id,
                        teacher.name,
                        who.owner() || teacher.id == who.teacherId() ? teacher.email : null,
                        teacher.role == TeacherEntity.Role.OWNER))
                .toList();
    }

    /** Writes to somebody that they may teach here; the answer is the same for an address that has a studio already. */
    @Transactional
    void invite(Teacher who, Invitation form) {
        who.requireOwner();
        if (teachers.countByStudioIdAndLeftAtNull(who.studioId()) >= MOST) {
            throw Refusal.of("email", "A studio has at most " + MOST + " teachers.");
        }
        String email = AccountService.normal(form.email());
        String studio = studios.findById(who.studioId()).orElseThrow().name;
        if (teachers.findByEmail(email).isPresent()) {
            letters.hasAccount(email);
            return;
        }
        AccountTokenEntity token = new AccountTokenEntity();
        token.email = email;
        token.name = form.name().strip();
        token.studioId = who.studioId();
        letters.invited(email, studio, tokens.give(Kind.JOIN, token));
    }

    /** Comes in as a teacher of the studio that invited, with a password of one's own. */
    @Transactional
    Teacher join(String word, String password) {
        AccountTokenEntity token =
                tokens.take(word).filter(one -> one.kind == Kind.JOIN).orElseThrow(StudioTeachers::oldLink);
        Long studioId = token.studioId;
        String name = token.name;
        if (studioId == null || name == null) throw oldLink();
        if (teachers.findByEmail(token.email).isPresent()) throw oldLink();
        TeacherEntity teacher = new TeacherEntity();
        teacher.studioId = studioId;
        teacher.name = name;
        teacher.email = token.email;
        teacher.role = TeacherEntity.Role.TEACHER;
        teacher.passwordHash = passwords.hashOf(password, "password", token.email, name);
        teacher.createdAt = clock.instant();
        teachers.save(teacher);
        return AccountService.acting(teacher);
    }

    private static Refusal oldLink() {
        return Refusal.of("word", "This link was used already, or is older than a day.")
                .fits("Ask the owner of the studio for a new letter.");
    }

    /** Lets a teacher go: they cannot come in any more at once, and what they wrote and decided stays theirs. */
    @Transactional
    void letGo(Teacher who, long id) {
        who.requireOwner();
        TeacherEntity teacher = teachers.findById(id)
                .filter(one -> one.studioId == who.studioId() && one.leftAt == null)
                .orElseThrow(() -> Problems.notFound("teacher"));
        if (teacher.role == TeacherEntity.Role.OWNER) {
            throw Refusal.of("id", "The owner cannot be let go.").fits("Delete the studio instead.");
        }
        teacher.leftAt = clock.instant();
        // Their address is free again, for a studio of their own.
        teacher.email = "left:" + teacher.id;
        teacher.passwordHash = "";
        teacher.epoch++;
        epochs.changed(teacher.id, teacher.epoch);
        tokens.forget(teacher.id);
    }
}
