package pebblestep.exchange.musicxml;

import jakarta.xml.bind.JAXBException;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamException;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.ScorePartwise.Part;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.melody.Melody;
import pebblestep.exchange.FoundMusic;

/** Reads one voice of a MusicXML file, plain or compressed: its notes with ties joined and repeats played out. */
public final class MusicXmlReader {
    private static final int MOST_MEASURES = 2_000;

    private MusicXmlReader() {}

    /**
     * What a file has, read from one of its parts and voices, each from 0. Refuses what is no score, parts and voices that there
     * are not, and lengths, meters and pitches that mean nothing, by their measure.
     */
    public static FoundMusic read(byte[] file, int part, int voice) {
        InputStream xml = Unpacked.isCompressed(file) ? Unpacked.score(file) : new ByteArrayInputStream(file);
        ScorePartwise score = parsed(xml, part);
        List<String> names = names(score);
        if (score.getPart().isEmpty()) throw Refusal.of("There is no part in this score.");
        if (part < 0 || part >= score.getPart().size()) {
            throw Refusal.of("part", "This score has " + score.getPart().size() + " parts.");
        }
        Part chosen = score.getPart().get(part);
        if (chosen.getMeasure().size() > MOST_MEASURES) {
            throw Refusal.of("It has " + chosen.getMeasure().size() + " measures; a line has at most "
                    + Melody.MOST_BARS + " bars.");
        }
        List<String> voices = voices(chosen);
        if (voices.isEmpty()) throw Refusal.of("There is no note in this part.").fits("Choose another part.");
        if (voice < 0 || voice >= voices.size()) {
            throw Refusal.of("voice", "This part has " + voices.size() + " voices.");
        }
        LeftOut left = new LeftOut();
        if (score.getPart().size() > 1) {
            left.whole("other parts than " + names.get(part));
        }
        try {
            PartReader reader = new PartReader(chosen, voices.get(voice), left);
            Melody melody = reader.melody(title(score));
            return new FoundMusic(names, voices.size(), part, voice, melody, left.sentences(), reader.marked());
        } catch (ArithmeticException e) {
            throw Refusal.of("Its lengths have no common part that could be counted.");
        }
    }

    /** The score with the names of all its parts, and the measures of one. */
    private static ScorePartwise parsed(InputStream xml, int part) {
        try {
            Object read = Schema.CLASSES.createUnmarshaller().unmarshal(new OnePart(SafeXml.reader(xml), part));
            if (read instanceof ScorePartwise score) return score;
        } catch (Refusal e) {
            throw e;
        } catch (JAXBException | XMLStreamException | RuntimeException e) {
            throw Refusal.of("This is no MusicXML score that can be read." + place(e))
                    .fits("Export it again as MusicXML, part by part.");
        }
        throw Refusal.of("This MusicXML is not written part by part.").fits("Export it as score-partwise.");
    }

    /** Where in the file it broke off, as far as the parser knows. */
    private static String place(Throwable error) {
        for (Throwable cause = error; cause != null; cause = cause.getCause()) {
            if (cause instanceof XMLStreamException broken && broken.getLocation() != null) {
                return " It breaks off in line " + broken.getLocation().getLineNumber() + ".";
            }
            if (cause instanceof JAXBException bound && bound.getLinkedException() != cause.getCause()) {
                return place(bound.getLinkedException());
            }
        }
        return "";
    }

    private static String title(ScorePartwise score) {
        String title = score.getWork() != null && score.getWork().getWorkTitle() != null
                ? score.getWork().getWorkTitle()
                : Optional.ofNullable(score.getMovementTitle()).orElse("");
        String plain = title.replaceAll("[\\p{Cntrl}]+", " ").strip();
        return plain.length() > 200 ? plain.substring(0, 200) : plain;
    }

    private static List<String> names(ScorePartwise score) {
        List<String> names = new ArrayList<>();
        for (Part part : score.getPart()) {
            String name = part.getId() instanceof ScorePart head ? nameOf(head.getPartName()) : "";
            names.add(name.isEmpty() ? "Part " + (names.size() + 1) : name);
        }
        return names;
    }

    private static String nameOf(@Nullable PartName name) {
        if (name == null || name.getValue() == null) return "";
        String plain = name.getValue().replaceAll("[\\p{Cntrl}]+", " ").strip();
        return plain.length() > 80 ? plain.substring(0, 80) : plain;
    }

    private static List<String> voices(Part part) {
        Set<String> voices = new LinkedHashSet<>();
        for (Part.Measure measure : part.getMeasure()) {
            for (Object one : measure.getNoteOrBackupOrForward()) {
                if (one instanceof Note note && note.getRest() == null && note.getPitch() != null)
                    voices.add(PartReader.voice(note));
            }
        }
        return List.copyOf(voices);
    }
}
