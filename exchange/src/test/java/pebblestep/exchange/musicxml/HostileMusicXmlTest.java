package pebblestep.exchange.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.melody.Melody;
import pebblestep.core.rhythm.Fraction;
import pebblestep.exchange.FoundMusic;

/** Files of strangers: each is read as far as it goes, or refused in a sentence; none takes long or much memory. */
class HostileMusicXmlTest {
    private static final String HEAD =
            "<score-partwise version=\"4.0\"><part-list><score-part id=\"P1\"><part-name>A</part-name></score-part>"
                    + "</part-list><part id=\"P1\">";
    private static final String TAIL = "</part></score-partwise>";
    private static final String ATTRIBUTES = "<attributes><divisions>4</divisions><key><fifths>0</fifths></key>"
            + "<time><beats>4</beats><beat-type>4</beat-type></time></attributes>";

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String note(String step, int octave, int duration, String more) {
        return "<note><pitch><step>" + step + "</step><octave>" + octave + "</octave></pitch><duration>" + duration
                + "</duration>" + more + "</note>";
    }

    private static FoundMusic read(String measures) {
        return MusicXmlReader.read(bytes(HEAD + measures + TAIL), 0, 0);
    }

    private static String measure(int number, String content) {
        return "<measure number=\"" + number + "\">" + content + "</measure>";
    }

    private static List<String> notes(FoundMusic found) {
        return found.melody().notes().stream()
                .map(note -> note.pitch().id() + " " + note.at() + " " + note.value())
                .toList();
    }

    @Test
    void ties_are_joined_and_pickups_stand_before_the_first_bar() {
        FoundMusic found = read(measure(0, ATTRIBUTES + note("G", 4, 4, ""))
                + measure(1, note("C", 5, 16, "<tie type=\"start\"/>"))
                + measure(2, note("C", 5, 8, "<tie type=\"stop\"/>") + note("D", 5, 8, "")));
        assertThat(notes(found)).containsExactly("G4 -1/4 1/4", "C5 0 3/2", "D5 3/2 1/2");
        assertThat(found.left()).isEmpty();
    }

