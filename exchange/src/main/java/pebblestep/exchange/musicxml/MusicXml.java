package pebblestep.exchange.musicxml;

import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Marshaller;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.audiveris.proxymusic.Encoding;
import org.audiveris.proxymusic.Identification;
import org.audiveris.proxymusic.PartList;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.Work;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.notation.Glyph;
import pebblestep.core.notation.Measure;
import pebblestep.core.notation.OtherStaff;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Player;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Form;
import pebblestep.exchange.musicxml.Sheet.Beside;

/** Writes sheets as a MusicXML 4.0 score, one after the other; what is played by others has parts of its own. */
public final class MusicXml {
    /** The media types that the standard registered. */
    public static final String MEDIA_TYPE = "application/vnd.recordare.musicxml+xml";

    public static final String COMPRESSED_MEDIA_TYPE = "application/vnd.recordare.musicxml";

    private static final String CONTAINER =
            """
            <?xml version="1.0" encoding="UTF-8"?>
            <container>
              <rootfiles>
                <rootfile full-path="score.musicxml" media-type="application/vnd.recordare.musicxml+xml"/>
              </rootfiles>
            </container>
            """;

    /** Names of modes that the standard has too; the minors are all minor. */
    private static final Set<String> MODES = Set.of("major", "dorian", "phrygian", "lydian", "mixolydian", "locrian");

    private static final int MOST_SIGNS = 20_000;

    private MusicXml() {}

    /**
     * The score of sheets under a title. Refuses notes outside the octaves 0 to 9, which the standard does not have, and more than
     * twenty thousand notes and rests at once.
     *
     * @param sheets one at least
     * @param beside what stands under and before the notes
     */
    public static byte[] write(String title, List<Sheet> sheets, Set<Beside> beside) {
        long signs = sheets.stream()
                .flatMap(MusicXml::scores)
                .flatMap(MusicXml::lengths)
                .count();
        if (signs > MOST_SIGNS) {
            throw Refusal.of(
                            "routine",
                            "This would be " + signs + " notes and rests; a file has at most " + MOST_SIGNS + ".")
                    .fits("Take fewer steps at once.");
        }
        ScorePartwise score = new ScorePartwise();
        score.setVersion("4.0");
        Work work = new Work();
        work.setWorkTitle(title);
        score.setWork(work);
        Identification identification = new Identification();
        Encoding encoding = new Encoding();
        encoding.getEncodingDateOrEncoderOrSoftware().add(Elements.MAKE.createEncodingSoftware("Pebble Step"));
        identification.setEncoding(encoding);
        score.setIdentification(identification);
        List<List<Staff.Slot>> slots =
                sheets.stream().map(sheet -> slots(sheet, beside)).toList();
        score.setPartList(new PartList());
        int parts = slots.stream().mapToInt(List::size).max().orElseThrow();
        long divisions = divisions(sheets);
        for (int p = 0; p < parts; p++)
            score.getPart().add(part(p, score.getPartList(), sheets, slots, divisions, beside));
        return marshalled(score);
    }

