package pebblestep.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Copies;
import pebblestep.core.Words;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.Slip;
import pebblestep.core.scale.Slips;

/**
 * What slips in a key, by kind and by note: in how many takes each was named.
 *
 * @param takes all takes in the key
 * @param kinds takes by kind of slip; kinds that were not named are absent
 * @param notes the notes that were touched, most often first
 */
public record SlipTally(int takes, Map<SlipKind, Integer> kinds, List<NoteTally> notes) {
    public SlipTally {
        kinds = Copies.map(kinds);
        notes = List.copyOf(notes);
    }

    /**
     * One note.
     *
     * @param note as it is read
     * @param instead what is played in its place as a rule, where the key has such a slip and notes were what slipped
     * @param takes in how many takes
     */
    public record NoteTally(NoteName note, Optional<NoteName> instead, int takes) {}

    /** The tally of takes in one key. */
    public static SlipTally of(Key key, SlipCount count) {
        List<Slip> likely = Slips.of(key);
        List<NoteTally> notes = new ArrayList<>();
        count.notes().forEach((name, times) -> {
            Optional<NoteName> instead = likely.stream()
                    .filter(slip -> slip.play().equals(name) && count.asNotes().containsKey(name))
                    .map(Slip::not)
                    .findFirst();
            notes.add(new NoteTally(name, instead, times));
        });
        notes.sort(Comparator.comparing(NoteTally::takes).reversed().thenComparing(note -> note.note()
                .toString()));
        return new SlipTally(count.takes(), count.kinds(), notes);
    }

    /** One line of the tally: what slips, and in how many takes. */
    record Line(String what, int takes) {}

    /** What slips, most often first: the notes, then the kinds. */
    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (NoteTally note : notes) {
            String what = note.instead()
                    .map(played -> spoken(played) + " for " + note.note())
                    .orElse("at " + note.note());
            lines.add(new Line(what, note.takes()));
        }
        kinds.entrySet().stream()
                .sorted(Map.Entry.<SlipKind, Integer>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .forEach(kind -> lines.add(new Line(kind.getKey().words(), kind.getValue())));
        return lines;
    }

    /** A note without an accidental is said to be natural where another was meant. */
    private static String spoken(NoteName played) {
        return played.alteration() == 0 ? played + " natural" : played.toString();
    }

    /** What slips most, in a clause with its numbers: {@code G natural for G♭, in 7 of 12 takes}; empty where nothing does. */
    public Optional<String> worst() {
        return lines().stream()
                .findFirst()
                .map(line -> line.what() + ", in " + line.takes() + " of " + Words.counted(takes, "take"));
    }

    /** In sentences with numbers, most often first: {@code G natural for G♭: 7 of 12 takes}. */
    public List<String> sentences() {
        return lines().stream()
                .map(line -> line.what() + ": " + line.takes() + " of " + Words.counted(takes, "take"))
                .toList();
    }
}
