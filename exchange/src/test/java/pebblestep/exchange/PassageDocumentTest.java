package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.ClicksDocument;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.PulseDocument;
import pebblestep.documents.ScoreDocument;
import pebblestep.documents.Workings;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PassageDocumentTest {
    private static final JsonMapper JSON = IdentifiedNames.JSON;
    private static final Player HORN = Player.of(Instruments.of("english-horn"));
    private static final Passage PASSAGE = Passage.of(StepJson.read(StepDocumentsTest.EXAMPLE), HORN);

    private static final Landing LANDING = Landing.of(PASSAGE.step());

    /** A passage for nobody in particular, with nothing beside it. */
    private static PassageDocument plain(Passage passage) {
        return PassageDocument.of(
                passage, Landing.of(passage.step()), PassageDocument.Reader.NOBODY, PassageDocument.Beside.NOTHING);
    }

    /** The answer of the published format, field for field, for its example step. */
    @Test
    void the_example_answers_as_published() {
        JsonNode answer = JSON.valueToTree(plain(PASSAGE));
        assertThat(answer.get("notes").get(0))
                .isEqualTo(
                        JSON.readTree(
                                """
                { "index": 0, "pitch": "Ab4", "concert": "Db4", "midi": 61, "degree": "1", "solfa": "do", "at": "0", "value": "1/16",
                  "bar": 1, "count": "1", "said": "1", "ms": 0.0, "durationMs": 208.333 }"""));
        assertThat(answer.get("noteCount").asInt()).isEqualTo(29);
        assertThat(answer.get("bars").asInt()).isEqualTo(2);
        assertThat(answer.get("durationMs").asDouble()).isEqualTo(6041.667);
        assertThat(answer.get("notesPerSecond").asDouble()).isEqualTo(4.8);
        JsonNode landing = answer.get("landing");
        assertThat(landing.get("lands").asBoolean()).isFalse();
        assertThat(landing.get("at").asString()).isEqualTo("7/4");
        assertThat(landing.get("bar").asInt()).isEqualTo(2);
        assertThat(landing.get("count").asString()).isEqualTo("4");
        assertThat(landing.get("off").asString()).isEqualTo("-1/4");
        assertThat(landing.get("clicks").toString()).isEqualTo("-4");
        assertThat(landing.get("sentence").asString())
                .isEqualTo("Ends on beat 4 of bar 2, one quarter short of beat 1.");
        JsonNode fix = landing.get("fixes").get(0);
        assertThat(fix.get("kind").asString()).isEqualTo("move");
        assertThat(fix.get("by").asString()).isEqualTo("1/4");
        assertThat(fix.get("place").asString()).isEqualTo("1/4");
        assertThat(fix.get("startsOn").asString()).isEqualTo("2");
        assertThat(fix.get("sentence").asString()).isEqualTo("Start on 2, a quarter later.");
        assertThat(answer.get("slips"))
                .isEqualTo(JSON.readTree(
                        """
                [ { "play": "Db", "not": "D" }, { "play": "G", "not": "Gb" } ]"""));
        assertThat(answer.has("score")).isFalse();
    }

    @Test
    void a_fix_can_be_sent_again_and_lands() {
        JsonNode fixes = JSON.valueToTree(plain(PASSAGE)).get("landing").get("fixes");
        assertThat(fixes).hasSize(5);
        fixes.forEach(fix -> {
            Passage again = Passage.of(StepJson.read(fix.get("step")), HORN);
            assertThat(plain(again).landing().off()).isEqualTo("0");
            assertThat(plain(again).landing().fixes()).isEmpty();
        });
    }

    @Test
    void score_clicks_and_pulse_come_when_they_are_asked_for() {
        PassageDocument whole = PassageDocument.of(
                PASSAGE,
                LANDING,
                new PassageDocument.Reader(
                        Optional.of(HORN),
                        Optional.of(Key.of(NoteName.parse("Eb"), Forms.of("major"))),
                        new Speech(CountSchool.TIME_NAMES, ValueNames.BRITISH)),
                new PassageDocument.Beside(
                        new PassageDocument.NotatedPart(ScoreDocument.of(Score.of(PASSAGE, HORN)), null),
                        ClicksDocument.of(PASSAGE, new ReferencePitch(442)),
                        PulseDocument.of(PASSAGE, LANDING, CountSchool.TIME_NAMES),
                        PassageDocument.near(PASSAGE.step().withPlace(Fraction.of(1, 16)), Speech.USUAL),
                        null,
                        null));
        assertThat(whole.notes().get(1).said()).isEqualTo("fa");
        assertThat(whole.landing().sentence()).isEqualTo("Ends on beat 4 of bar 2, one crotchet short of beat 1.");
        assertThat(whole.landing().note()).isEqualTo(28);
        assertThat(whole.near().get(0).ms()).isEqualTo(69.444);
        assertThat(whole.notated().score().fifths()).isEqualTo(-4);
        assertThat(whole.notated().score().measures()).hasSize(2);
        assertThat(whole.care().newNotes()).containsExactly(new PassageDocument.NewNotePart("Db", "D"));
        assertThat(whole.care().awkward())
                .contains(new PassageDocument.AwkwardPart("C5", "Db5", "the half step at D♭"));
        assertThat(whole.clicks().startMs()).isEqualTo(-3333.333);
        assertThat(whole.clicks().clicks()).hasSize(12);
        assertThat(whole.clicks().drums()).isEmpty();
        assertThat(whole.clicks().foot().asked()).isFalse();
        assertThat(whole.clicks().foot().ms()).startsWith(-2500.0, -833.333, 833.333);
        assertThat(whole.clicks().drone().asked()).isNull();
        // Db3 at 442 Hz, and a pure fifth above it.
        assertThat(whole.clicks().drone().tonicHz()).isEqualTo(139.221);
        assertThat(whole.clicks().drone().fifthHz()).isEqualTo(208.832);
        assertThat(whole.key().signature()).isEqualTo("4 flats: B♭, E♭, A♭, D♭");
        assertThat(whole.clicks().voiceHz()).hasSize(29).startsWith(278.443);
        assertThat(whole.pulse().target()).isEqualTo(2.0);
        assertThat(whole.pulse().place().of()).isEqualTo(47);
    }

    /** What is awkward for the hand is said with how it is fingered, and not otherwise: it is not to be had for nothing. */
    @Test
    void what_is_hard_for_the_hand_comes_with_the_fingering() {
        PassageDocument fingered = Workings.of(
                PASSAGE.step(),
                new PassageDocument.Reader(
                        Optional.of(HORN), Optional.of(Key.of(NoteName.parse("Eb"), Forms.of("major"))), Speech.USUAL),
                EnumSet.of(Workings.Extra.HAND));
        assertThat(fingered.hand()).isNotNull();
        assertThat(fingered.care().awkward())
                .anyMatch(pair -> pair.why().contains("the half hole"))
                .contains(new PassageDocument.AwkwardPart("C5", "Db5", "the half step at D♭"));
        assertThat(fingered.hand().notes()).hasSize(PASSAGE.notes().size());
        assertThat(fingered.hand().fresh()).isNotEmpty();
    }
}
