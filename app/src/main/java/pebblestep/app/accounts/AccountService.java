package pebblestep.app.accounts;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.AccountTokenEntity.Kind;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Teacher;
import pebblestep.core.Refusal;

/** Makes accounts, checks passwords, and changes both. */
@Service
public class AccountService {
    /** Days for which a deleted studio can be taken back. */
    public static final Duration BACK_FOR = Duration.ofDays(30);

    private final Studios studios;
    private final Teachers teachers;
    private final PasswordEncoder passwords;
    private final Passwords made;
    private final AccountTokens tokens;
    private final AccountLetters letters;
    private final Epochs epochs;
    private final PebbleProperties properties;
    private final Clock clock;
    private final String hashOfNobody;

    AccountService(
            Studios studios,
            Teachers teachers,
            PasswordEncoder passwords,
            Passwords made,
            AccountTokens tokens,
            AccountLetters letters,
            Epochs epochs,
            PebbleProperties properties,
            Clock clock) {
        this.studios = studios;
        this.teachers = teachers;
        this.passwords = passwords;
        this.made = made;
        this.tokens = tokens;
        this.letters = letters;
        this.epochs = epochs;
        this.properties = properties;
        this.clock = clock;
        this.hashOfNobody = passwords.encode("nobody has this password");
    }

    /**
     * Makes a studio with its teacher at once; refuses an address that has an account. Only where nobody else is to be told
     * apart by it: for the first studio, and where addresses need not be confirmed.
     */
    @Transactional
    public Teacher signUp(SignUp wish) {
        String email = normal(wish.email());
        String hash = made.hashOf(wish.password(), "password", email, wish.name(), wish.studio());
        if (teachers.findByEmail(email).isPresent()) throw taken();
        return make(wish.studio().strip(), wish.name().strip(), email, hash);
    }

    /** A teacher as their requests know them. */
    static Teacher acting(TeacherEntity teacher) {
        return new Teacher(teacher.id, teacher.studioId, teacher.epoch, teacher.role == TeacherEntity.Role.OWNER);
    }

    private static Refusal taken() {
        return Refusal.of("email", "There is an account with this e-mail address.")
                .fits("Sign in instead.");
    }

    private Teacher make(String studioName, String name, String email, String hash) {
        StudioEntity studio = new StudioEntity();
        studio.name = studioName;
        studio.identity = StudioIdentities.anew();
        studio.createdAt = clock.instant();
        studios.save(studio);
        TeacherEntity teacher = new TeacherEntity();
        teacher.studioId = studio.id;
        teacher.name = name;
        teacher.email = email;
        teacher.passwordHash = hash;
        teacher.createdAt = clock.instant();
        teachers.save(teacher);
        return acting(teacher);
    }

    /** Whether a new address has to answer a letter first. */
    @Transactional(readOnly = true)
    boolean asksForAnswer() {
        return properties.confirmAddresses() && teachers.count() > 0;
    }

    /**
     * Writes to an address that wants a studio: the answer makes it. To one that has an account, that it has one; whoever
     * asked sees no difference.
     */
    @Transactional
    void askToSignUp(SignUp wish) {
        String email = normal(wish.email());
        String hash = made.hashOf(wish.password(), "password", email, wish.name(), wish.studio());
        if (teachers.findByEmail(email).isPresent()) {
            letters.hasAccount(email);
            return;
        }
        AccountTokenEntity token = new AccountTokenEntity();
        token.email = email;
        token.studio = wish.studio().strip();
        token.name = wish.name().strip();
        token.passwordHash = hash;
        letters.confirm(email, token.studio, tokens.give(Kind.SIGN_UP, token));
    }

    /** Refuses a new studio where none may be made, or not without an invitation. */
    void requireOpen(SignUp wish) {
        switch (properties.signUp()) {
            case OPEN -> {}
            case CLOSED -> throw Refusal.of("New studios are not made here.");
            case INVITATION -> {
                String said = wish.invitation() == null ? "" : wish.invitation().strip();
                if (properties.invitation().isEmpty() || !Secrets.equal(said, properties.invitation())) {
                    throw Refusal.of("invitation", "New studios are made by invitation here.")
                            .fits("Write the word of the invitation.");
                }
            }
        }
    }

    /** The teacher of that address and password; the answer takes as long for an address nobody has. */
    public Optional<Teacher> signIn(SignIn given) {
        Optional<TeacherEntity> found = teachers.findByEmail(normal(given.email()));
        boolean matches = passwords.matches(
                given.password(), found.map(teacher -> teacher.passwordHash).orElse(hashOfNobody));
        return found.filter(teacher -> matches).map(AccountService::acting);
    }

    /** Another password; every other session ends. Refuses a wrong one of now. */
    @Transactional
    Teacher changePassword(Teacher who, String now, String password) {
        TeacherEntity teacher = proved(who, now, "now");
        teacher.passwordHash = made.hashOf(password, "password", teacher.email, teacher.name);
        tokens.forget(teacher.id);
        letters.passwordChanged(teacher.email);
        return nextEpoch(teacher);
    }

