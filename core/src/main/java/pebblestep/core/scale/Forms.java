package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;
import pebblestep.core.Words;

/** The dictionary of forms: data in one place. To add a form, add its row here. */
public final class Forms {
    /**
     * One row a form, under the name of its family: id; name; degrees going up (and, behind a slash, coming down); fifths
     * of its signature from the major key on the same tonic, or - for none; degrees of the chord on its tonic, or -; the
     * form it is mistaken for, or -; what it is. Degrees as handbooks of theory give them (common practice, no source).
     */
    private static final String DATA =
            """
            # Major and minor
            major; major; 1 2 3 4 5 6 7; 0; 1 3 5 7; -; whole and half steps 2 2 1 2 2 2 1
            natural-minor; natural minor; 1 2 b3 4 5 b6 b7; -3; 1 b3 5 b7; -; the notes of its relative major, from degree 6
            harmonic-minor; harmonic minor; 1 2 b3 4 5 b6 7; -3; 1 b3 5 7; -; natural minor with the seventh raised: an augmented second below it
            melodic-minor; melodic minor; 1 2 b3 4 5 6 7 / 1 2 b3 4 5 b6 b7; -3; 1 b3 5 7; -; sixth and seventh raised going up, natural minor coming down
            melodic-minor-same; melodic minor, the same both ways; 1 2 b3 4 5 6 7; -3; 1 b3 5 7; -; sixth and seventh raised in both directions
            # Modes
            dorian; dorian; 1 2 b3 4 5 6 b7; -2; 1 b3 5 b7; -; natural minor with a major sixth
            phrygian; phrygian; 1 b2 b3 4 5 b6 b7; -4; 1 b3 5 b7; -; natural minor with a minor second
            lydian; lydian; 1 2 3 #4 5 6 7; 1; 1 3 5 7; -; major with a raised fourth
            mixolydian; mixolydian; 1 2 3 4 5 6 b7; -1; 1 3 5 b7; -; major with a minor seventh
            locrian; locrian; 1 b2 b3 4 b5 b6 b7; -5; 1 b3 b5 b7; -; natural minor with second and fifth lowered
            # Pentatonic and blues
            major-pentatonic; major pentatonic; 1 2 3 5 6; 0; 1 3 5; -; major without fourth and seventh
            minor-pentatonic; minor pentatonic; 1 b3 4 5 b7; -3; 1 b3 5 b7; -; natural minor without second and sixth
            minor-blues; minor blues; 1 b3 4 b5 5 b7; -3; 1 b3 5 b7; major; minor pentatonic with the lowered fifth between
            major-blues; major blues; 1 2 b3 3 5 6; 0; 1 3 5; natural-minor; major pentatonic with the minor third before the major one
            # Even patterns
            whole-tone; whole tone; 1 2 3 #4 #5 #6; -; 1 3 #5; major; six whole steps; there are only two of them
            octatonic-half-whole; octatonic, half step first; 1 b2 b3 3 #4 5 6 b7; -; 1 3 5 b7; major; half and whole steps in turn, the half step first
            octatonic-whole-half; octatonic, whole step first; 1 2 b3 4 b5 b6 6 7; -; 1 b3 b5 6; major; whole and half steps in turn, the whole step first
            chromatic; chromatic; 1 #1 2 #2 3 4 #4 5 #5 6 #6 7 / 1 b2 2 b3 3 4 b5 5 b6 6 b7 7; -; -; -; every half step: sharps going up, flats going down
            # Eight notes
            dominant-eight-note; dominant, eight notes; 1 2 3 4 5 6 b7 7; -1; 1 3 5 b7; -; mixolydian with the major seventh passing on to the tonic
            major-eight-note; major, eight notes; 1 2 3 4 5 #5 6 7 / 1 2 3 4 5 b6 6 7; 0; 1 3 5 7; -; major with a half step passing between fifth and sixth
            # Triads
            major-triad; major triad; 1 3 5; 0; 1 3 5; minor-triad; major third, then minor third
            minor-triad; minor triad; 1 b3 5; -3; 1 b3 5; major-triad; minor third, then major third
            diminished-triad; diminished triad; 1 b3 b5; -3; 1 b3 b5; minor-triad; two minor thirds
            augmented-triad; augmented triad; 1 3 #5; 0; 1 3 #5; major-triad; two major thirds
            # Seventh chords
            major-seventh; major seventh chord; 1 3 5 7; 0; 1 3 5 7; dominant-seventh; major triad with a major seventh
            dominant-seventh; dominant seventh chord; 1 3 5 b7; -1; 1 3 5 b7; major-seventh; major triad with a minor seventh
            minor-seventh; minor seventh chord; 1 b3 5 b7; -3; 1 b3 5 b7; dominant-seventh; minor triad with a minor seventh
            half-diminished; half-diminished chord; 1 b3 b5 b7; -5; 1 b3 b5 b7; minor-seventh; diminished triad with a minor seventh
            diminished-seventh; diminished seventh chord; 1 b3 b5 bb7; -3; 1 b3 b5 bb7; half-diminished; three minor thirds
            minor-major-seventh; minor chord with major seventh; 1 b3 5 7; -3; 1 b3 5 7; minor-seventh; minor triad with a major seventh
            """;

    private static final Map<String, Form> ALL = read(DATA);

    private Forms() {}

    /** Every form, in the order a teacher meets them. */
    public static List<Form> all() {
        return List.copyOf(ALL.values());
    }

    /** The form of that id; refuses ids that are not in the dictionary and names those that are. */
    public static Form of(String id) {
        Form form = ALL.get(id);
        if (form == null) {
            throw Refusal.of("key.form", "There is no form \"" + id + "\" here.")
                    .fits("One of: " + String.join(", ", ALL.keySet()) + ".");
        }
        return form;
    }

    private static Map<String, Form> read(String data) {
        Map<String, Form> byId = new LinkedHashMap<>();
        String family = "";
        for (String line : Parts.lines(data)) {
            if (line.startsWith("# ")) {
                family = line.substring(2);
                continue;
            }
            Form form = form(family, Parts.of(line, "; ", 7));
            byId.put(form.id(), form);
        }
        return byId;
    }

    private static Form form(String family, List<String> cells) {
        List<String> ways = Parts.of(cells.get(2), " / ");
        List<Degree> up = degrees(ways.getFirst());
        List<Degree> chord = cells.get(4).equals("-") ? List.of() : degrees(cells.get(4));
        List<Integer> places = new ArrayList<>();
        for (Degree degree : chord) places.add(up.indexOf(degree));
        return new Form(
                cells.get(0),
                cells.get(1),
                family,
                Words.capital(cells.get(6)) + ".",
                up,
                degrees(ways.getLast()),
                said(cells.get(3)).map(Integer::valueOf),
                places,
                said(cells.get(5)));
    }

    private static Optional<String> said(String cell) {
        return cell.equals("-") ? Optional.empty() : Optional.of(cell);
    }

    private static List<Degree> degrees(String text) {
        return Parts.words(text).stream().map(Degree::parse).toList();
    }
}
