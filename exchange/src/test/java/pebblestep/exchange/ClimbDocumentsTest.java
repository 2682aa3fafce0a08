package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.RateSchool;
import pebblestep.core.climb.Rules;
import pebblestep.documents.ClimbDocuments;

class ClimbDocumentsTest {
    static final String EVERYTHING =
            """
            {"policy":"teacher-picks","rate":"same-beat","restart":70,
             "axes":[
               {"axis":"tempo","from":60,"to":97.5,"scheme":{"type":"back-step","by":4,"forward":3}},
               {"axis":"value","rungs":[{"figure":["1/4"]},{"figure":["3/16","1/16"]}]},
               {"axis":"span","rungs":[{"span":5},{"octaves":1},{"octaves":2}]},
               {"axis":"place","rungs":[{"place":"0"},{"place":"1/16","back":"1/12"}]},
               {"axis":"articulation","rungs":[{"articulation":{"kind":"separate"}},{"articulation":{"kind":"slurred","by":4}}]},
               {"axis":"line","rungs":[{"line":{"octaves":1}},{"line":{"pattern":"sequence","octaves":1,"cell":[0,2]}}]},
               {"axis":"hands","rungs":[{"hands":"right"},{"hands":"left"},{"hands":"together"}]},
               {"axis":"walk","rungs":[{"keys":2},{"wholeWalk":true}]},
               {"axis":"hand","rungs":[{"hand":{}},{"hand":{"school":"avoid-open","position":"III"}}]}],
             "rules":{"clean":4,"misses":2,"rungsADay":1},"repetitions":6}""";

    private static String tempo(String axis) {
        return "{\"axes\":[" + axis + "]}";
    }

    @Test
    void everything_a_climb_carries_is_written_and_read_back() {
        Climb climb = ClimbJson.read(EVERYTHING);
        assertThat(ClimbJson.read(ClimbJson.writeText(climb))).isEqualTo(climb);
        assertThat(climb.policy()).isEqualTo(Policy.TEACHER_PICKS);
        assertThat(climb.rate()).isEqualTo(RateSchool.SAME_BEAT);
        assertThat(climb.rules()).isEqualTo(new Rules(4, 2, 1));
        assertThat(climb.axes()).hasSize(9);
        assertThat(climb.axes().get(0).ladder().rungs())
                .hasToString("[60, 64, 68, 72, 68, 72, 76, 80, 76, 80, 84, 88, 84, 88, 92, 96, 92, 96, 97.5]");
    }

