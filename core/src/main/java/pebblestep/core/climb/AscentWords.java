package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.rhythm.Speech;

/**
 * The rungs of an ascent in words.
 *
 * @param ascent whose rungs are said
 * @param speech how note values are called
 */
public record AscentWords(Ascent ascent, Speech speech) {
    /** The rungs of a position in words: {@code eighths, two octaves, 72 bpm}. */
    public String at(Position position) {
        String stage = stage(position);
        if (ascent.climb().axis(AxisKind.TEMPO).isEmpty()) return stage;
        String tempo = ascent.bpm(position) + " bpm";
        return stage.isEmpty() ? tempo : stage + ", " + tempo;
    }

    /** The same without the tempo; empty where nothing else is climbed. */
    public String stage(Position position) {
        List<String> words = new ArrayList<>();
        for (AxisKind kind : AxisKind.asSaid()) {
            if (kind == AxisKind.TEMPO) continue;
            ascent.climb()
                    .axis(kind)
                    .ifPresent(i -> words.add(ascent.climb()
                            .axes()
                            .get(i)
                            .rung(position.rung(i))
                            .inWords(ascent.step().meter(), speech)));
        }
        return String.join(", ", words);
    }
}