    /** The tonics of the modes without sharps or flats, as every handbook of theory has them (common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "major, C major",
        "ionian, C major",
        "dorian, D dorian",
        "phrygian, E phrygian",
        "lydian, F lydian",
        "mixolydian, G mixolydian",
        "minor, A natural minor",
        "aeolian, A natural minor",
        "locrian, B locrian"
    })
    void a_mode_says_the_key_whole(String mode, String key) {
        String named = ATTRIBUTES.replace("<fifths>0</fifths>", "<fifths>0</fifths><mode>" + mode + "</mode>");
        assertThat(read(measure(1, named + note("C", 4, 16, ""))).melody().signed())
                .hasValueSatisfying(one -> assertThat(one).hasToString(key));
    }

    @Test
    void repeats_are_played_out_with_their_endings() {
        String forward = "<barline location=\"left\"><repeat direction=\"forward\"/></barline>";
        String back =
                "<barline location=\"right\"><ending number=\"1\" type=\"stop\"/><repeat direction=\"backward\"/></barline>";
        FoundMusic found = read(measure(1, ATTRIBUTES + forward + note("C", 4, 16, ""))
                + measure(
                        2,
                        "<barline location=\"left\"><ending number=\"1\" type=\"start\"/></barline>"
                                + note("D", 4, 16, "") + back)
                + measure(
                        3,
                        "<barline location=\"left\"><ending number=\"2\" type=\"start\"/></barline>"
                                + note("E", 4, 16, "")
                                + "<barline location=\"right\"><ending number=\"2\" type=\"stop\"/></barline>")
                + measure(4, note("F", 4, 16, "")));
        assertThat(found.melody().notes())
                .extracting(note -> note.pitch().id())
                .containsExactly("C4", "D4", "C4", "E4", "F4");
        assertThat(found.melody().notes().getLast().at()).isEqualTo(Fraction.of(4));
    }

    @Test
    void what_cannot_be_kept_is_listed_with_its_measure() {
        FoundMusic found = read(measure(
                        1,
                        ATTRIBUTES
                                + "<note><grace/><pitch><step>B</step><octave>4</octave></pitch></note>"
                                + note("C", 5, 8, "<voice>1</voice>")
                                + "<note><chord/><pitch><step>E</step><octave>5</octave></pitch><duration>8</duration><voice>1</voice></note>"
                                + note("D", 5, 8, "<voice>1</voice>"))
                + measure(
                        2,
                        note("E", 5, 16, "<voice>1</voice>") + "<backup><duration>16</duration></backup>"
                                + note("C", 4, 16, "<voice>2</voice>")));
        assertThat(notes(found)).containsExactly("C5 0 1/2", "D5 1/2 1/2", "E5 1 1");
        assertThat(found.left())
                .containsExactly(
                        "grace notes: measure 1", "further notes of chords: measure 1", "other voices: measure 2");
        assertThat(found.voices()).isEqualTo(2);
    }

    @Test
    void entities_are_not_expanded_and_nothing_is_fetched() {
        String laughs = "<!DOCTYPE lol [<!ENTITY a \"ha\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;\">"
                + "<!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;\"><!ENTITY d \"&c;&c;&c;&c;&c;&c;&c;&c;&c;&c;\">]>";
        String outside = "<!DOCTYPE x [<!ENTITY f SYSTEM \"file:///etc/passwd\">]>";
        for (String doctype : List.of(laughs, outside)) {
            for (String entity : List.of("&d;", "&f;")) {
                byte[] file = bytes(doctype
                        + HEAD.replace("A<", entity + "<")
                        + measure(1, ATTRIBUTES + note("C", 4, 16, ""))
                        + TAIL);
                try {
                    assertThat(MusicXmlReader.read(file, 0, 0).parts().toString())
                            .doesNotContain("root:")
                            .doesNotContain("haha");
                } catch (Refusal e) {
                    assertThat(e.getMessage()).startsWith("This is no MusicXML score");
                }
            }
        }
    }

    @Test
    void a_usual_document_type_does_no_harm() {
        byte[] file = bytes(
                "<?xml version=\"1.0\"?><!DOCTYPE score-partwise PUBLIC \"-//Recordare//DTD MusicXML 4.0 Partwise//EN\""
                        + " \"http://www.musicxml.org/dtds/partwise.dtd\">" + HEAD
                        + measure(1, ATTRIBUTES + note("C", 4, 16, "")) + TAIL);
        assertThat(notes(MusicXmlReader.read(file, 0, 0))).containsExactly("C4 0 1");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<time><beats>0</beats><beat-type>4</beat-type></time>",
                "<time><beats>999999999999</beats><beat-type>4</beat-type></time>",
                "<time><beats>3+x</beats><beat-type>8</beat-type></time>",
                "<divisions>0</divisions>",
                "<divisions>-4</divisions>",
                "<divisions>99999999999999999999</divisions>",
                "<divisions>0.000000001</divisions>",
                "<key><fifths>99999999999999</fifths></key>",
                "<transpose><diatonic>900000</diatonic><chromatic>3</chromatic></transpose>",
                "<transpose><chromatic>1e99</chromatic></transpose>"
            })
    void attributes_that_mean_nothing_are_refused_by_their_measure(String strange) {
        String rest = strange.startsWith("<div") ? "" : "<divisions>4</divisions>";
        assertThatThrownBy(
                        () -> read(measure(7, "<attributes>" + rest + strange + "</attributes>" + note("C", 4, 4, ""))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Measure 7");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<note><pitch><step>C</step><octave>4</octave></pitch><duration>-4</duration></note>",
                "<note><pitch><step>C</step><octave>4</octave></pitch><duration>1e400</duration></note>",
                "<note><pitch><step>C</step><alter>7</alter><octave>4</octave></pitch><duration>4</duration></note>",
                "<note><pitch><octave>4</octave></pitch><duration>4</duration></note>",
                "<backup><duration>4000</duration></backup>",
                "<sound tempo=\"0\"/><note><pitch><step>C</step><octave>4</octave></pitch><duration>4</duration></note>"
            })
    void notes_that_mean_nothing_are_refused(String strange) {
        assertThatThrownBy(() -> read(measure(3, ATTRIBUTES + strange))).isInstanceOf(Refusal.class);
    }

    @Test
    void ten_thousand_measures_are_refused() {
        StringBuilder many = new StringBuilder(measure(1, ATTRIBUTES + note("C", 4, 16, "")));
        for (int i = 2; i <= 10_000; i++) many.append(measure(i, note("C", 4, 16, "")));
        assertThatThrownBy(() -> read(many.toString())).hasMessageContaining("10000 measures");
        String hundred = String.join(
                "",
                java.util.stream.IntStream.rangeClosed(2, 100)
                        .mapToObj(i -> measure(i, note("D", 4, 16, "")))
                        .toList());
        assertThatThrownBy(() -> read(measure(1, ATTRIBUTES + note("C", 4, 16, "")) + hundred))
                .hasMessageContaining("a line has at most " + Melody.MOST_BARS);
    }

    @Test
    void repeats_without_end_are_refused() {
        String back = "<barline location=\"right\"><repeat direction=\"backward\" times=\"2000000000\"/></barline>";
        assertThatThrownBy(() -> read(measure(1, ATTRIBUTES + note("C", 4, 16, "") + back)))
                .isInstanceOf(Refusal.class);
    }

    private static byte[] zip(String... namesAndContents) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (int i = 0; i < namesAndContents.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndContents[i]));
                zip.write(bytes(namesAndContents[i + 1]));
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void a_compressed_file_is_read_and_a_swelling_one_is_not() throws IOException {
        String container = "<container><rootfiles><rootfile full-path=\"a.xml\"/></rootfiles></container>";
        String score = HEAD + measure(1, ATTRIBUTES + note("C", 4, 16, "")) + TAIL;
        byte[] file = zip("META-INF/container.xml", container, "a.xml", score);
        assertThat(notes(MusicXmlReader.read(file, 0, 0))).containsExactly("C4 0 1");
        byte[] elsewhere =
                zip("META-INF/container.xml", container.replace("a.xml", "../../etc/passwd"), "a.xml", score);
        assertThatThrownBy(() -> MusicXmlReader.read(elsewhere, 0, 0)).hasMessageContaining("names no score");
        byte[] bomb = zip("META-INF/container.xml", container, "b.xml", " ".repeat(30 * 1024 * 1024));
        assertThat(bomb.length).isLessThan(100_000);
        assertThatThrownBy(() -> MusicXmlReader.read(bomb, 0, 0)).hasMessageContaining("larger than 20 MB");
        assertThatThrownBy(() -> MusicXmlReader.read(new byte[] {'P', 'K', 3, 4, 9, 9, 9}, 0, 0))
                .isInstanceOf(Refusal.class);
    }

    /** Files of a few kB that swell a hundredfold: none of them is held as a tree. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<note/>",
                "<note><pitch/></note>",
                "<measure/>",
                "<direction/>",
                "<print/>",
                "<harmony><root/><kind/></harmony>",
                "<note><note>",
                "<lyric><text>x</text></lyric>",
                "x",
                ">",
                "<!-- <note/> -->"
            })
    void what_swells_is_refused_or_passed_over(String again) throws IOException {
        String container = "<container><rootfiles><rootfile full-path=\"a.xml\"/></rootfiles></container>";
        String many = again.repeat(2_500_000 / again.length());
        byte[] within = zip(
                "META-INF/container.xml",
                container,
                "a.xml",
                HEAD + measure(1, ATTRIBUTES + note("C", 4, 16, "") + many) + TAIL);
        assertThat(within.length).isLessThan(150_000);
        readOrRefused(within, 0);
        // The part that is not asked for is only passed over.
        byte[] beside = zip(
                "META-INF/container.xml",
                container,
                "a.xml",
                HEAD + measure(1, ATTRIBUTES + note("C", 4, 16, "")) + "</part><part id=\"P2\">" + many + TAIL);
        readOrRefused(beside, 0);
    }

    private static void readOrRefused(byte[] file, int part) {
        try {
            assertThat(notes(MusicXmlReader.read(file, part, 0))).containsExactly("C4 0 1");
        } catch (Refusal e) {
            assertThat(e.getMessage()).endsWith(".");
        }
    }

    @Test
    void what_no_score_has_is_refused_by_name() {
        assertThatThrownBy(() -> read(measure(1, ATTRIBUTES + "<note/>".repeat(OnePart.MOST_ELEMENTS))))
                .hasMessageContaining("longer than any that could be a line");
        assertThatThrownBy(() -> read(measure(1, ATTRIBUTES + "<note>".repeat(40))))
                .hasMessageContaining("deeper within each other");
        assertThatThrownBy(() -> read(measure(1, ATTRIBUTES + note("C", 4, 16, "<voice>" + "1".repeat(9_000)))))
                .hasMessageContaining("A text in it is longer");
        assertThatThrownBy(() -> read(measure(1, "<sound tempo=\"" + "9".repeat(9_000) + "\"/>")))
                .hasMessageContaining("An attribute in it is longer");
        assertThatThrownBy(() ->
                        read(measure(1, ATTRIBUTES) + "</part><part id=\"P1\">" + "<a/>".repeat(OnePart.MOST_SEEN)))
                .hasMessageContaining("more elements than any score");
        assertThatThrownBy(() -> read(measure(1, "") + "</part><part id=\"P1\">".repeat(OnePart.MOST_PARTS)))
                .hasMessageContaining("more than 200 parts");
    }

    @Test
    void the_second_of_two_parts_is_read_by_itself() {
        String two =
                HEAD.replace("</part-list>", "<score-part id=\"P2\"><part-name>B</part-name></score-part></part-list>")
                        + measure(1, ATTRIBUTES + note("C", 4, 16, "")) + "</part><part id=\"P2\">"
                        + measure(1, ATTRIBUTES + note("D", 4, 16, "<lyric><text>la</text></lyric>"))
                        + TAIL;
        FoundMusic found = MusicXmlReader.read(bytes(two), 1, 0);
        assertThat(notes(found)).containsExactly("D4 0 1");
        assertThat(found.parts()).containsExactly("A", "B");
        assertThat(found.left()).containsExactly("other parts than B", "words under the notes: measure 1");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "no", "<a/>", "<score-partwise/>", "<score-timewise/>", "<score-partwise><part"})
    void what_is_no_score_is_refused(String text) {
        assertThatThrownBy(() -> MusicXmlReader.read(bytes(text), 0, 0)).isInstanceOf(Refusal.class);
    }
}
