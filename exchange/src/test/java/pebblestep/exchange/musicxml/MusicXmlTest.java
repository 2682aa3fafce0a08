package pebblestep.exchange.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.harmony.ChordQualities;
import pebblestep.core.harmony.ChordQuality;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.melody.Melody;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Voiced;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;
import pebblestep.exchange.FoundMusic;
import pebblestep.exchange.musicxml.Sheet.Beside;

class MusicXmlTest {
    private static final Path KEPT = Path.of("target", "musicxml");

    private static final Draw<String> INSTRUMENTS =
            Draw.of("", "piano", "oboe", "clarinet", "english-horn", "cello", "double-bass", "violin", "piccolo");

    /** Any step that can be written down, for somebody who can play it. */
    Draw<Sheet> sheets() {
        return random -> {
            for (; ; ) {
                Step step = random.nextInt(2) == 0
                        ? Voiced.any().from(random)
                        : Steps.any().from(random);
                Optional<Sheet> sheet = sheet(step, INSTRUMENTS.from(random));
                if (sheet.isPresent()) return sheet.get();
            }
        };
    }

    Draw<Set<Beside>> beside() {
        return random -> {
            Set<Beside> beside = EnumSet.noneOf(Beside.class);
            for (Beside one : Beside.values()) if (random.nextBoolean()) beside.add(one);
            return beside;
        };
    }

    private static Optional<Sheet> sheet(Step step, String instrument) {
        Player player = instrument.isEmpty() ? null : Player.of(Instruments.of(instrument));
        try {
            Sheet sheet = Sheet.of(step, player, Speech.USUAL);
            boolean low = sheet.passage().notes().stream()
                    .anyMatch(note -> note.written().octave() < 0);
            return Optional.of(sheet)
                    .filter(one -> !low
                            && sheet.passage().parts().stream()
                                    .flatMap(part -> part.notes().stream())
                                    .allMatch(note -> note.written().octave() >= 0));
        } catch (Refusal e) {
            // Not playable by that instrument, or not to be written in notes.
            return Optional.empty();
        }
    }

    /** Kept beside the build, where another reader counts their notes: web/scripts/read-notation.mjs. */
    private static void keep(byte[] file) throws IOException {
        Files.createDirectories(KEPT);
        Files.write(KEPT.resolve(UUID.nameUUIDFromBytes(file) + ".musicxml"), file);
    }

    @Samples(300)
    void every_file_is_allowed_by_the_schema(@From("sheets") Sheet sheet, @From("beside") Set<Beside> beside)
            throws IOException {
        byte[] file = MusicXml.write("Scales", List.of(sheet), beside);
        keep(file);
        assertThatCode(() -> Schema40.validate(file)).doesNotThrowAnyException();
    }

    @Samples(300)
    void what_is_written_and_read_again_has_the_same_notes(@From("sheets") Sheet sheet) {
        Passage passage = sheet.passage();
        boolean tooLong = passage.notes().size() > Melody.MOST_NOTES
                || passage.step().meter().barOf(passage.last().at()) > Melody.MOST_BARS;
        byte[] file = MusicXml.write("Line", List.of(sheet), Set.of());
        if (tooLong) {
            assertThatThrownBy(() -> MusicXmlReader.read(file, 0, 0)).isInstanceOf(Refusal.class);
            return;
        }
        List<String> written = passage.notes().stream()
                .map(note -> note.concert().midi() + " at " + note.at() + " for " + note.value())
                .toList();
        List<List<String>> read = new ArrayList<>();
        // A voice that comes in later may be longer than a line can be read.
        boolean someTooLong = passage.bars() > Melody.MOST_BARS;
        int voices = someTooLong ? 1 + passage.parts().size() : 1;
        for (int voice = 0; voice < voices; voice++) {
            try {
                FoundMusic found = MusicXmlReader.read(file, 0, voice);
                voices = Math.max(voices, found.voices());
                read.add(found.melody().notes().stream()
                        .map(note -> note.pitch().midi() + " at " + note.at() + " for " + note.value())
                        .toList());
            } catch (Refusal e) {
                assertThat(someTooLong).as(e.getMessage()).isTrue();
            }
        }
        assertThat(read).contains(written);
    }

