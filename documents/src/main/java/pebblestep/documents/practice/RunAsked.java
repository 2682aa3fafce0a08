package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Position;
import pebblestep.core.metronome.Laps;
import pebblestep.core.metronome.LineBars;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;

/**
 * A run as the student wants it: a line several times without a break.
 *
 * @param at the rung to begin on
 * @param bpm a tempo of the student's own choice, which is stayed at
 * @param times how often the student plays it
 * @param every after how many of these the next rung comes; 0 where it stays
 * @param tapping whether it is tapped along: then it is played once, and alone
 */
public record RunAsked(
        PieceDocument piece,
        PlayerDocument player,
        SpeechDocument speech,
        String at,
        @Nullable BigDecimal bpm,
        int times,
        int every,
        Laps.Voice voice,
        boolean tapping) {

    /** The laps of a run, in order. */
    public record RunAnswer(List<LapPart> laps) {}

    /**
     * Once through the line.
     *
     * @param at the rung
     * @param now the rung in words
     * @param played the rungs of other axes than tempo
     * @param voice whether a voice plays
     * @param student whether the student plays
     * @param sounding which of its bars sound; the others are silent
     */
    public record LapPart(
            String at,
            String now,
            BigDecimal bpm,
            List<PlayedPart> played,
            boolean voice,
            boolean student,
            List<Boolean> sounding) {}

    /** Works it out; refuses a rung that the climb does not have, and more times than ten. */
    public RunAnswer answer() {
        Player by = player.read();
        Ascent ascent = piece.ascent();
        RungAsked.step(ascent, at, bpm);
        boolean rises = bpm == null && times > 1;
        Laps laps = tapping ? Laps.once() : Laps.of(voice, rises ? every : 0, times);
        List<Position> rungs = rungs(ascent, Position.parse(at), by);
        Map<Position, Passage> passages = new HashMap<>();
        List<LapPart> parts = new ArrayList<>();
        int bars = 0;
        for (Laps.Lap lap : laps.laps()) {
            Position rung = rungs.get(Math.min(lap.rung(), rungs.size() - 1));
            Passage passage =
                    passages.computeIfAbsent(rung, one -> Passage.of(RungAsked.step(ascent, one.toString(), bpm), by));
            parts.add(part(ascent, rung, lap, passage, bars));
            bars += LineBars.count(passage);
        }
        return new RunAnswer(parts);
    }

    private LapPart part(Ascent ascent, Position rung, Laps.Lap lap, Passage passage, int bars) {
        Step step = passage.step();
        return new LapPart(
                rung.toString(),
                ascent.words(speech.read()).at(rung),
                step.tempo().bpm().value(),
                ClimbDocuments.played(ascent, rung),
                lap.voice(),
                lap.student(),
                LineBars.sounding(passage, bars));
    }

    /** The rungs that a run can rise over, from one on: as far as one comes next and the player has its notes. */
    private static List<Position> rungs(Ascent ascent, Position from, Player by) {
        List<Position> rungs = new ArrayList<>(List.of(from));
        Optional<Position> next = next(ascent, from, by);
        while (next.isPresent() && rungs.size() < Laps.MOST_TIMES) {
            rungs.add(next.get());
            next = next(ascent, next.get(), by);
        }
        return rungs;
    }

    private static Optional<Position> next(Ascent ascent, Position at, Player by) {
        return ascent.moves().next(at).filter(to -> Misfit.on(ascent, to, by).isEmpty());
    }
}
