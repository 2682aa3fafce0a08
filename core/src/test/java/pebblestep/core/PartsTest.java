package pebblestep.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Taking texts apart, held against what the platform's own patterns do with seeded texts. */
class PartsTest {
    private static final int MANY = 5_000;
    private static final String LETTERS = "ab12 \t\n+-٣";

    private static String any(Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(12); i > 0; i--) text.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        return text.toString();
    }

    @Test
    void parts_are_those_of_the_platform() {
        Random random = new Random(15);
        for (int i = 0; i < MANY; i++) {
            String text = any(random);
            assertThat(Parts.of(text, "+")).as(text).isEqualTo(Arrays.asList(text.split("\\+", -1)));
            assertThat(Parts.of(text, "+", 2)).as(text).isEqualTo(Arrays.asList(text.split("\\+", 2)));
        }
    }

    @Test
    void words_are_those_of_the_platform() {
        Random random = new Random(16);
        for (int i = 0; i < MANY; i++) {
            String text = any(random);
            List<String> platform = Arrays.stream(text.split("\\s+"))
                    .filter(word -> !word.isEmpty())
                    .toList();
            assertThat(Parts.words(text)).as(text).isEqualTo(platform);
        }
    }

    @Test
    void digits_are_those_of_a_number_and_no_others() {
        Random random = new Random(17);
        for (int i = 0; i < MANY; i++) {
            String text = any(random);
            assertThat(Parts.isDigits(text, 3)).as(text).isEqualTo(text.matches("[0-9]{1,3}"));
        }
    }

    @Test
    void lines_have_no_empty_one_at_the_end() {
        assertThat(Parts.lines("a\n\nb\n")).containsExactly("a", "", "b");
        assertThat(Parts.lines("a\nb")).containsExactly("a", "b");
        assertThat(Parts.lines("")).isEmpty();
    }
}
