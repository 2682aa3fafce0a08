package pebblestep.app.students;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pebblestep.app.Given;
import pebblestep.app.storage.Seals;

class LinkTokensTest {
    @TempDir
    Path folder;

    private LinkTokens tokens() {
        return new LinkTokens(new Seals(Given.properties(folder.resolve("data"), false, 20)));
    }

    @Test
    void a_token_names_its_student_and_is_sealed_for_one_version() {
        LinkTokens tokens = tokens();
        String token = tokens.token(42, 3, "shore");
        assertThat(tokens.studentId(token)).contains(42L);
        assertThat(tokens.isSealed(token, 42, 3, "shore")).isTrue();
        assertThat(tokens.isSealed(token, 42, 4, "shore")).isFalse();
        assertThat(tokens.isSealed(token, 43, 3, "shore")).isFalse();
        assertThat(tokens.isSealed(token, 42, 3, "other")).as("another studio").isFalse();
        assertThat(tokens.room(42, "shore")).isNotEqualTo(tokens.room(42, "other"));
        assertThat(token).hasSize(32).doesNotContain("=", "/", "+");
    }

    @Test
    void any_changed_bit_breaks_the_seal() {
        LinkTokens tokens = tokens();
        byte[] bytes = Base64.getUrlDecoder().decode(tokens.token(42, 3, "shore"));
        for (int i = 0; i < bytes.length * 8; i++) {
            byte[] forged = bytes.clone();
            forged[i / 8] ^= (byte) (1 << i % 8);
            String token = Base64.getUrlEncoder().withoutPadding().encodeToString(forged);
            long claimed = tokens.studentId(token).orElseThrow();
            assertThat(tokens.isSealed(token, claimed, 3, "shore")).isFalse();
        }
    }

    @Test
    void what_is_no_token_names_nobody() {
        for (String text : new String[] {"", "a", "!!!", "AAAA", "A".repeat(31), "A".repeat(33), "A".repeat(5000)}) {
            assertThat(tokens().studentId(text)).as(text).isEmpty();
            assertThat(tokens().isSealed(text, 1, 1, "")).as(text).isFalse();
        }
    }

    @Test
    void the_key_outlives_a_restart_and_is_another_in_another_studio() throws IOException {
        String token = tokens().token(7, 1, "");
        assertThat(tokens().isSealed(token, 7, 1, "")).isTrue();
        assertThat(Files.size(folder.resolve("data/practice-links.key"))).isEqualTo(32);
        LinkTokens elsewhere = new LinkTokens(new Seals(Given.properties(folder.resolve("other"), false, 20)));
        assertThat(elsewhere.isSealed(token, 7, 1, "")).isFalse();
    }

    @Test
    void a_room_has_one_name_whatever_link_leads_to_it_and_another_for_every_student_and_studio() {
        LinkTokens elsewhere = new LinkTokens(new Seals(Given.properties(folder.resolve("other"), false, 20)));
        assertThat(List.of(tokens().room(7, ""), tokens().room(8, ""), elsewhere.room(7, "")))
                .doesNotHaveDuplicates()
                .allMatch(room -> room.matches("[A-Za-z0-9_-]{12}"));
        assertThat(tokens().room(7, "")).isEqualTo(tokens().room(7, ""));
    }

    @Test
    void the_demo_keeps_no_key() {
        LinkTokens demo = new LinkTokens(new Seals(Given.properties(folder.resolve("demo"), true, 20)));
        assertThat(demo.isSealed(demo.token(1, 1, ""), 1, 1, "")).isTrue();
        assertThat(folder.resolve("demo")).doesNotExist();
    }
}
