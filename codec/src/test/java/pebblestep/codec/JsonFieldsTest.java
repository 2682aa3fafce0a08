package pebblestep.codec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;

class JsonFieldsTest {
    private static final int MANY = 20_000;

    private static Refusal refused(String json, Function<JsonValue, ?> read) {
        return catchThrowableOfType(Refusal.class, () -> read.apply(JsonFields.parse(json)));
    }

    @Test
    void a_day_that_somebody_means_is_read_where_the_platform_reads_it() {
        Random random = new Random(15);
        for (int i = 0; i < MANY; i++) {
            String text =
                    "%04d-%02d-%02d".formatted(random.nextInt(1850, 2250), random.nextInt(14), random.nextInt(33));
            Optional<LocalDate> platform = byPlatform(text);
            JsonValue value = JsonFields.parse("\"" + text + "\"");
            Optional<LocalDate> here;
            try {
                here = Optional.of(JsonFields.day(value));
            } catch (Refusal e) {
                here = Optional.empty();
            }
            assertThat(here).as(text).isEqualTo(platform.filter(day -> day.getYear() >= 1900 && day.getYear() <= 2200));
        }
    }

    private static Optional<LocalDate> byPlatform(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"\"\"", "\"2026-1-1\"", "\"+026-01-01\"", "\"2026-01-01T00\"", "\"2026.01.01\"", "20260101"})
    void what_is_no_day_is_refused(String json) {
        assertThat(refused(json, JsonFields::day)).isNotNull();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"1e999999999", "1e31", "1e-31", "12345678901234567890123456789012345678901", "\"1\"", "true"})
    void a_number_that_nobody_means_is_refused_before_it_takes_the_memory(String json) {
        assertThat(refused(json, JsonFields::decimal)).hasMessageEndingWith("does not fit here.");
        assertThat(refused(json, JsonFields::whole)).isNotNull();
    }

    @Test
    void a_whole_number_is_whole_and_within_its_bounds() {
        assertThat(JsonFields.whole(JsonFields.parse("2147483647"))).isEqualTo(Integer.MAX_VALUE);
        assertThat(JsonFields.whole(JsonFields.parse("1.20e2"))).isEqualTo(120);
        assertThat(refused("2147483648", JsonFields::whole)).isNotNull();
        assertThat(refused("1.5", JsonFields::whole)).isNotNull();
        assertThat(JsonFields.longWhole(JsonFields.parse("-9223372036854775808")))
                .isEqualTo(Long.MIN_VALUE);
        assertThat(refused("9223372036854775808", JsonFields::longWhole)).isNotNull();
    }

    @Test
    void a_decimal_keeps_its_spelling() {
        assertThat(JsonFields.decimal(JsonFields.parse("97.50"))).isEqualTo(new BigDecimal("97.50"));
    }

    @Test
    void what_is_wrong_within_is_refused_with_the_whole_way_to_it() {
        Refusal refusal = refused(
                "{\"axes\":[{\"rungs\":[1,2,\"three\"]}]}",
                value -> JsonFields.required(
                        value.asObject(),
                        "axes",
                        axes -> JsonFields.list(
                                axes,
                                axis -> JsonFields.required(
                                        axis.asObject(),
                                        "rungs",
                                        rungs -> JsonFields.list(rungs, JsonFields::whole)))));
        assertThat(refusal.pointer()).isEqualTo("/axes/0/rungs/2");
        assertThat(refusal).hasMessage("\"three\" does not fit here.");
    }

    @Test
    void a_field_that_is_missing_or_not_known_is_named() {
        assertThat(refused("{}", value -> JsonFields.required(value.asObject(), "step", JsonFields::text))
                        .pointer())
                .isEqualTo("/step");
        assertThat(refused("{\"step\":1,\"stp\":2}", value -> JsonFields.object(value, Set.of("step")))
                        .pointer())
                .isEqualTo("/stp");
    }

    @Test
    void nothing_said_and_null_are_the_same() {
        JsonObject object = JsonFields.parse("{\"back\":null}").asObject();
        assertThat(JsonFields.field(object, "back", JsonFields::text)).isNull();
        assertThat(JsonFields.field(object, "place", JsonFields::text)).isNull();
        assertThat(refused("[null]", value -> JsonFields.list(value, JsonFields::text))
                        .pointer())
                .isEqualTo("/0");
    }

    @Test
    void text_that_is_no_json_is_refused_as_such() {
        assertThat(refused("{", value -> value)).hasMessageStartingWith("This is not JSON: ");
        assertThat(refused("[".repeat(100_000), value -> value)).hasMessageStartingWith("This is not JSON: ");
    }

    @Test
    void a_long_text_is_not_said_back_whole() {
        Refusal refusal = refused("\"" + "x".repeat(5_000) + "\"", JsonFields::truth);
        assertThat(refusal.getMessage()).hasSizeLessThan(100).endsWith("… does not fit here.");
    }
}
