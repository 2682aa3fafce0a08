package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.documents.PassageDocument.Reader;
import pebblestep.documents.Workings;
import tools.jackson.databind.json.JsonMapper;

/**
 * Steps of one line in one key stay what they were, byte for byte: each line of the kept file is a step, the instrument, the
 * print of all that was answered before voices and walks were there, and the answer is the same today.
 */
class OneLineStepsTest {
    private static final JsonMapper JSON = IdentifiedNames.JSON;
    /** Syllables stand beside the degrees since the prints were taken; nothing else of the answer may differ. */
    private static final String ADDED_SINCE = "\"solfa\":\"[^\"]*\",";

    /** A table of awkward places has become what is hard for the hand, which is said with the fingering. */
    private static final String SAID_OTHERWISE = "\"awkward\":\\[[^\\]]*\\],";

    private static final String KEPT = "/pebblestep/one-line-steps.txt";

    @Test
    void every_kept_step_answers_byte_for_byte_as_before() throws IOException {
        List<String> changed = new ArrayList<>();
        List<String> lines;
        try (var in = OneLineStepsTest.class.getResourceAsStream(KEPT)) {
            lines = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        }
        for (String line : lines) {
            String[] parts = line.split("\t");
            Step step = StepJson.read(parts[2]);
            assertThat(StepJson.writeText(step)).isEqualTo(parts[2]);
            if (!print(answer(step, parts[1])).equals(parts[0])) changed.add(parts[1] + " " + parts[2]);
        }
        assertThat(lines).hasSizeGreaterThan(150);
        assertThat(changed).isEmpty();
    }

    private static String answer(Step step, String instrument) {
        Optional<Player> player =
                instrument.equals("-") ? Optional.empty() : Optional.of(Player.of(Instruments.of(instrument)));
        Reader reader = new Reader(player, Optional.empty(), new Speech(CountSchool.NUMBERS, ValueNames.AMERICAN));
        try {
            return JSON.writeValueAsString(
                            Workings.of(step, reader, EnumSet.complementOf(EnumSet.of(Workings.Extra.HAND))))
                    .replaceAll(ADDED_SINCE, "")
                    .replaceAll(SAID_OTHERWISE, "");
        } catch (Refusal e) {
            return e.getMessage() + e.field();
        }
    }

    private static String print(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, 20);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
