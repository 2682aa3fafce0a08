package pebblestep.core.walk;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;
import pebblestep.core.harmony.ChordQualities;
import pebblestep.core.harmony.ChordQuality;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;

/** Progressions as they are typed and as they are known by name. */
public final class Progressions {
    /** What each degree of a major key is played in: its mode (common practice, no source). */
    private static final List<String> MODES =
            List.of("major", "dorian", "phrygian", "lydian", "mixolydian", "natural-minor", "locrian");

    private static final String[] ROMAN = {"I", "II", "III", "IV", "V", "VI", "VII"};

    private Progressions() {}

    /**
     * A progression that goes by a name.
     *
     * @param name what it is called
     * @param text how it is typed
     */
    public record Known(String name, String text) {}

    /** Longer than this, a progression is counted rather than written out in a heading. */
    private static final int SHORT = 24;

    /** A progression in few words: its usual name, else as it is typed, else how many chords it has. */
    static String shortly(List<Change> changes, NoteName tonic) {
        Optional<String> usual = known().stream()
                .filter(one -> parse(one.text(), tonic).equals(changes))
                .map(Known::name)
                .findFirst();
        String typed = text(changes);
        return usual.orElse(typed.length() <= SHORT ? typed : Words.counted(changes.size(), "chord"));
    }

    /** Progressions that teachers use most (common practice, no source). */
    public static List<Known> known() {
        return List.of(
                new Known("ii V I", "ii V I:2"),
                new Known("ii V I in minor", "iiø7 V7 octatonic-half-whole i natural-minor:2"),
                new Known("I vi ii V", "I vi ii V"),
                new Known("I IV V I", "I IV V I"),
                new Known("Twelve-bar blues", "I7:4 IV7:2 I7:2 V7 IV7 I7:2"));
    }

    /**
     * Reads a typed progression: degrees as Roman or plain numbers, or chords by name in the key with that tonic, each with
     * the form played over it where another than the usual is meant, and {@code :2} behind it for two bars:
     * {@code ii V7 I:2}, {@code 2 dorian - 5 mixolydian - 1 major}, {@code Dm7 G7 Cmaj7}. Refuses anything else with the
     * character (from 1) at which it stops being readable.
     */
    public static List<Change> parse(String text, NoteName tonic) {
        return new ProgressionReader(text, tonic).read();
    }

    /** A progression as it is typed; {@link #parse} reads it in any key. */
    public static String text(List<Change> progression) {
        return String.join(" ", progression.stream().map(Progressions::text).toList());
    }

    private static String text(Change change) {
        String number = numeral(change.degree(), change.form());
        String symbol =
                change.chord().map(chord -> suffix(chord, isSmall(number))).orElse("");
        Form usual = usualForm(change.degree(), isSmall(number), change.chord().orElse(null));
        String bars = change.bars().map(count -> ":" + count).orElse("");
        return number
                + symbol
                + bars
                + (usual.equals(change.form()) ? "" : " " + change.form().id());
    }

    /** The Roman number of a degree, small over a minor third. */
    private static String numeral(Degree degree, Form form) {
        String sign = degree.alteration() < 0 ? "b".repeat(-degree.alteration()) : "#".repeat(degree.alteration());
        String roman = ROMAN[degree.number() - 1];
        return sign + (form.isMinorSide() ? roman.toLowerCase(Locale.ROOT) : roman);
    }

    private static boolean isSmall(String numeral) {
        return numeral.endsWith("i") || numeral.endsWith("v");
    }

    private static String suffix(ChordQuality chord, boolean small) {
        String symbol = chord.symbol();
        if (symbol.isEmpty()) return "M";
        boolean ofMinor = small && symbol.length() > 1 && symbol.startsWith("m") && !symbol.startsWith("maj");
        return ofMinor ? symbol.substring(1) : symbol;
    }

    /** The number of a Roman numeral of one case, from 1; 0 for what is none. */
    static int roman(String text) {
        String upper = text.toUpperCase(Locale.ROOT);
        if (!text.equals(upper) && !text.equals(text.toLowerCase(Locale.ROOT))) return 0;
        for (int i = 0; i < ROMAN.length; i++) if (ROMAN[i].equals(upper)) return i + 1;
        return 0;
    }

    /**
     * The form played over a degree where none is said: its mode in the major key where that has the chord, else the one
     * of the chord; without a chord, dorian over small numbers and major over others that the key does not have so.
     */
    static Form usualForm(Degree degree, boolean small, @Nullable ChordQuality chord) {
        Form mode = Forms.of(MODES.get(degree.number() - 1));
        boolean ofTheKey = degree.alteration() == 0 && mode.isMinorSide() == small;
        if (chord == null) return ofTheKey ? mode : Forms.of(small ? "dorian" : "major");
        boolean hasIt = ChordQualities.of(mode, true).filter(chord::equals).isPresent()
                || ChordQualities.of(mode, false).filter(chord::equals).isPresent();
        return ofTheKey && hasIt ? mode : Forms.of(chord.form());
    }

    /** The form played over a degree given as a plain number. */
    static Form modeOf(Degree degree) {
        return degree.alteration() == 0 ? Forms.of(MODES.get(degree.number() - 1)) : Forms.of("major");
    }
}
