package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import pebblestep.core.Parts;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;
import pebblestep.core.voice.WhichHands;

/** Says a step in few words, for a list. */
public final class StepWords {
    /** Of so many values a cycle is still said one by one. */
    private static final int SAID = 8;

    private StepWords() {}

    /** Everything but the key: {@code two octaves up and down in thirds, sixteenths from 2}. */
    public static String withoutKey(Step step, Speech speech) {
        String slurs = step.articulation().kind() == ArticulationKind.SEPARATE
                ? ""
                : ", " + step.articulation().inWords();
        return step.line().inWords() + ", " + figure(step.rhythm(), speech) + " from "
                + Count.of(step.place(), step.meter()).inWords(speech.school()) + slurs + together(step, speech);
    }

    /** The key of a step as it is read, or the keys it goes through: {@code D♭ major}, {@code 12 keys from C major}. */
    public static String keys(Step step, Key first) {
        return step.walk().map(walk -> walk.keysInWords(first)).orElseGet(first::toString);
    }

    /** Who plays with the line, and through which keys: {@code , hands together in contrary motion}; nothing for a line alone. */
    private static String together(Step step, Speech speech) {
        List<String> words = new ArrayList<>();
        if (Hands.areTwo(step.voices())) {
            boolean contrary = step.hands() == WhichHands.TOGETHER
                    && step.voices().stream().anyMatch(Voice::mirror);
            words.add(step.hands().words() + (contrary ? " in contrary motion" : ""));
        }
        for (Voice voice : step.voices()) {
            if (voice.by() == By.SAME_HAND || voice.by() == By.PARTNER) {
                words.add((voice.by() == By.PARTNER ? "with a partner " : "with ")
                        + PartWords.of(voice, step.meter(), speech).replace(", ", " "));
            }
        }
        step.walk().ifPresent(walk -> words.add(walk.inWords()));
        return words.isEmpty() ? "" : ", " + String.join(", ", words);
    }

    /**
     * What is left to say beside a title that already says a part of it: beside {@code Sixteenths from 2} only
     * {@code two octaves up and down}. Empty where the title says it all.
     */
    public static String beside(String title, Step step, Speech speech) {
        String said = title.toLowerCase(Locale.ROOT);
        return Parts.of(withoutKey(step, speech), ", ").stream()
                .filter(part -> !said.contains(part.toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
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
                .orElseGet(() -> figure.cycle().size() > SAID ? "values of its own" : "values " + figure);
    }

    /** What is played: {@code D♭ major, up and down}. */
    public static String material(Step step) {
        return step.key() + ", " + step.line().travel().words();
    }

    /** In which values: {@code sixteenths, each struck 2 times, swing 2:1}. */
    public static String rhythm(Step step, Speech speech) {
        Rhythm rhythm = step.rhythm();
        return figure(rhythm, speech) + (rhythm.swing().isStraight() ? "" : ", swing " + rhythm.swing());
    }

    /** A title for a step that has none: {@code Db major, two octaves up and down, sixteenths from 2}. */
    public static String title(Step step, Speech speech) {
        return step.title().isBlank() ? step.key() + ", " + withoutKey(step, speech) : step.title();
    }
}
