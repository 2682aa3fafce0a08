package pebblestep.codec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is written is JSON by RFC 8259: a general-purpose reader, Jackson, reads it back as what was meant. */
class JsonTextTest {
    private static final JsonMapper JACKSON = JsonMapper.builder().build();
    private static final int MANY = 20_000;

    private static JsonNode readBack(JsonText text) {
        return JACKSON.readTree(text.toString());
    }

    @Test
    void objects_and_lists_within_each_other_have_their_commas() {
        JsonText text = new JsonText().open('{').name("list").open('[');
        text.number(1).open('{').close('}').truth(true).text("two").close(']');
        text.name("none")
                .open('[')
                .close(']')
                .anyName("a \"name\"")
                .truth(false)
                .name("spelled")
                .spelled("97.50");
        assertThat(text.close('}'))
                .hasToString("{\"list\":[1,{},true,\"two\"],\"none\":[],\"a \\\"name\\\"\":false,\"spelled\":97.50}");
        assertThat(readBack(text).get("list")).hasSize(4);
    }

    @Test
    void any_character_of_a_text_and_of_a_name_comes_back() {
        StringBuilder all = new StringBuilder();
        for (char one = 0; one < 0x3000; one++) all.append(one);
        all.append("\uD834\uDD1E");
        JsonText text = new JsonText().open('{').anyName(all.toString()).text(all.toString());
        Map<?, ?> back = JACKSON.readValue(text.close('}').toString(), Map.class);
        assertThat(back.keySet().iterator().next()).isEqualTo(all.toString());
        assertThat(back.values().iterator().next()).isEqualTo(all.toString());
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "7, 7",
        "-7, -7",
        "0.5, 0.5",
        "-0.5, -0.5",
        "97.25, 97.25",
        "0.001, 0.001",
        "0.01, 0.01",
        "-3.007, -3.007"
    })
    void a_number_of_thousandths_is_written_as_a_person_would(double value, String written) {
        assertThat(new JsonText().number(value)).hasToString(written);
    }

    @Test
    void every_number_comes_back_as_the_same_number() {
        Random random = new Random(15);
        for (int i = 0; i < MANY; i++) {
            double any = Double.longBitsToDouble(random.nextLong());
            double rounded = Math.rint(random.nextGaussian() * 1e6) / 1000;
            for (double value : List.of(any, rounded, random.nextGaussian(), (double) random.nextLong())) {
                if (Double.isNaN(value) || Double.isInfinite(value)) continue;
                assertThat(readBack(new JsonText().number(value)).asDouble())
                        .as("%s", value)
                        .isEqualTo(value);
            }
            long whole = random.nextLong();
            assertThat(readBack(new JsonText().number(whole)).asLong()).isEqualTo(whole);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void what_json_cannot_say_is_refused(double value) {
        JsonText text = new JsonText();
        assertThatThrownBy(() -> text.number(value)).isInstanceOf(IllegalArgumentException.class);
        assertThat(text).hasToString("");
    }

    @Test
    void more_than_was_laid_out_for_at_first_has_room() {
        JsonText text = new JsonText().open('[');
        for (int i = 0; i < MANY; i++) text.number(i);
        assertThat(readBack(text.close(']'))).hasSize(MANY);
    }
}
