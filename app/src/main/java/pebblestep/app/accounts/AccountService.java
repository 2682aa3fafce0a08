package pebblestep.app.accounts;

import java.time.Clock;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Teacher;
import pebblestep.core.Refusal;

/** Makes accounts and checks passwords. */
@Service
public class AccountService {
    private final Studios studios;
    private final Teachers teachers;
    private final PasswordEncoder passwords;
    private final Passwords made;
    private final Clock clock;
    private final String hashOfNobody;

    AccountService(Studios studios, Teachers teachers, PasswordEncoder passwords, Passwords made, Clock clock) {
        this.made = made;
        this.studios = studios;
        this.teachers = teachers;
        this.passwords = passwords;
        this.clock = clock;
        this.hashOfNobody = passwords.encode("nobody has this password");
    }

    /** Makes a studio with its teacher; refuses an address that has an account. */
    @Transactional
    public Teacher signUp(SignUp wish) {
        String email = normal(wish.email());
        String hash = made.hashOf(wish.password(), "password", email, wish.name(), wish.studio());
        if (teachers.findByEmail(email).isPresent()) {
            throw Refusal.of("email", "There is an account with this e-mail address.")
                    .fits("Sign in instead.");
        }
        StudioEntity studio = new StudioEntity();
        studio.name = wish.studio().strip();
        studio.identity = StudioIdentities.anew();
        studio.createdAt = clock.instant();
        studios.save(studio);
        TeacherEntity teacher = new TeacherEntity();
        teacher.studioId = studio.id;
        teacher.name = wish.name().strip();
        teacher.email = email;
        teacher.passwordHash = hash;
        teacher.createdAt = clock.instant();
        teachers.save(teacher);
        return new Teacher(teacher.id, studio.id);
    }

    /** The teacher of that address and password; the answer takes as long for an address nobody has. */
    public Optional<Teacher> signIn(SignIn given) {
        Optional<TeacherEntity> found = teachers.findByEmail(normal(given.email()));
        boolean matches = passwords.matches(
                given.password(), found.map(teacher -> teacher.passwordHash).orElse(hashOfNobody));
        return found.filter(teacher -> matches).map(teacher -> new Teacher(teacher.id, teacher.studioId));
    }

    /** What the interface shows of a signed-in teacher. */
    @Transactional(readOnly = true)
    public TeacherView view(Teacher teacher) {
        TeacherEntity entity = teachers.findById(teacher.teacherId()).orElseThrow(() -> Problems.notFound("teacher"));
        String studio = studios.findById(teacher.studioId())
                .map(found -> found.name)
                .orElseThrow(() -> Problems.notFound("studio"));
        return new TeacherView(entity.name, entity.email, studio);
    }

    static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    /** A teacher as shown: name, address, studio. */
    public record TeacherView(String name, String email, String studio) {}
}
