package pebblestep.core.passage;

import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;

/** Says a step in few words, for a list. */
public final class StepWords {
    private StepWords() {}

    /** Everything but the key: {@code two octaves up and down in thirds, sixteenths from 2}. */
    public static String withoutKey(Step step, Speech speech) {
        String slurs = step.articulation().kind() == ArticulationKind.SEPARATE
                ? ""
                : ", " + step.articulation().inWords();
        return step.line().inWords() + ", " + figure(step.rhythm(), speech) + " from "
                + Count.of(step.place(), step.meter()).inWords(speech.school()) + slurs;
    }

    /** The values of a rhythm: {@code sixteenths}, {@code dotted pairs, long first}, else the cycle. */
    private static String figure(Rhythm rhythm, Speech speech) {
        String values = figure(rhythm.figure(), speech);
        String struck = rhythm.strikes() == 1 ? "" : ", each struck " + rhythm.strikes() + " times";
        String legs = rhythm.legs().isEmpty() ? "" : ", changing on the way";
        return values + struck + legs;
    }

    /** The values of a figure: {@code sixteenths}, {@code gallop}, else the cycle. */
    public static String figure(Figure figure, Speech speech) {
        return figure.even()
                .map(value -> ValueName.plural(value, speech.names()))
                .or(() -> Figures.all().stream()
                        .filter(named -> named.figure().equals(figure))
                        .map(Figures.Named::name)
                        .findFirst())
                .orElse("values " + figure);
    }

    /** A title for a step that has none: {@code Db major, two octaves up and down, sixteenths from 2}. */
    public static String title(Step step, Speech speech) {
        return step.title().isBlank() ? step.key() + ", " + withoutKey(step, speech) : step.title();
    }
}