    @Test
    void what_is_left_out_is_the_usual() {
        Climb climb =
                ClimbJson.read(tempo("{\"axis\":\"tempo\",\"from\":60,\"to\":80,\"scheme\":{\"type\":\"dial\"}}"));
        assertThat(climb.policy()).isEqualTo(Policy.IN_TURN);
        assertThat(climb.rate()).isEqualTo(RateSchool.SAME_RATE);
        assertThat(climb.restart()).isEqualTo(Climb.USUAL_RESTART);
        assertThat(climb.rules()).isEqualTo(Rules.USUAL);
        assertThat(climb.repetitions()).isEqualTo(Climb.USUAL_REPETITIONS);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{'axis':'tempo','from':60,'to':80}; axes.0.scheme; Say how the tempos follow on each other.",
                "{'axis':'tempo','from':10,'to':80,'scheme':{'type':'dial'}}; axes.0.from; 10 does not fit here.",
                "{'axis':'tempo','to':80,'scheme':{'type':'dial'}}; axes.0.from; Give the first tempo.",
                "{'axis':'tempo','from':60,'to':80,'scheme':{'type':'fixed'}}; axes.0.scheme.by; Give the step between rungs.",
                "{'axis':'tempo','from':60,'to':80,'scheme':{'type':'dial','by':4}}; axes.0.scheme.by; The dial has its own marks.",
                "{'axis':'tempo','from':60,'to':80,'scheme':{'type':'leaps'}}; axes.0.scheme.type; \"leaps\" does not fit here.",
                "{'axis':'tempo','rungs':[{'span':5}]}; axes.0.rungs; The rungs of tempo follow from its scheme.",
                "{'axis':'value'}; axes.0.rungs; The rungs of this axis are missing.",
                "{'axis':'value','from':60,'rungs':[]}; axes.0.rungs; [] does not fit here.",
                "{'axis':'value','to':60,'rungs':[{'figure':['1/4']}]}; axes.0.to; Only the axis of tempo has \"to\".",
                "{'axis':'value','rungs':[{'octaves':1}]}; axes.0.rungs.0.octaves; A rung of note values has no field \"octaves\".",
                "{'axis':'value','rungs':[{}]}; axes.0.rungs.0; A rung of note values is empty.",
                "{'axis':'value','rungs':[{'figure':['quarter']}]}; axes.0.rungs.0.figure.0; \"quarter\" does not fit here.",
                "{'axis':'span','rungs':[{'octaves':9}]}; axes.0.rungs.0.octaves; 9 does not fit here.",
                "{'axis':'span','rungs':[{'octaves':1,'span':5}]}; axes.0.rungs.0.octaves; Give either octaves or a span: exactly one of the two.",
                "{'axis':'walk','rungs':[{'keys':3,'wholeWalk':true}]}; axes.0.rungs.0.keys; Give either a number of keys or the whole walk: exactly one of the two.",
                "{'axis':'hands','rungs':[{'hands':'both'}]}; axes.0.rungs.0.hands; \"both\" does not fit here.",
                "{'axis':'place','rungs':[{'back':'1/8'}]}; axes.0.rungs.0; A rung of place is empty.",
                "{'axis':'place','rungs':[{'place':'x'}]}; axes.0.rungs.0.place; \"x\" does not fit here.",
                "{'axis':'hand','rungs':[{'hand':{'pins':[{'note':0,'way':'1-2'}]}}]}; axes.0.rungs.0.hand; A rung has a school and a position, no fingering of one note.",
                "{'axis':'hand','rungs':[{}]}; axes.0.rungs.0; A rung of position and school is empty.",
                "{'axis':'height','rungs':[]}; axes.0.axis; \"height\" does not fit here.",
                "{'axis':'value','rungs':[{'figure':['1/4']}],'colour':1}; axes.0.colour; There is no field \"colour\" here."
            })
    void what_does_not_belong_is_refused_by_its_place(String axis, String field, String message) {
        String json = tempo(axis.replace('\'', '"'));
        assertThatThrownBy(() -> ClimbJson.read(json))
                .hasMessage(message)
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo(field));
    }

    @Test
    void a_field_of_a_rung_is_said_in_the_words_of_the_step_document() {
        String json = tempo("{\"axis\":\"span\",\"rungs\":[{\"octaves\":9}]}");
        assertThatThrownBy(() -> ClimbJson.read(json))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.fits()).contains("One to four octaves."));
        assertThatThrownBy(() -> ClimbJson.read("no json")).hasMessageStartingWith("This is not JSON");
    }

    @Test
    void what_was_played_goes_out_and_comes_back() {
        Climb climb = ClimbJson.read(EVERYTHING);
        Ascent ascent = Ascent.of(
                StepJson.read(
                        """
                        {"format":"pebble-step/1","key":{"tonic":"C"},"line":{"octaves":1},
                         "rhythm":{"figure":["1/4"]},"tempo":{"bpm":60},
                         "voices":[{"interval":-8,"by":"left"}],"walk":{"order":"fourths"}}"""),
                climb);
        Position at = Position.of(2, 1, 2, 1, 1, 1, 2, 0, 1);
        List<ClimbDocuments.PlayedPart> played = ClimbDocuments.played(ascent, at);
        assertThat(played).hasSize(8);
        assertThat(ClimbDocuments.played(played))
                .isEqualTo(climb.rungs(at).subList(1, 9))
                .isEqualTo(ClimbJson.playedFrom(ClimbJson.writePlayed(ClimbDocuments.played(played))));
        assertThatThrownBy(() -> ClimbDocuments.played(List.of(played.get(0), played.get(0))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> ClimbDocuments.played(List.of(new ClimbDocuments.PlayedPart(AxisKind.VALUE, null))))
                .isInstanceOf(Refusal.class);
        assertThat(ClimbDocuments.played(List.of())).isEmpty();
    }
}
