package pebblestep.app.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.web.ErrorResponseException;
import pebblestep.app.Given;

/** Who guesses is slowed down, and nobody else. */
class SignInGuardTest {
    private final SignInGuard guard = new SignInGuard(Given.properties(Path.of("data"), false, 3));

    private boolean passes(String email, String place) {
        try {
            guard.tries(email, place);
            return true;
        } catch (ErrorResponseException e) {
            assertThat(e.getStatusCode().value()).isEqualTo(429);
            return false;
        }
    }

    @Test
    void tries_at_the_same_moment_are_counted_before_they_are_tested() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        try (ExecutorService pool = Executors.newFixedThreadPool(40)) {
            List<Future<Boolean>> tries = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                tries.add(pool.submit(() -> {
                    go.await();
                    return passes("ada@example.test", "there");
                }));
            }
            go.countDown();
            int passed = 0;
            for (Future<Boolean> one : tries) if (one.get()) passed++;
            assertThat(passed).isEqualTo(SignInGuard.TRIES_PER_ACCOUNT);
        }
    }

    @Test
    void right_ones_at_the_same_moment_all_come_in_and_wrong_ones_do_not() throws Exception {
        assertThat(together(16, "ada@example.test", true)).isEqualTo(16);
        assertThat(together(40, "bo@example.test", false)).isEqualTo(SignInGuard.TRIES_PER_ACCOUNT);
    }

    /** How many of so many tries at one moment were tested. */
    private int together(int tries, String email, boolean right) throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        AtomicInteger tested = new AtomicInteger();
        try (ExecutorService pool = Executors.newFixedThreadPool(tries)) {
            for (int i = 0; i < tries; i++) {
                pool.execute(() -> {
                    try {
                        go.await();
                        guard.test(email, "there", () -> {
                            tested.incrementAndGet();
                            return right ? Optional.of("in") : Optional.empty();
                        });
                    } catch (ErrorResponseException | InterruptedException e) {
                        // Not tested.
                    }
                });
            }
            go.countDown();
        }
        return tested.get();
    }

    @Test
    void made_up_addresses_keep_out_nobody_who_has_come_in_from_there() {
        guard.tries("ada@example.test", "school");
        guard.succeeded("ada@example.test", "school");
        int passed = 0;
        for (int i = 0; i < 500; i++) if (passes("nobody" + i + "@example.test", "school")) passed++;
        assertThat(passed).as("a place may try that often").isLessThan(SignInGuard.TRIES_PER_PLACE + 10);
        assertThat(passes("ada@example.test", "school")).isTrue();
        assertThat(passes("somebody@example.test", "home")).as("from elsewhere").isTrue();
    }

    @Test
    void guessing_at_an_address_from_many_places_keeps_its_owner_in() {
        guard.tries("ada@example.test", "home");
        guard.succeeded("ada@example.test", "home");
        int passed = 0;
        for (int i = 0; i < 500; i++) if (passes("ada@example.test", "place " + i)) passed++;
        assertThat(passed).isLessThan(SignInGuard.TRIES_ANYWHERE + 5);
        assertThat(passes("ada@example.test", "home")).isTrue();
    }

    @Test
    void success_gives_back_what_was_counted() {
        for (int i = 0; i < 4 * SignInGuard.TRIES_PER_PLACE; i++) {
            assertThat(passes("ada@example.test", "home")).isTrue();
            guard.succeeded("ada@example.test", "home");
        }
    }

    @Test
    void new_accounts_are_counted_by_their_place() {
        for (int i = 0; i < 3; i++) guard.signsUp("here");
        assertThatThrownBy(() -> guard.signsUp("here")).hasMessageContaining("new accounts");
        assertThatCode(() -> guard.signsUp("there")).doesNotThrowAnyException();
    }
}
