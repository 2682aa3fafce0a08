package pebblestep.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Ints;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;

class StraightTest {
    private static final Form MAJOR = Forms.of("major");

    private static List<Integer> indexes(Line line, Form form) {
        return line.notes(form).stream().map(LineNote::index).toList();
    }

    /** Note counts worked out by hand; two octaves there and back are 29: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "major,2,UP_DOWN,SINGLE,29",
        "major,2,UP_DOWN,DOUBLE,30",
        "major,1,UP_DOWN,DOUBLE,16",
        "major,1,UP,SINGLE,8",
        "major,4,DOWN_UP,SINGLE,57",
        "minor-pentatonic,2,UP_DOWN,SINGLE,21",
        "minor-pentatonic,1,DOWN,DOUBLE,6"
    })
    void a_line_has_its_note_count(String form, int octaves, Travel travel, Turn turn, int count) {
        Line line = Line.straight(Extent.octaves(octaves), travel, turn, 1);
        assertThat(line.notes(Forms.of(form))).hasSize(count);
        assertThat(line.noteCount(Forms.of(form))).isEqualTo(count);
    }

    @Test
    void a_line_travels_as_asked() {
        Extent five = Extent.span(5);
        assertThat(indexes(Line.straight(five, Travel.UP, Turn.SINGLE, 1), MAJOR))
                .containsExactly(0, 1, 2, 3, 4);
        assertThat(indexes(Line.straight(five, Travel.DOWN, Turn.SINGLE, 1), MAJOR))
                .containsExactly(4, 3, 2, 1, 0);
        assertThat(indexes(Line.straight(five, Travel.UP_DOWN, Turn.DOUBLE, 1), MAJOR))
                .containsExactly(0, 1, 2, 3, 4, 4, 3, 2, 1, 0);
        assertThat(indexes(Line.straight(five, Travel.DOWN_UP, Turn.SINGLE, 3), MAJOR))
                .containsExactly(6, 5, 4, 3, 2, 3, 4, 5, 6);
    }

    @Test
    void the_turning_note_belongs_to_the_way_it_was_reached() {
        Line upDown = Line.straight(Extent.span(3), Travel.UP_DOWN, Turn.DOUBLE, 5);
        assertThat(upDown.notes(MAJOR).stream().map(LineNote::direction))
                .containsExactly(
                        Direction.UP, Direction.UP, Direction.UP, Direction.UP, Direction.DOWN, Direction.DOWN);
    }

    @Samples
    void a_line_there_and_back_is_its_own_mirror(
            @Ints(min = 2, max = 50) int span, Turn turn, @Ints(min = 1, max = 7) int from) {
        List<Integer> line = indexes(Line.straight(Extent.span(span), Travel.UP_DOWN, turn, from), MAJOR);
        List<Integer> mirrored = new ArrayList<>(line);
        Collections.reverse(mirrored);
        assertThat(mirrored).isEqualTo(line);
    }

    @Samples
    void the_count_is_known_before_the_notes_are(@Ints(min = 2, max = 50) int span, Turn turn, Travel travel) {
        Line line = Line.straight(Extent.span(span), travel, turn, 1);
        assertThat(line.notes(MAJOR)).hasSize(line.noteCount(MAJOR));
    }

    @Test
    void what_no_form_has_is_refused() {
        assertThatThrownBy(() -> Extent.octaves(5)).hasMessageContaining("one to four octaves");
        assertThatThrownBy(() -> Extent.span(1)).hasMessageContaining("2 to 50");
        assertThatThrownBy(() -> Extent.span(10_000)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Line.straight(Extent.octaves(1), Travel.UP, Turn.SINGLE, 0))
                .isInstanceOf(Refusal.class);
        Line sixth = Line.straight(Extent.octaves(1), Travel.UP, Turn.SINGLE, 6);
        assertThatThrownBy(() -> sixth.notes(Forms.of("minor-pentatonic")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("has 5 notes");
    }
}
