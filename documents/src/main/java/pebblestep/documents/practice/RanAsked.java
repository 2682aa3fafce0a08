package pebblestep.documents.practice;

import java.util.List;
import pebblestep.core.climb.Position;
import pebblestep.core.practice.Ran;
import pebblestep.core.rhythm.Bpm;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.practice.RunAsked.LapPart;

/**
 * A run that is over.
 *
 * @param finished laps that were played to their end
 */
public record RanAsked(List<LapPart> laps, int finished) {

    /**
     * What is asked about it.
     *
     * @param times how often the student played it to its end
     * @param rungs the rungs of these, each once
     * @param rising whether it went on over more than one rung
     * @param stopped whether it was stopped before it was over
     */
    public record RanAnswer(int times, List<ReachedPart> rungs, boolean rising, boolean stopped) {}

    /** A rung that was played, by its place and in words. */
    public record ReachedPart(String at, String now) {}

    /** Works it out. */
    public RanAnswer answer() {
        Ran ran = read();
        List<ReachedPart> rungs = ran.rungs().stream()
                .map(rung -> laps.stream()
                        .filter(lap -> lap.at().equals(rung.at().toString()))
                        .findFirst()
                        .orElseThrow())
                .map(lap -> new ReachedPart(lap.at(), lap.now()))
                .toList();
        return new RanAnswer(ran.times().size(), rungs, ran.isRising(), ran.isStopped());
    }

    Ran read() {
        return new Ran(
                laps.stream()
                        .map(lap -> new Ran.Lap(
                                Position.parse(lap.at()),
                                Bpm.of(lap.bpm()),
                                ClimbDocuments.played(lap.played()),
                                lap.student()))
                        .toList(),
                finished);
    }
}
