package pebblestep.core.notation;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.KeySignature;

/**
 * Decides which accidentals are printed. One holds for its line or space until the bar ends. Where a letter was altered
 * in the bar before, or in another octave of this one, and now is not, a courtesy sign says so once (common engraving
 * practice, no source).
 */
final class Accidentals {
    private KeySignature signature;
    private Map<Integer, Integer> bar = new HashMap<>();
    private Map<Letter, Integer> before = new HashMap<>();
    private Map<Letter, Integer> inBar = new HashMap<>();
    private final Set<Integer> reminded = new HashSet<>();

    Accidentals(KeySignature signature) {
        this.signature = signature;
    }

    /** Another signature, from a bar line on. */
    void change(KeySignature other) {
        signature = other;
    }

    /** A barline: what was altered is forgotten, but for reminders. */
    void barline() {
        before = inBar;
        inBar = new HashMap<>();
        bar = new HashMap<>();
        reminded.clear();
    }

    /** The sign that a note needs where it stands next. */
    Optional<Accidental> next(Pitch pitch) {
        Letter letter = pitch.name().letter();
        int alteration = pitch.name().alteration();
        int signed = signature.alterationOf(letter);
        int place = pitch.diatonic();
        boolean said = bar.containsKey(place);
        int now = bar.getOrDefault(place, signed);
        bar.put(place, alteration);
        if (now != alteration) {
            inBar.put(letter, alteration);
            return Optional.of(Accidental.of(alteration, false));
        }
        boolean otherBefore = before.getOrDefault(letter, alteration) != alteration;
        boolean otherOctave = inBar.getOrDefault(letter, alteration) != alteration;
        if (!said && (otherBefore || otherOctave) && reminded.add(place)) {
            return Optional.of(Accidental.of(alteration, true));
        }
        return Optional.empty();
    }
}
