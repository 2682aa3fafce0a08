package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pebblestep.core.instrument.Playing;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;

/** Which hand plays what, and whether each can play what it has at once. */
final class Hands {
    private Hands() {}

    /** Something that sounds for a while. */
    record Sounding(Fraction from, Fraction to, Pitch pitch) {}

    /** The hand that has the line: the one that no further voice has, and the right one where both have some or none. */
    static By ofLine(List<Voice> voices) {
        boolean left = voices.stream().anyMatch(voice -> voice.by() == By.LEFT);
        boolean right = voices.stream().anyMatch(voice -> voice.by() == By.RIGHT);
        return right && !left ? By.LEFT : By.RIGHT;
    }

    /** The hand of a further voice that the player of the line has. */
    static By of(Voice voice, List<Voice> voices) {
        return voice.by() == By.SAME_HAND ? ofLine(voices) : voice.by();
    }

    /** Whether a step is played by two hands with lines of their own. */
    static boolean areTwo(List<Voice> voices) {
        return voices.stream().anyMatch(voice -> voice.by() == By.LEFT || voice.by() == By.RIGHT);
    }

    /** Why a hand cannot play what it has; empty where it can. Each moment at which something begins is looked at. */
    static Optional<String> cannot(Playing playing, List<Sounding> notes) {
        List<Sounding> rising =
                notes.stream().sorted(Comparator.comparing(Sounding::from)).toList();
        List<Sounding> active = new ArrayList<>();
        for (int i = 0; i < rising.size(); i++) {
            Fraction now = rising.get(i).from();
            active.removeIf(one -> one.to().compareTo(now) <= 0);
            active.add(rising.get(i));
            boolean more = i + 1 < rising.size() && rising.get(i + 1).from().equals(now);
            if (more || active.size() < 2) continue;
            List<Pitch> together =
                    active.stream().map(Sounding::pitch).distinct().toList();
            Optional<String> why = together.size() < 2 ? Optional.empty() : playing.cannot(together);
            if (why.isPresent()) return why;
        }
        return Optional.empty();
    }
}
