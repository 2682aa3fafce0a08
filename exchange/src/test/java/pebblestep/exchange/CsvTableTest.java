package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;

/** Tables by the rules of RFC 4180, section 2; the examples are the standard's own, under a line of names. */
class CsvTableTest {
    private static final String NAMES = "one,two,three\r\n";

    private static List<List<String>> values(String text) {
        return CsvTable.read(text, List.of()).lines().stream()
                .map(line -> List.of("one", "two", "three").stream()
                        .map(name -> line.get(name).orElse(""))
                        .toList())
                .toList();
    }

    /** Rules 1 and 2: lines end with CRLF; after the last one it may be missing. */
    @ParameterizedTest
    @ValueSource(
            strings = {"aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", "aaa,bbb,ccc\r\nzzz,yyy,xxx", "aaa,bbb,ccc\nzzz,yyy,xxx\n"})
    void lines_are_read_with_and_without_a_last_line_break(String lines) {
        assertThat(values(NAMES + lines)).containsExactly(List.of("aaa", "bbb", "ccc"), List.of("zzz", "yyy", "xxx"));
    }

    /** Rule 5: a field may stand in quotation marks. */
    @Test
    void quotation_marks_around_a_value_are_not_part_of_it() {
        assertThat(values(NAMES + "\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx"))
                .containsExactly(List.of("aaa", "bbb", "ccc"), List.of("zzz", "yyy", "xxx"));
    }

    /** Rule 6: line breaks, quotation marks and commas stand within quotation marks. */
    @Test
    void a_value_may_go_over_a_line_and_the_next_is_counted_as_an_editor_does() {
        String text = NAMES + "\"aaa\",\"b\r\nbb\",\"c,c\"\r\nzzz,yyy,xxx";
        assertThat(values(text)).containsExactly(List.of("aaa", "b\r\nbb", "c,c"), List.of("zzz", "yyy", "xxx"));
        assertThat(CsvTable.read(text, List.of()).lines().get(1).number()).isEqualTo(4);
    }

    /** Rule 7: a quotation mark within a value is written twice. */
    @Test
    void a_quotation_mark_is_written_twice() {
        assertThat(values(NAMES + "\"aaa\",\"b\"\"bb\",\"ccc\"")).containsExactly(List.of("aaa", "b\"bb", "ccc"));
    }

    @Test
    void a_line_that_is_too_short_leaves_the_rest_empty_and_one_too_long_is_cut() {
        assertThat(values(NAMES + "aaa\r\n1,2,3,4")).containsExactly(List.of("aaa", "", ""), List.of("1", "2", "3"));
    }

    @Test
    void names_are_read_in_any_case_and_order_and_others_are_left_alone() {
        assertThat(values("Three, ONE ,other,two\n3,1,x,2")).containsExactly(List.of("1", "2", "3"));
    }

    @Test
    void what_is_missing_is_said_with_what_would_fit() {
        assertThatThrownBy(() -> CsvTable.read("one,three\n1,3", List.of("one", "two")))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal).hasMessage("The first line names no column \"two\".");
                    assertThat(refusal.field()).isEqualTo("text");
                    assertThat(refusal.fits()).contains("Start with a line such as: one, two.");
                });
    }
}
