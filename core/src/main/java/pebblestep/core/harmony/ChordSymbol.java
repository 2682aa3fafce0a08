package pebblestep.core.harmony;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Key;

/**
 * A chord as it is written over a bar: root, kind and, behind a slash, another bass: {@code Dm7}, {@code Bb13},
 * {@code C/E}.
 *
 * @param root its root
 * @param quality its kind
 * @param bass the lowest note, where that is not the root
 */
public record ChordSymbol(NoteName root, ChordQuality quality, Optional<NoteName> bass) {
    /** Longer than any symbol that is carried. */
    private static final int MOST = 20;

    /** The chord of that kind on that root. */
    public static ChordSymbol of(NoteName root, ChordQuality quality) {
        return new ChordSymbol(root, quality, Optional.empty());
    }

    /** The chord on the tonic of a key; empty where its form has none. */
    public static Optional<ChordSymbol> of(Key key, boolean seventh) {
        return ChordQualities.of(key.form(), seventh).map(quality -> of(key.tonic(), quality));
    }

    /** Reads a symbol, also with ♭ and ♯; refuses anything else with the character (from 1) at which it goes wrong. */
    public static ChordSymbol parse(String text) {
        if (text == null || text.isEmpty() || text.length() > MOST) {
            throw wrong(1, "A chord is expected, such as Dm7 or C/E.");
        }
        int behind = rootEnd(text, 0);
        NoteName root = NoteName.parse(text.substring(0, behind));
        int slash = text.indexOf('/', behind);
        String kind = text.substring(behind, slash < 0 ? text.length() : slash);
        ChordQuality quality = ChordQualities.tryOf(kind)
                .orElseThrow(() -> wrong(behind + 1, "\"" + kind + "\" is no chord that is carried here.")
                        .fits("For instance m7, 7, maj7, m7b5, dim7, 6, add9, sus4, 9 or 13."));
        if (slash < 0) return of(root, quality);
        int bassEnd = slash + 1 < text.length() ? rootEnd(text, slash + 1) : -1;
        if (bassEnd != text.length()) {
            throw wrong(slash + 2, "Behind the slash stands the bass: a letter with b or #, such as C/E.");
        }
        return new ChordSymbol(root, quality, Optional.of(NoteName.parse(text.substring(slash + 1))));
    }

    /** Where the note name that begins there ends; refuses what is none. */
    private static int rootEnd(String text, int from) {
        char letter = text.charAt(from);
        if (letter < 'A' || letter > 'G') {
            throw wrong(from + 1, "A chord begins with its root, a letter from A to G, not \"" + letter + "\".");
        }
        int end = from + 1;
        while (end < text.length() && end - from < 3 && "b#♭♯".indexOf(text.charAt(end)) >= 0) end++;
        boolean mixed = end - from == 3 && text.charAt(from + 1) != text.charAt(from + 2);
        return mixed ? end - 1 : end;
    }

    private static Refusal wrong(int character, String sentence) {
        return Refusal.of(sentence).at(character);
    }

    /** The names of its notes from the root up; a bass of its own is not among them unless the chord has it. */
    public List<NoteName> notes() {
        return quality.tones().stream()
                .flatMap(tone -> root.tryPlus(tone).stream())
                .toList();
    }

    /** Whether a sound (0 to 11) belongs to it. */
    public boolean has(int pitchClass) {
        return quality.tones().stream()
                .anyMatch(tone -> Math.floorMod(root.pitchClass() + tone.semitones(), 12) == pitchClass);
    }

    /** The lowest note. */
    public NoteName lowest() {
        return bass.orElse(root);
    }

    /** The chord an interval away, its root spelled simply where that would need a double alteration. */
    public ChordSymbol transposed(Interval by) {
        return new ChordSymbol(root.simplyPlus(by), quality, bass.map(note -> note.simplyPlus(by)));
    }

    /** As documents write it, in plain characters; {@link #parse} reads it. */
    public String id() {
        return root.id() + quality.symbol() + bass.map(note -> "/" + note.id()).orElse("");
    }

    /** As it stands over a bar, with the signs of the staff; {@link #parse} reads it too. */
    @Override
    public String toString() {
        return root
                + quality.symbol().replace("b", "♭")
                + bass.map(note -> "/" + note).orElse("");
    }
}
