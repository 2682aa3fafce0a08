package pebblestep.core.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordQualities;
import pebblestep.core.harmony.ChordQuality;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;

/** Walks through a typed progression once. */
final class ProgressionReader {
    private static final int MOST_TEXT = 1000;
    private static final int MOST_CHANGES = 48;
    private static final int MOST_WORDS = 5;
    private static final String SEPARATORS = "|,–→";

    private final String text;
    private final NoteName tonic;
    private final List<Word> words = new ArrayList<>();
    private final List<Change> changes = new ArrayList<>();

    /** A word and where it begins, from 0. */
    private record Word(String text, int at) {}

    ProgressionReader(String text, NoteName tonic) {
        this.text = text;
        this.tonic = tonic;
    }

    List<Change> read() {
        if (text.length() > MOST_TEXT) throw wrong(MOST_TEXT, "At most " + MOST_TEXT + " characters are read.");
        split();
        int at = 0;
        while (at < words.size()) at = next(at);
        if (changes.isEmpty()) throw wrong(0, "Type at least one chord, such as ii V I.");
        return List.copyOf(changes);
    }

    private void split() {
        int from = 0;
        for (int i = 0; i <= text.length(); i++) {
            boolean ends = i == text.length()
                    || Character.isWhitespace(text.charAt(i))
                    || SEPARATORS.indexOf(text.charAt(i)) >= 0;
            if (!ends) continue;
            String word = text.substring(from, i);
            if (!word.isEmpty() && !word.equals("-")) words.add(new Word(word, from));
            from = i + 1;
        }
    }

    /** Reads a chord, or the form of the one before; answers where the next begins. */
    private int next(int at) {
        Word word = words.get(at);
        int colon = word.text.indexOf(':');
        Word chord = colon < 0 ? word : new Word(word.text.substring(0, colon), word.at);
        Optional<Change> change = change(chord);
        if (change.isPresent()) {
            if (changes.size() == MOST_CHANGES) {
                throw wrong(word.at, "A progression has at most " + MOST_CHANGES + " chords.");
            }
            Optional<Integer> bars = colon < 0 ? Optional.empty() : Optional.of(bars(word, colon));
            Change one = change.get();
            changes.add(new Change(one.degree(), one.form(), one.chord(), bars));
            return at + 1;
        }
        for (int length = Math.min(MOST_WORDS, words.size() - at); length >= 1; length--) {
            Optional<Form> form = form(at, length);
            if (form.isEmpty()) continue;
            if (changes.isEmpty()) throw wrong(word.at, "A form stands behind its degree: ii dorian.");
            Change last = changes.remove(changes.size() - 1);
            Word end = words.get(at + length - 1);
            Optional<Integer> bars =
                    end.text.contains(":") ? Optional.of(bars(end, end.text.indexOf(':'))) : last.bars();
            changes.add(new Change(last.degree(), form.get(), last.chord(), bars));
            return at + length;
        }
        throw wrong(
                word.at,
                "\"" + word.text + "\" is no chord of a progression: write ii, V7, 2, Dm7, or a form such as dorian.");
    }

    private int bars(Word word, int colon) {
        String number = word.text.substring(colon + 1);
        int bars = Parts.isDigits(number, 2) ? Integer.parseInt(number) : 0;
        if (bars < 1 || bars > Change.MOST_BARS) {
            throw wrong(word.at + colon, "Behind : stands for how many bars it lasts, 1 to " + Change.MOST_BARS + ".");
        }
        return bars;
    }

    private Optional<Form> form(int at, int length) {
        List<String> said =
                words.subList(at, at + length).stream().map(word -> word.text).toList();
        String joined = String.join(" ", said);
        int colon = joined.indexOf(':');
        String name = colon < 0 ? joined : joined.substring(0, colon);
        return Forms.all().stream()
                .filter(form -> form.id().equals(name) || form.name().equals(name))
                .findFirst();
    }

    private Optional<Change> change(Word word) {
        if (word.text.isEmpty()) return Optional.empty();
        char first = word.text.charAt(0);
        if (first >= 'A' && first <= 'G') return Optional.of(named(word));
        int sign = 0;
        while (sign < word.text.length() && sign < 2 && "b#♭♯".indexOf(word.text.charAt(sign)) >= 0) sign++;
        String signs = word.text.substring(0, sign).replace('♭', 'b').replace('♯', '#');
        String rest = word.text.substring(sign);
        if (rest.length() == 1 && rest.charAt(0) >= '1' && rest.charAt(0) <= '7') {
            Degree degree = Degree.parse(signs + rest);
            return Optional.of(Change.of(degree, Progressions.modeOf(degree)));
        }
        return roman(word, signs, rest);
    }

    private Optional<Change> roman(Word word, String signs, String rest) {
        int length = 0;
        while (length < rest.length() && "IViv".indexOf(rest.charAt(length)) >= 0) length++;
        int number = length == 0 ? 0 : Progressions.roman(rest.substring(0, length));
        if (number == 0) return Optional.empty();
        Degree degree = Degree.parse(signs + number);
        boolean small = Character.isLowerCase(rest.charAt(0));
        String suffix = rest.substring(length);
        Optional<ChordQuality> chord = Optional.empty();
        if (!suffix.isEmpty()) {
            chord = (small ? ChordQualities.tryOf("m" + suffix) : Optional.<ChordQuality>empty())
                    .or(() -> ChordQualities.tryOf(suffix));
            if (chord.isEmpty()) {
                throw wrong(
                        word.at + word.text.length() - suffix.length(),
                        "\"" + suffix + "\" is no chord that is carried here.");
            }
        }
        return Optional.of(
                new Change(degree, Progressions.usualForm(degree, small, chord.orElse(null)), chord, Optional.empty()));
    }

    /** A chord by its name, as a degree of the key. */
    private Change named(Word word) {
        try {
            ChordSymbol symbol = ChordSymbol.parse(word.text);
            if (symbol.bass().isPresent()) {
                throw Refusal.of("A station has the bass of its chord; write it without a slash.")
                        .at(word.text.indexOf('/') + 1);
            }
            Interval up = tonic.upTo(symbol.root());
            Degree natural = new Degree(up.steps() + 1, 0);
            int alteration = Math.floorMod(up.semitones() - natural.semitones() + 6, 12) - 6;
            if (Math.abs(alteration) > 2)
                throw Refusal.of(symbol.root() + " is too far from " + tonic + ".")
                        .at(1);
            Degree degree = new Degree(up.steps() + 1, alteration);
            boolean small = symbol.quality().symbol().startsWith("m")
                    && !symbol.quality().symbol().startsWith("maj");
            Form form = Progressions.usualForm(degree, small, symbol.quality());
            return new Change(degree, form, Optional.of(symbol.quality()), Optional.empty());
        } catch (Refusal e) {
            throw wrong(word.at + e.position().orElse(1) - 1, e.getMessage());
        }
    }

    private static Refusal wrong(int at, String sentence) {
        return Refusal.of("walk.progression", "At character " + (at + 1) + ": " + sentence)
                .at(at + 1);
    }
}
