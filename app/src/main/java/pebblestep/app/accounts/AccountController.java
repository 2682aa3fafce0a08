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
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.AccountService.TeacherView;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Teacher;

/** Signing up, in and out. */
@RestController
class AccountController {
    private final AccountService accounts;
    private final SignInGuard guard;
    private final SecurityContextRepository contexts;
    private final ObjectProvider<DemoDoor> demo;

    AccountController(
            AccountService accounts,
            SignInGuard guard,
            SecurityContextRepository contexts,
            ObjectProvider<DemoDoor> demo) {
        this.accounts = accounts;
        this.guard = guard;
        this.contexts = contexts;
        this.demo = demo;
    }

    /** Who is signed in, if anybody; in the demo also how to come in. */
    record SessionView(@Nullable TeacherView teacher, @Nullable DemoDoor demo) {}

    @GetMapping("/api/session")
    SessionView session(@AuthenticationPrincipal @Nullable Teacher teacher) {
        return new SessionView(teacher == null ? null : accounts.view(teacher), demo.getIfAvailable());
    }

    @PostMapping(path = "/api/session", consumes = MediaType.APPLICATION_JSON_VALUE)
    SessionView signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        String email = AccountService.normal(given.email());
        guard.tries(email, request.getRemoteAddr());
        Optional<Teacher> teacher = accounts.signIn(given);
        if (teacher.isEmpty()) throw Problems.wrongSignIn();
        guard.succeeded(email, request.getRemoteAddr());
        return enter(teacher.get(), request, response);
    }

    @PostMapping(path = "/api/accounts", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    SessionView signUp(@Valid @RequestBody SignUp wish, HttpServletRequest request, HttpServletResponse response) {
        guard.signsUp(request.getRemoteAddr());
        return enter(accounts.signUp(wish), request, response);
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) session.invalidate();
        SecurityContextHolder.clearContext();
    }

    /** Puts the teacher into a session with a new id, so that an id planted before is worth nothing. */
    private SessionView enter(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                teacher, null, List.of(new SimpleGrantedAuthority("ROLE_TEACHER"))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return session(teacher);
    }
}