    /** Worked by hand: D flat major has five flats; a sixteenth is a quarter of a quarter note; two to a beam of four. */
    @Test
    void a_plain_scale_is_written() {
        byte[] file = MusicXml.write("Scale", List.of(sheet(Steps.PLAIN, "oboe").orElseThrow()), Set.of());
        String text = new String(file, StandardCharsets.UTF_8);
        assertThat(text)
                .contains("version=\"4.0\"", "<work-title>Scale</work-title>", "<fifths>-5</fifths>")
                .contains("<part-name>Oboe</part-name>", "<divisions>4</divisions>", "<sound tempo=\"72\"/>");
        assertThat(text.split("<note>", -1)).hasSizeGreaterThan(29);
        assertThat(text).contains("<bar-style>light-heavy</bar-style>");
    }

    /** The marks are by the sign of one note and its dot (MusicXML 4.0, element metronome); 60 thirds of a whole are 80 quarters. */
    @ParameterizedTest
    @CsvSource({
        "1/4, 60, quarter, 60, 60",
        "3/8, 60, quarter, 60, 90",
        "1/3, 60, quarter, 80, 80",
        "1/6, 60, quarter, 40, 40",
        "5/16, 60, quarter, 75, 75",
        "7/8, 20, quarter, 70, 70",
        "3/32, 80, 16th, 80, 30",
        "1, 60, whole, 60, 240"
    })
    void a_tempo_of_any_beat_is_marked(String beat, int bpm, String unit, String marked, String quarters) {
        Step step = Steps.PLAIN.withTempo(new Tempo(Fraction.parse(beat), Bpm.of(bpm)));
        String text = new String(
                MusicXml.write("Scale", List.of(Sheet.of(step, null, Speech.USUAL)), Set.of()), StandardCharsets.UTF_8);
        assertThat(text)
                .contains("<beat-unit>" + unit + "</beat-unit>")
                .contains("<per-minute>" + marked + "</per-minute>")
                .contains("<sound tempo=\"" + quarters + "\"/>");
    }