    /** The same, compressed as the standard says: a container that names the score, and the score. */
    public static byte[] compressed(byte[] musicXml) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            stored(zip, "mimetype", COMPRESSED_MEDIA_TYPE.getBytes(StandardCharsets.US_ASCII));
            entry(zip, "META-INF/container.xml", CONTAINER.getBytes(StandardCharsets.UTF_8));
            entry(zip, "score.musicxml", musicXml);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void stored(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = dated(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(content.length);
        CRC32 sum = new CRC32();
        sum.update(content);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    private static void entry(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(dated(name));
        zip.write(content);
        zip.closeEntry();
    }

    /** The same score makes the same file on every day. */
    private static ZipEntry dated(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(java.time.LocalDateTime.of(2000, 1, 1, 0, 0));
        return entry;
    }

    private static ScorePartwise.Part part(
            int which,
            PartList list,
            List<Sheet> sheets,
            List<List<Staff.Slot>> slots,
            long divisions,
            Set<Beside> beside) {
        Staff.Slot named = slots.stream()
                .filter(of -> which < of.size())
                .map(of -> of.get(which))
                .findFirst()
                .orElseThrow();
        ScorePart head = new ScorePart();
        head.setId("P" + (which + 1));
        PartName name = new PartName();
        name.setValue(named.name());
        head.setPartName(name);
        list.getPartGroupOrScorePart().add(head);
        ScorePartwise.Part part = new ScorePartwise.Part();
        part.setId(head);
        PartWriter writer = new PartWriter(part, divisions);
        for (int s = 0; s < sheets.size(); s++) {
            Sheet sheet = sheets.get(s);
            int from = part.getMeasure().size();
            boolean plays = which < slots.get(s).size();
            Staff.Slot slot = plays ? slots.get(s).get(which) : named;
            int bars = beside.contains(Beside.COUNT_IN)
                    ? sheet.passage().step().metronome().countInBars()
                    : 0;
            if (plays) {
                writer.countIn(bars, sheet, slot);
                writer.write(sheet, slot, bars > 0);
            } else {
                writer.restsFrom(sheet, slot, bars);
            }
            if (sheets.size() > 1 && which == 0) titled(part.getMeasure().get(from), sheet.title(), s > 0);
        }
        return part;
    }

    private static void titled(ScorePartwise.Part.Measure measure, String title, boolean later) {
        int behindAttributes = 1;
        measure.getNoteOrBackupOrForward().add(behindAttributes, Elements.rehearsal(title));
        if (later) measure.getNoteOrBackupOrForward().add(0, Elements.newSystem());
    }

    /** The parts of a sheet: the player's staves, then each other player's. */
    private static List<Staff.Slot> slots(Sheet sheet, Set<Beside> beside) {
        Score score = sheet.score();
        Staff line =
                new Staff(score, mode(sheet.passage().writtenKey().form()), words(sheet, beside), hand(sheet, beside));
        List<Staff> own = new ArrayList<>(List.of(line));
        List<Staff.Slot> others = new ArrayList<>();
        for (OtherStaff other : score.staves()) {
            Part part = sheet.passage().parts().stream()
                    .filter(one -> one.index() == other.voice())
                    .findFirst()
                    .orElseThrow();
            Staff staff =
                    new Staff(other.score(), mode(part.writtenKeys().getFirst().form()), List.of(), List.of());
            if (score.braced() && other.by().isOwn()) {
                if (other.above()) own.add(0, staff);
                else own.add(staff);
                continue;
            }
            Optional<Instrument> instrument = part.player().map(Player::instrument);
            others.add(new Staff.Slot(instrument.map(Instrument::name).orElse("Partner"), instrument, List.of(staff)));
        }
        Optional<Instrument> instrument = sheet.player().map(Player::instrument);
        List<Staff.Slot> slots = new ArrayList<>();
        slots.add(new Staff.Slot(instrument.map(Instrument::name).orElse("Concert pitch"), instrument, own));
        slots.addAll(others);
        return slots;
    }

    private static Optional<String> mode(Form form) {
        if (form.id().equals("natural-minor") || form.id().contains("minor") && form.size() == 7)
            return Optional.of("minor");
        return Optional.of(form.id()).filter(MODES::contains);
    }

    private static List<Way> hand(Sheet sheet, Set<Beside> beside) {
        if (!beside.contains(Beside.FINGERS)) return List.of();
        return sheet.passage()
                .fingering(sheet.player().orElse(null))
                .map(fingering ->
                        fingering.stops().stream().map(Fingering.Stop::way).toList())
                .orElse(List.of());
    }

    private static List<List<String>> words(Sheet sheet, Set<Beside> beside) {
        List<List<String>> words = new ArrayList<>();
        if (beside.contains(Beside.COUNTS)) {
            words.add(sheet.passage().notes().stream()
                    .map(note -> Count.said(
                            note.at(), sheet.score().meter(), sheet.speech().school()))
                    .toList());
        }
        if (beside.contains(Beside.DEGREES))
            words.add(Staff.degrees(sheet.passage().notes()));
        if (beside.contains(Beside.SOL_FA)) {
            words.add(sheet.passage().notes().stream()
                    .map(note -> sheet.passage().syllable(note, sheet.speech().syllables()))
                    .toList());
        }
        return words;
    }

    /** Units of a quarter note in which every length of every sheet is whole. */
    private static long divisions(List<Sheet> sheets) {
        return sheets.stream()
                .flatMap(MusicXml::scores)
                .flatMap(MusicXml::lengths)
                .map(length -> length.times(4))
                .reduce(Fraction.ONE, Fraction::commonMeasure)
                .denominator();
    }

    private static Stream<Score> scores(Sheet sheet) {
        return Stream.concat(
                Stream.of(sheet.score()), sheet.score().staves().stream().map(OtherStaff::score));
    }

    private static Stream<Fraction> lengths(Score score) {
        return score.measures().stream().flatMap(MusicXml::glyphs).map(Glyph::length);
    }

    private static Stream<Glyph> glyphs(Measure measure) {
        return Stream.concat(
                measure.glyphs().stream(), measure.second().stream().flatMap(second -> second.glyphs().stream()));
    }

    private static byte[] marshalled(ScorePartwise score) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            Marshaller marshaller = Schema.CLASSES.createMarshaller();
            marshaller.setProperty(Marshaller.JAXB_FORMATTED_OUTPUT, true);
            marshaller.marshal(score, bytes);
        } catch (JAXBException e) {
            throw new IllegalStateException("A score of our own cannot be written.", e);
        }
        return bytes.toByteArray();
    }
}