    /** Ends every session of a teacher but the one that asks. */
    @Transactional
    Teacher signOutEverywhere(Teacher who) {
        return nextEpoch(find(who));
    }

    private Teacher nextEpoch(TeacherEntity teacher) {
        teacher.epoch++;
        epochs.changed(teacher.id, teacher.epoch);
        return acting(teacher);
    }

    /** Writes to a new address: when that is answered, it takes the place of the old one. */
    @Transactional
    void changeAddress(Teacher who, String address, String password) {
        TeacherEntity teacher = proved(who, password, "password");
        String email = normal(address);
        if (email.equals(teacher.email)) throw Refusal.of("email", "This is your address already.");
        if (teachers.findByEmail(email).isPresent()) {
            letters.hasAccount(email);
            return;
        }
        AccountTokenEntity token = new AccountTokenEntity();
        token.teacherId = teacher.id;
        token.email = email;
        letters.newAddress(email, tokens.give(Kind.ADDRESS, token));
    }

    /** Writes to an address how a forgotten password is replaced, where it has an account; the answer never says. */
    @Transactional
    void forgotten(String address) {
        teachers.findByEmail(normal(address)).ifPresent(teacher -> {
            AccountTokenEntity token = new AccountTokenEntity();
            token.teacherId = teacher.id;
            token.email = teacher.email;
            letters.reset(teacher.email, tokens.give(Kind.RESET, token));
        });
    }

    /** A new password by the word of a letter; every session ends. */
    @Transactional
    Teacher reset(String word, String password) {
        TeacherEntity teacher = tokens.take(word)
                .filter(one -> one.kind == Kind.RESET)
                .map(one -> one.teacherId)
                .flatMap(teachers::findById)
                .orElseThrow(AccountService::oldLink);
        teacher.passwordHash = made.hashOf(password, "password", teacher.email, teacher.name);
        tokens.forget(teacher.id);
        letters.passwordChanged(teacher.email);
        return nextEpoch(teacher);
    }

    private static Refusal oldLink() {
        return Refusal.of("word", "This link was used already, or is older than a day.")
                .fits("Ask for a new letter.");
    }

    /** What the answer to a letter brought. */
    record Answer(Teacher teacher, String sentence) {}

    /** Takes the answer to a letter: makes the studio, or changes the address. */
    @Transactional
    Answer answered(String word) {
        AccountTokenEntity token = tokens.take(word)
                .filter(one -> one.kind == Kind.SIGN_UP || one.kind == Kind.ADDRESS)
                .orElseThrow(AccountService::oldLink);
        if (teachers.findByEmail(token.email).isPresent()) throw taken();
        if (token.kind == Kind.SIGN_UP) {
            if (token.studio == null || token.name == null || token.passwordHash == null) throw oldLink();
            Teacher teacher = make(token.studio, token.name, token.email, token.passwordHash);
            return new Answer(teacher, "Your studio is made.");
        }
        TeacherEntity teacher =
                Optional.ofNullable(token.teacherId).flatMap(teachers::findById).orElseThrow(AccountService::oldLink);
        String before = teacher.email;
        teacher.email = token.email;
        letters.addressChanged(before, token.email);
        return new Answer(acting(teacher), "From now on you come in as " + token.email + ".");
    }

    private TeacherEntity proved(Teacher who, String password, String field) {
        TeacherEntity teacher = find(who);
        if (!passwords.matches(password, teacher.passwordHash)) {
            throw Refusal.of(field, "This is not your password.");
        }
        return teacher;
    }

    private TeacherEntity find(Teacher who) {
        return teachers.findById(who.teacherId()).orElseThrow(() -> Problems.notFound("teacher"));
    }

    /** The address of a teacher. */
    @Transactional(readOnly = true)
    String emailOf(Teacher who) {
        return find(who).email;
    }

    /** What the interface shows of a signed-in teacher. */
    @Transactional(readOnly = true)
    public TeacherView view(Teacher teacher) {
        TeacherEntity entity = find(teacher);
        StudioEntity studio = studios.findById(teacher.studioId()).orElseThrow(() -> Problems.notFound("studio"));
        return new TeacherView(
                entity.name,
                entity.email,
                studio.name,
                entity.role == TeacherEntity.Role.OWNER,
                studio.deletedAt == null
                        ? null
                        : LocalDate.ofInstant(studio.deletedAt.plus(BACK_FOR), clock.getZone()));
    }

    static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * A teacher as shown: name, address, studio.
     *
     * @param owner whether the studio is theirs
     * @param goneOn of a deleted studio the day from which on it cannot be taken back; absent for one that is there
     */
    public record TeacherView(String name, String email, String studio, boolean owner, @Nullable LocalDate goneOn) {}
}