    @Test
    void a_compressed_file_is_a_container_that_names_the_score() throws Exception {
        byte[] plain =
                MusicXml.write("Scale", List.of(sheet(Steps.PLAIN, "oboe").orElseThrow()), Set.of());
        byte[] file = MusicXml.compressed(plain);
        assertThat(file).isEqualTo(MusicXml.compressed(plain)).hasSizeLessThan(plain.length / 3);
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            assertThat(zip.getNextEntry().getName()).isEqualTo("mimetype");
            assertThat(zip.readAllBytes()).asString().isEqualTo(MusicXml.COMPRESSED_MEDIA_TYPE);
            assertThat(zip.getNextEntry().getName()).isEqualTo("META-INF/container.xml");
            assertThat(zip.readAllBytes()).asString().contains("score.musicxml");
            assertThat(zip.getNextEntry().getName()).isEqualTo("score.musicxml");
            assertThat(zip.readAllBytes()).isEqualTo(plain);
        }
    }

    @Test
    void hands_share_a_part_and_a_partner_has_their_own() throws Exception {
        Step scale = Steps.step("C", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0")
                .withVoices(List.of(Voice.at(-8, By.LEFT)));
        String hands = new String(
                MusicXml.write("Hands", List.of(sheet(scale, "piano").orElseThrow()), Set.of()),
                StandardCharsets.UTF_8);
        assertThat(hands)
                .contains("<staves>2</staves>", "<staff>2</staff>", "<backup>")
                .doesNotContain("P2");
        Step round = Steps.step("D", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0")
                .withVoices(List.of(Voice.at(1, By.PARTNER)
                        .withEntry(new Entry.Later(Fraction.ONE))
                        .on(Instruments.of("clarinet"))));
        byte[] file = MusicXml.write(
                "Both",
                List.of(
                        sheet(round, "oboe").orElseThrow(),
                        sheet(Steps.PLAIN, "oboe").orElseThrow()),
                Set.of());
        Schema40.validate(file);
        assertThat(new String(file, StandardCharsets.UTF_8))
                .contains("id=\"P2\"", "<part-name>Clarinet in B♭</part-name>", "<rehearsal>");
    }

    /** G major on a guitar in second position: string 6 fret 3 with the second finger first (common practice, no source). */
    @Test
    void fingers_strings_and_frets_stand_at_the_notes() {
        Step scale = Steps.step("G", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0")
                .withTempo(Tempo.quarters(100));
        Sheet sheet = sheet(scale, "classical-guitar").orElseThrow();
        String text = new String(MusicXml.write("G", List.of(sheet), Set.of(Beside.FINGERS)), StandardCharsets.UTF_8)
                .replaceAll("\\s+", "");
        assertThat(text)
                .contains("<technical><fingering>2</fingering><string>6</string><fret>3</fret></technical>")
                .contains("<technical><fingering>4</fingering><string>4</string><fret>5</fret></technical>");
        assertThat(new String(MusicXml.write("G", List.of(sheet), Set.of()), StandardCharsets.UTF_8))
                .doesNotContain("<technical>");
    }

    /** What is written at the notes is found again among the ways of the hand, string by string and finger by finger. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "classical-guitar",
                "bass-guitar",
                "violin",
                "cello",
                "piano",
                "trumpet",
                "trombone",
                "horn",
                "tuba"
            })
    void fingerings_come_back_as_the_same_ways(String instrument) {
        Step scale = Steps.step("G", "major", Extent.octaves(2), Travel.UP, Turn.SINGLE, "6/8", "1/8", "0");
        Sheet sheet = sheet(scale, instrument)
                .or(() -> sheet(scale.withLine(scale.line().withExtent(Extent.octaves(1))), instrument))
                .orElseThrow();
        Player player = sheet.player().orElseThrow();
        Hand hand = InstrumentHands.of(player.instrument()).orElseThrow();
        List<Way> ways = sheet.passage().fingering(player).orElseThrow().stops().stream()
                .map(Fingering.Stop::way)
                .toList();
        FoundMusic found = MusicXmlReader.read(MusicXml.write("G", List.of(sheet), Set.of(Beside.FINGERS)), 0, 0);
        assertThat(found.left()).as("nothing else stands there").noneMatch(one -> one.startsWith("slurs"));
        assertThat(found.marked()).hasSameSizeAs(ways);
        for (FoundMusic.Marked marked : found.marked()) {
            Way way = ways.get(marked.note());
            Way back = marked.marking().in(hand, marked.written()).orElseThrow();
            assertThat(back.text()).as("%s of %s", marked.written(), instrument).isEqualTo(way.text());
            if (way.shape() instanceof Shape.Bowed bowed)
                assertThat(((Shape.Bowed) back.shape()).string()).isEqualTo(bowed.string());
            if (way.shape() instanceof Shape.Fretted fretted)
                assertThat(((Shape.Fretted) back.shape()).finger()).isEqualTo(fretted.finger());
        }
    }

    @Test
    void more_than_any_paper_is_refused() {
        Sheet sheet = sheet(Steps.PLAIN, "oboe").orElseThrow();
        assertThatThrownBy(() -> MusicXml.write("Many", Collections.nCopies(1_000, sheet), Set.of()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("at most 20000");
    }

    @Test
    void every_chord_that_is_carried_has_a_kind() {
        for (ChordQuality quality : ChordQualities.all()) {
            assertThat(Kinds.symbol(Kinds.of(quality.symbol())))
                    .as(quality.name())
                    .contains(quality.symbol());
        }
    }
}
