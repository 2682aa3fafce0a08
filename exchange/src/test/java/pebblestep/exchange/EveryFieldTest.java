package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;
import tools.jackson.databind.JsonNode;

/**
 * Every field of a step and of a climb is read and written: these documents have each of them at least once, and come back
 * as they were. A field that is added and forgotten here, or that is written and not read, is named.
 */
class EveryFieldTest {
    private static final List<String> STEPS = List.of(
            """
            {"format":"pebble-step/1","title":"Whole","key":{"tonic":"G","form":"major","named":"written"},
             "line":{"pattern":"free","octaves":1,"travel":"up","turn":"double","from":1,"degrees":"1 2 3 1","moved":true,
              "enter":2,"passing":{"change":"add","note":4},"register":"G4"},
             "rhythm":{"meter":"7/8(2+2+3)","figure":["3/16","1/16","r1/8"],"strikes":2,"place":"-1/16",
              "tonicValue":"1/2","lastValue":"fill","hold":{"note":"first","by":"1/8"},
              "legs":[{"bar":9,"figure":["1/8"]},{"note":14,"figure":["1/16"],"place":"1/12"}],"swing":"3:2"},
             "landing":{"at":"1/8","note":"top"},"tempo":{"beat":"1/4","bpm":60.5},
             "articulation":{"kind":"slurred","by":4,"accentEvery":3,"bow":"up","bowShare":"1/2"},
             "metronome":{"countInBars":2,"accent":false,"click":"chosen","beats":[1,3],"groove":"tide",
              "silent":{"sounding":2,"silent":1},"drone":"tonic","foot":[2]}}""",
            """
            {"format":"pebble-step/1","title":"","key":{"tonic":"Db","form":"harmonic-minor","named":"concert"},
             "line":{"pattern":"sequence","span":9,"travel":"up-down","turn":"single","from":1,"cell":[0,2]},
             "rhythm":{"meter":"4/4","figure":["1/16"],"strikes":1,"place":"0","legs":[{"turn":true,"place":"1/12"}]},
             "landing":{"beat":3},"tempo":{"beat":"1/4","bpm":72},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"}}""",
            """
            {"format":"pebble-step/1","title":"","key":{"tonic":"A","form":"major","named":"concert"},
             "line":{"pattern":"reach","octaves":2,"travel":"up-down","turn":"single","from":1,"targets":[3,5,8]},
             "rhythm":{"meter":"4/4","figure":["1/8"],"strikes":1,"place":"0"},
             "landing":{"beat":1},"tempo":{"beat":"1/4","bpm":72},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"}}""",
            """
            {"format":"pebble-step/1","title":"","key":{"tonic":"A","form":"major","named":"concert"},
             "line":{"pattern":"arpeggio","octaves":2,"travel":"up-down","turn":"single","from":1,"chord":"seventh"},
             "rhythm":{"meter":"4/4","figure":["1/8"],"strikes":1,"place":"0"},
             "landing":{"beat":1},"tempo":{"beat":"1/4","bpm":72},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"},
             "voices":[{"interval":-8,"mirror":true,"delay":"1/2","figure":["1/4"],"octaves":1,"by":"left"},
              {"interval":1,"delayNotes":2,"span":5,"by":"partner","instrument":"bassoon","range":"F2-C5"},
              {"interval":1,"by":"partner","ownInstrument":{"id":"own-3","name":"Tide horn","family":"brass","sounds":"F3",
               "clefs":["treble"],"firstOctave":"C4-G4","comfortable":"G3-G5","full":"G3-C6","fingeredLike":"horn"}},
              {"interval":-15,"degree":1,"by":"company"}],
             "walk":{"order":"whole-steps-up","keys":6,"thereAndBack":true,"join":"next-bar","bars":6,"once":true,
              "signatures":"stay"},
             "company":{"chords":"broken","bass":true,"symbols":"Dm7 | G7 | C"},"hands":"left",
             "hand":{"school":"three-a-string","position":"III","pins":[{"note":2,"pitch":"F#4","way":"p3-13"},
              {"pitch":"Bb4","key":{"tonic":"G","form":"major","named":"written"},"way":"TB-1-Eb"}]}}""",
            """
            {"format":"pebble-step/1","title":"","key":{"tonic":"A","form":"major","named":"concert"},
             "line":{"pattern":"straight","octaves":1,"travel":"up","turn":"single","from":1},
             "rhythm":{"meter":"4/4","figure":["1/8"],"strikes":1,"place":"0"},
             "landing":{"beat":1},"tempo":{"beat":"1/4","bpm":72},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"},
             "walk":{"own":["Eb","C"],"home":true,
              "progression":[{"degree":"2","form":"dorian"},{"degree":"5","form":"mixolydian","chord":"13","bars":2}],
              "join":"hold","signatures":"change"}}""");

    @Test
    void every_field_of_a_step_is_read_and_written_back() {
        Set<String> missing = fields(StepDocument.class, "");
        for (String text : STEPS) {
            JsonNode step = IdentifiedNames.JSON.readTree(text);
            JsonNode written = IdentifiedNames.JSON.readTree(StepJson.writeText(StepJson.read(text)));
            assertThat(written).isEqualTo(step);
            missing.removeAll(given(StepDocument.class, step, ""));
        }
        assertThat(missing).as("fields that no document here has").isEmpty();
    }

    @Test
    void every_field_of_a_climb_is_read_and_written_back() {
        JsonNode climb = IdentifiedNames.JSON.readTree(ClimbDocumentsTest.EVERYTHING);
        String written = ClimbJson.writeText(ClimbJson.read(climb));
        assertThat(ClimbJson.read(written)).isEqualTo(ClimbJson.read(climb));
        assertThat(given(ClimbDocument.class, IdentifiedNames.JSON.readTree(written), ""))
                .containsExactlyInAnyOrderElementsOf(fields(ClimbDocument.class, ""));
    }

    /** The fields of a document's record and of its parts, by their path. */
    private static Set<String> fields(Class<?> record, String path) {
        Set<String> fields = new TreeSet<>();
        for (RecordComponent field : record.getRecordComponents()) {
            String at = path + "/" + field.getName();
            fields.add(at);
            if (isPartOf(record, raw(field))) fields.addAll(fields(raw(field), at));
        }
        return fields;
    }

    /** Those of them that a document has. */
    private static Set<String> given(Class<?> record, JsonNode json, String path) {
        Set<String> given = new TreeSet<>();
        for (RecordComponent field : record.getRecordComponents()) {
            String at = path + "/" + field.getName();
            Collection<JsonNode> values = json.isArray()
                    ? json.valueStream().map(one -> one.path(field.getName())).toList()
                    : List.of(json.path(field.getName()));
            for (JsonNode value : values) {
                if (value.isMissingNode()) continue;
                given.add(at);
                if (isPartOf(record, raw(field))) given.addAll(given(raw(field), value, at));
            }
        }
        return given;
    }

    /** Whether a type is a part of the same document; what a climb takes over from a step is held there. */
    private static boolean isPartOf(Class<?> record, Class<?> type) {
        return type.isRecord() && outermost(type) == outermost(record);
    }

    private static Class<?> outermost(Class<?> type) {
        return type.getEnclosingClass() == null ? type : outermost(type.getEnclosingClass());
    }

    /** The type of a field, or of what is in its list. */
    private static Class<?> raw(RecordComponent field) {
        Type type = field.getGenericType();
        return type instanceof ParameterizedType list ? (Class<?>) list.getActualTypeArguments()[0] : (Class<?>) type;
    }
}
