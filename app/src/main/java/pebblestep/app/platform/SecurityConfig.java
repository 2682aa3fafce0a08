package pebblestep.app.platform;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import pebblestep.app.configuration.PebbleProperties;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who may do what. Teachers hold a session cookie and send the CSRF token back; students send the token of their
 * practice link with each request, so no cookie of theirs can be misused.
 */
@Configuration
class SecurityConfig {
    static final String TEACHER = "ROLE_TEACHER";
    static final String STUDENT = "ROLE_STUDENT";
    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1", "::1");
    private static final String BEARER = "Bearer ";

    /** Everything ships with the application; Tone.js runs its ticker in a worker made from a blob. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; "
                    + "font-src 'self' data:; img-src 'self' data:; worker-src 'self' blob:; object-src 'none'; "
                    + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder(PebbleProperties properties) {
        return new BCryptPasswordEncoder(properties.passwordStrength());
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    @Order(1)
    SecurityFilterChain practice(HttpSecurity http, PracticeLinkReader links, JsonMapper json) throws Exception {
        headers(http);
        return http.securityMatcher("/api/practice/**")
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .addFilterBefore(new LinkFilter(links), AnonymousAuthenticationFilter.class)
                .authorizeHttpRequests(requests -> requests.anyRequest().hasAuthority(STUDENT))
                .exceptionHandling(errors -> errors.authenticationEntryPoint(entryPoint(
                        json, "This practice link does not work any more. Ask your teacher for the new one.")))
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain application(
            HttpSecurity http,
            SecurityContextRepository contexts,
            TeacherSessions sessions,
            OpenStudios studios,
            PebbleProperties properties,
            JsonMapper json)
            throws Exception {
        headers(http);
        PathPatternRequestMatcher.Builder path = PathPatternRequestMatcher.withDefaults();
        return http
                // Signing in needs no token: it takes JSON only, which no foreign page can send, and the cookie is lax.
                // Nor do the commands on this machine: they send a token that no page knows.
                .csrf(csrf -> csrf.spa()
                        .ignoringRequestMatchers(
                                path.matcher(HttpMethod.POST, "/api/session"),
                                path.matcher(HttpMethod.POST, "/internal/backup")))
                .securityContext(context -> context.securityContextRepository(contexts))
                .addFilterBefore(new EpochFilter(sessions), AnonymousAuthenticationFilter.class)
                .addFilterAfter(new DeletedFilter(studios, json), AnonymousAuthenticationFilter.class)
                .requestCache(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .authorizeHttpRequests(requests -> requests.requestMatchers("/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/accounts", "/api/letters/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/mailbox")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .hasAuthority(TEACHER)
                        .requestMatchers("/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/actuator/prometheus")
                        .access((who, asked) ->
                                new AuthorizationDecision(properties.metrics() && isThisMachine(asked.getRequest())))
                        // The API document is for those who may call the API; an attacker learns less.
                        .requestMatchers("/v3/api-docs")
                        .hasAuthority(TEACHER)
                        // The error page is shown only after an error.
                        .dispatcherTypeMatchers(DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers("/error")
                        .denyAll()
                        .requestMatchers("/actuator/**", "/v3/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .exceptionHandling(errors -> errors.authenticationEntryPoint(
                                entryPoint(json, "You are not signed in. Sign in, then try again."))
                        .accessDeniedHandler(accessDenied(json)))
                .build();
    }

    private static boolean isThisMachine(HttpServletRequest request) {
        return LOOPBACK.contains(request.getRemoteAddr());
    }

    private static void headers(HttpSecurity http) throws Exception {
        // A practice link stands in the address bar; it must not travel on to other places.
        http.headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)));
    }

    private static AuthenticationEntryPoint entryPoint(JsonMapper json, String sentence) {
        ProblemWriter problems = new ProblemWriter(json);
        return (request, response, error) -> problems.write(
                response, Problems.of(HttpStatus.UNAUTHORIZED, "not-signed-in", "Not signed in", sentence));
    }

    private static AccessDeniedHandler accessDenied(JsonMapper json) {
        ProblemWriter problems = new ProblemWriter(json);
        return (request, response, error) -> problems.write(
                response,
                Problems.of(
                        HttpStatus.FORBIDDEN,
                        "forbidden",
                        "Not allowed",
                        "This request did not carry the token of this page, or is not yours to make. Load the page again."));
    }

    /** For a deleted studio, answers only whether it can be restored. */
    private static final class DeletedFilter extends OncePerRequestFilter {
        private static final Set<String> LEFT = Set.of("/api/session", "/api/studio/take-back");

        private final OpenStudios studios;
        private final ProblemWriter problems;

        DeletedFilter(OpenStudios studios, JsonMapper json) {
            this.studios = studios;
            this.problems = new ProblemWriter(json);
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            Authentication who = SecurityContextHolder.getContext().getAuthentication();
            if (who != null
                    && who.getPrincipal() instanceof Teacher teacher
                    && request.getRequestURI().startsWith("/api/")
                    && !LEFT.contains(request.getRequestURI())
                    && studios.deleted(teacher.studioId()).isPresent()) {
                problems.write(
                        response,
                        Problems.of(
                                HttpStatus.GONE,
                                "studio-deleted",
                                "This studio is deleted",
                                "This studio is deleted. Load the page again to take it back."));
                return;
            }
            chain.doFilter(request, response);
        }
    }

    /** Ends a session that began before its teacher signed out everywhere. */
    private static final class EpochFilter extends OncePerRequestFilter {
        private final TeacherSessions sessions;

        EpochFilter(TeacherSessions sessions) {
            this.sessions = sessions;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            Authentication who = SecurityContextHolder.getContext().getAuthentication();
            if (who != null && who.getPrincipal() instanceof Teacher teacher && !sessions.isCurrent(teacher)) {
                HttpSession session = request.getSession(false);
                if (session != null) session.invalidate();
                SecurityContextHolder.clearContext();
            }
            chain.doFilter(request, response);
        }
    }

    /** Signs a student in for one request by the token of the practice link. */
    private static final class LinkFilter extends OncePerRequestFilter {
        private final PracticeLinkReader links;

        LinkFilter(PracticeLinkReader links) {
            this.links = links;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String header = request.getHeader(HttpHeaders.AUTHORIZATION);
            if (header != null && header.startsWith(BEARER)) {
                links.visitor(header.substring(BEARER.length()).strip()).ifPresent(visitor -> {
                    var context = SecurityContextHolder.createEmptyContext();
                    context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                            visitor, null, List.of(new SimpleGrantedAuthority(STUDENT))));
                    SecurityContextHolder.setContext(context);
                });
            }
            chain.doFilter(request, response);
        }
    }
}
