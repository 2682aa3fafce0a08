package pebblestep.core.passage;

import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.ValueName;

/** Says a step in few words, for a list. */
public final class StepWords {
    private static final String[] NUMBERS = {"", "one octave", "two octaves", "three octaves", "four octaves"};

    private StepWords() {}

    /** Everything but the key: {@code two octaves up and down, sixteenths from 2}. */
    public static String withoutKey(Step step) {
        return extent(step) + " " + travel(step.line().travel()) + ", "
                + ValueName.plural(step.figure().value()) + " from "
                + Count.of(step.place(), step.meter()).inWords();
    }

    /** A title for a step that has none: {@code Db major, two octaves up and down, sixteenths from 2}. */
    public static String title(Step step) {
        return step.title().isBlank() ? step.key() + ", " + withoutKey(step) : step.title();
    }

    private static String extent(Step step) {
        return step.line().extent() instanceof Extent.Octaves octaves
                ? NUMBERS[octaves.count()]
                : ((Extent.Span) step.line().extent()).notes() + " notes";
    }

    private static String travel(Travel travel) {
        return switch (travel) {
            case UP_DOWN -> "up and down";
            case DOWN_UP -> "down and up";
            case UP -> "up";
            case DOWN -> "down";
        };
    }
}
