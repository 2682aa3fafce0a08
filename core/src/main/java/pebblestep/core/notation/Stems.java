package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import pebblestep.core.pitch.Pitch;

/**
 * The stems of a bar. A note on the middle line or above has its stem down, one below it up; under one beam all follow the note
 * that is furthest from the middle line, and point down where two are as far (handbooks of engraving agree; from memory).
 */
final class Stems {
    private Stems() {}

    /**
     * The stem of each glyph of a bar, in order; empty for rests and for whole notes.
     *
     * @param drawn the pitch at whose place a glyph stands
     */
    static List<Optional<Stem>> of(Measure measure, Function<Glyph, Optional<Pitch>> drawn) {
        List<OptionalInt> steps = measure.glyphs().stream()
                .map(glyph -> drawn.apply(glyph)
                        .map(pitch -> OptionalInt.of(measure.clef().stepsAbove(pitch)))
                        .orElse(OptionalInt.empty()))
                .toList();
        List<Optional<Stem>> stems = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            boolean stemless = measure.glyphs().get(i).base() == 1;
            OptionalInt step = steps.get(i);
            stems.add(step.isEmpty() || stemless ? Optional.empty() : Optional.of(at(step.getAsInt())));
        }
        for (Beam beam : measure.beams()) {
            int furthest = 0;
            for (int i = beam.from(); i <= beam.to(); i++) {
                int step = steps.get(i).orElse(0);
                boolean further = Math.abs(step) > Math.abs(furthest);
                if (further || Math.abs(step) == Math.abs(furthest) && step > furthest) furthest = step;
            }
            Collections.fill(stems.subList(beam.from(), beam.to() + 1), Optional.of(at(furthest)));
        }
        return List.copyOf(stems);
    }

    private static Stem at(int stepsAboveMiddle) {
        return stepsAboveMiddle < 0 ? Stem.UP : Stem.DOWN;
    }
}
