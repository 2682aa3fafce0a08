package pebblestep.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Held against the platform's formatter for ISO 8601. */
class DaysTest {
    private static Optional<LocalDate> byTheFormatter(String text) {
        try {
            return Optional.of(LocalDate.parse(text, DateTimeFormatter.ISO_LOCAL_DATE));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    @Test
    void ten_thousand_texts_are_read_as_the_formatter_reads_them() {
        Random random = new Random(8);
        for (int i = 0; i < 10_000; i++) {
            String text = "%04d-%02d-%02d".formatted(random.nextInt(3000), random.nextInt(14), random.nextInt(33));
            assertThat(Days.parse(text)).as(text).isEqualTo(byTheFormatter(text));
        }
    }

    @Test
    void a_moment_has_its_own_day_whatever_its_distance_from_utc() {
        assertThat(Days.in("2026-03-02T23:59:59.999-11:00")).contains(LocalDate.of(2026, 3, 2));
        assertThat(Days.in("2026-03-02T00:00:00+14:00")).contains(LocalDate.of(2026, 3, 2));
        assertThat(Days.parse("2026-03-02T00:00:00Z")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "2026", "2026-3-2", "2026-02-30", "2026/03/02", "20x6-03-02", "2026-03-0٣", "+2026-03-02"})
    void anything_else_is_none(String text) {
        assertThat(Days.in(text)).isEmpty();
    }
}
