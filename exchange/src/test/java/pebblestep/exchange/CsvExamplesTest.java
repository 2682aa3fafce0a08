package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.exchange.CsvTable.Line;

/** The examples of RFC 4180, section 2 (from memory of it), under a line of column names. */
class CsvExamplesTest {
    private static List<Line> lines(String text) {
        return CsvTable.read("field_a,field_b,field_c\r\n" + text, List.of("field_a", "field_b", "field_c"))
                .lines();
    }

    private static String values(Line line) {
        return line.get("field_a").orElse("") + "|" + line.get("field_b").orElse("") + "|"
                + line.get("field_c").orElse("");
    }

    @Test
    void lines_with_and_without_an_end() {
        assertThat(lines("aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n"))
                .map(CsvExamplesTest::values)
                .containsExactly("aaa|bbb|ccc", "zzz|yyy|xxx");
        assertThat(lines("aaa,bbb,ccc\r\nzzz,yyy,xxx")).hasSize(2);
    }

    @Test
    void quotes_around_values_line_ends_and_quotes() {
        assertThat(lines("\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx"))
                .map(CsvExamplesTest::values)
                .containsExactly("aaa|bbb|ccc", "zzz|yyy|xxx");
        assertThat(lines("\"aaa\",\"b\r\nbb\",\"ccc\"\r\nzzz,yyy,xxx"))
                .map(CsvExamplesTest::values)
                .containsExactly("aaa|b\r\nbb|ccc", "zzz|yyy|xxx");
        assertThat(lines("\"aaa\",\"b\"\"bb\",\"ccc\""))
                .map(CsvExamplesTest::values)
                .containsExactly("aaa|b\"bb|ccc");
    }

    @Test
    void what_a_spreadsheet_would_reckon_stays_a_text() {
        assertThat(CsvText.harmless("=1+1")).isEqualTo("'=1+1");
        assertThat(CsvText.harmless("@SUM(A1)")).isEqualTo("'@SUM(A1)");
        assertThat(CsvText.harmless("-2")).isEqualTo("'-2");
        assertThat(CsvText.harmless("B♭ major")).isEqualTo("B♭ major");
        assertThat(CsvText.harmless(null)).isNull();
    }
}
