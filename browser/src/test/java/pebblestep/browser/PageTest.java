package pebblestep.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.browser.Questions.Question;
import pebblestep.core.Refusal;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.documents.ProblemDocument;
import tools.jackson.databind.JsonNode;

/** The page's way of reading and writing documents against the server's, which is another library's. */
class PageTest {
    Draw<Question> questions() {
        return Questions.any();
    }

    @Samples(1000)
    void what_the_page_answers_is_what_the_server_writes(@From("questions") Question question) {
        String said = Page.ask(question.what(), question.json());
        try {
            JsonNode expected = Questions.SERVER.valueToTree(question.answer().get());
            assertThat(said).as("not refused").doesNotStartWith("!");
            assertThat(Questions.plain(Questions.SERVER.readTree(said))).isEqualTo(Questions.plain(expected));
        } catch (Refusal e) {
            assertThat(said).startsWith("!");
            assertThat(Questions.SERVER.readTree(said.substring(1)))
                    .isEqualTo(Questions.SERVER.<JsonNode>valueToTree(ProblemDocument.of(e)));
        }
    }

    @Test
    void the_catalogue_is_written_as_the_server_would() {
        JsonNode said = Questions.SERVER.readTree(Page.ask("catalogue", "{}"));
        assertThat(Questions.plain(said))
                .isEqualTo(Questions.plain(Questions.SERVER.valueToTree(pebblestep.documents.bench.Catalogue.WHOLE)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {                                            | This is not JSON            | ''
            []                                           | [] does not fit here        | ''
            {"step": {"format": 3}}                      | 3 does not fit here         | /step/format
            {"tide": 1}                                  | There is no field "tide"    | /tide
            {"with": ["pulse", "moon"]}                  | "moon" is not known here    | /with/1
            {"step": {"tempo": {"bpm": 1e900000000}}}    | does not fit here           | /step/tempo/bpm
            {"step": {"line": {"octaves": 1.5}}}         | 1.5 does not fit here       | /step/line/octaves
            {"step": {"line": {"cell": [1, null]}}}      | null does not fit here      | /step/line/cell/1
            """)
    void what_is_no_such_document_is_refused_by_its_place(String asked, String detail, String pointer) {
        String said = Page.ask("passage", asked);
        assertThat(said).startsWith("!");
        JsonNode problem = Questions.SERVER.readTree(said.substring(1));
        assertThat(problem.get("detail").asString()).contains(detail);
        assertThat(problem.get("pointer").asString()).isEqualTo(pointer);
    }

    @Test
    void nothing_is_answered_to_what_nobody_can_ask() {
        assertThatThrownBy(() -> Page.ask("moon", "{}")).hasMessageContaining("moon");
    }
}
