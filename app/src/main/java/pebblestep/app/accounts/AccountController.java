package pebblestep.app.accounts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.AccountService.TeacherView;
import pebblestep.app.accounts.AccountViews.AddressChange;
import pebblestep.app.accounts.AccountViews.Answered;
import pebblestep.app.accounts.AccountViews.Forgotten;
import pebblestep.app.accounts.AccountViews.LetterAnswered;
import pebblestep.app.accounts.AccountViews.NewPassword;
import pebblestep.app.accounts.AccountViews.PasswordChange;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.configuration.PebbleProperties.SignUps;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Teacher;

/** Signing up, in and out. */
@RestController
class AccountController {
    private final AccountService accounts;
    private final StudioTeachers teachers;
    private final SignInGuard guard;
    private final SecurityContextRepository contexts;
    private final PebbleProperties properties;
    private final ObjectProvider<DemoDoor> demo;

    AccountController(
            AccountService accounts,
            StudioTeachers teachers,
            SignInGuard guard,
            SecurityContextRepository contexts,
            PebbleProperties properties,
            ObjectProvider<DemoDoor> demo) {
        this.properties = properties;
        this.teachers = teachers;
        this.accounts = accounts;
        this.guard = guard;
        this.contexts = contexts;
        this.demo = demo;
    }

    /**
     * Who is signed in, if anybody; in the demo also how to come in.
     *
     * @param signUp who may make a studio here
     * @param letter whether a letter was sent that has to be answered first
     */
    record SessionView(@Nullable TeacherView teacher, @Nullable DemoDoor demo, SignUps signUp, boolean letter) {}

    @GetMapping("/api/session")
    SessionView session(@AuthenticationPrincipal @Nullable Teacher teacher) {
        return view(teacher, false);
    }

    private SessionView view(@Nullable Teacher teacher, boolean letter) {
        return new SessionView(
                teacher == null ? null : accounts.view(teacher), demo.getIfAvailable(), properties.signUp(), letter);
    }

    @PostMapping(path = "/api/session", consumes = MediaType.APPLICATION_JSON_VALUE)
    SessionView signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        String email = AccountService.normal(given.email());
        Optional<Teacher> teacher = guard.test(email, request.getRemoteAddr(), () -> accounts.signIn(given));
        if (teacher.isEmpty()) throw Problems.wrongSignIn();
        return enter(teacher.get(), request, response);
    }

    @PostMapping(path = "/api/accounts", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    SessionView signUp(@Valid @RequestBody SignUp wish, HttpServletRequest request, HttpServletResponse response) {
        guard.signsUp(request.getRemoteAddr());
        accounts.requireOpen(wish);
        if (accounts.asksForAnswer()) {
            accounts.askToSignUp(wish);
            return view(null, true);
        }
        return enter(accounts.signUp(wish), request, response);
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) session.invalidate();
        SecurityContextHolder.clearContext();
    }

    /** Another password; other devices are signed out. */
    @PutMapping("/api/account/password")
    SessionView changePassword(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody PasswordChange change,
            HttpServletRequest request,
            HttpServletResponse response) {
        guard.tries(accounts.emailOf(teacher), request.getRemoteAddr());
        Teacher after = accounts.changePassword(teacher, change.now(), change.password());
        guard.succeeded(accounts.emailOf(teacher), request.getRemoteAddr());
        return enter(after, request, response);
    }

    /** Another address, once a letter sent there is answered; the answer is the same for one that is taken. */
    @PutMapping("/api/account/email")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void changeAddress(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody AddressChange change,
            HttpServletRequest request) {
        guard.tries(accounts.emailOf(teacher), request.getRemoteAddr());
        accounts.changeAddress(teacher, change.email(), change.password());
        guard.succeeded(accounts.emailOf(teacher), request.getRemoteAddr());
    }

    /** Signs out every other device. */
    @PostMapping("/api/account/sign-out-everywhere")
    SessionView signOutEverywhere(
            @AuthenticationPrincipal Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
        return enter(accounts.signOutEverywhere(teacher), request, response);
    }

    /** Asks for a letter about a forgotten password; the answer is the same for an address that nobody has. */
    @PostMapping("/api/letters/forgotten")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void forgotten(@Valid @RequestBody Forgotten form, HttpServletRequest request) {
        guard.asksForLetter(AccountService.normal(form.email()), request.getRemoteAddr());
        accounts.forgotten(form.email());
    }

    /** A new password by the word of a letter, and in. */
    @PostMapping("/api/letters/new-password")
    SessionView reset(@Valid @RequestBody NewPassword form, HttpServletRequest request, HttpServletResponse response) {
        guard.opensLetter(request.getRemoteAddr());
        return enter(accounts.reset(form.word(), form.password()), request, response);
    }

    /** Takes up an invitation to teach in a studio, and in. */
    @PostMapping("/api/letters/join")
    SessionView join(@Valid @RequestBody NewPassword form, HttpServletRequest request, HttpServletResponse response) {
        guard.opensLetter(request.getRemoteAddr());
        return enter(teachers.join(form.word(), form.password()), request, response);
    }

    /** Takes the answer to a letter, and in. */
    @PostMapping("/api/letters/answer")
    LetterAnswered answer(@Valid @RequestBody Answered form, HttpServletRequest request, HttpServletResponse response) {
        guard.opensLetter(request.getRemoteAddr());
        AccountService.Answer answer = accounts.answered(form.word());
        enter(answer.teacher(), request, response);
        return new LetterAnswered(answer.sentence());
    }

    /** Puts the teacher into a session with a new id, so that an id planted before is worth nothing. */
    private SessionView enter(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                teacher, null, List.of(new SimpleGrantedAuthority("ROLE_TEACHER"))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return view(teacher, false);
    }
}
