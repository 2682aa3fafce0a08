package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.instrument.Clef;
import pebblestep.core.passage.Slur;

/**
 * The stems of a score, and with them the side of its slurs. A note on the middle line or above has its stem down, one
 * below it up; under one beam all follow the note that is furthest from the middle line, and point down where two are as
 * far (handbooks of engraving agree; from memory).
 */
public final class Stems {
    private final List<List<Optional<Stem>>> bars;
    private final BitSet down;

    private Stems(List<List<Optional<Stem>>> bars, BitSet down) {
        this.bars = bars;
        this.down = down;
    }

    static Stems of(Score score) {
        List<List<Optional<Stem>>> bars = new ArrayList<>();
        BitSet down = new BitSet();
        for (Measure measure : score.measures()) {
            List<Optional<Stem>> stems = measure.second()
                    .map(layer -> all(measure.glyphs(), layer.above() ? Stem.DOWN : Stem.UP))
                    .orElseGet(() -> of(measure, score));
            for (int i = 0; i < stems.size(); i++) {
                if (stems.get(i).equals(Optional.of(Stem.DOWN))) {
                    measure.glyphs().get(i).note().ifPresent(down::set);
                }
            }
            bars.add(stems);
        }
        return new Stems(bars, down);
    }

    /** The stem of each glyph of a bar, in order, the first bar 0; empty for rests and for whole notes. */
    public List<Optional<Stem>> in(int bar) {
        return bars.get(bar);
    }

    /** Whether a slur lies over its notes: on the side of their heads, and above where their stems do not agree. */
    public boolean isAbove(Slur slur) {
        int first = down.nextSetBit(slur.fromNote());
        return first >= 0 && first <= slur.toNote();
    }

    private static List<Optional<Stem>> of(Measure measure, Score score) {
        List<OptionalInt> steps = measure.glyphs().stream()
                .map(glyph -> furthest(glyph, measure.clef(), score))
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

    /** The stems of a second voice of a bar, away from those of the first. */
    public static List<Optional<Stem>> of(Layer layer) {
        return all(layer.glyphs(), layer.above() ? Stem.UP : Stem.DOWN);
    }

    private static List<Optional<Stem>> all(List<Glyph> glyphs, Stem stem) {
        return glyphs.stream()
                .map(glyph -> glyph.isRest() || glyph.base() == 1 ? Optional.<Stem>empty() : Optional.of(stem))
                .toList();
    }

    /** Letter steps of the head that is furthest from the middle line; of two as far the lower, so that its stem points up. */
    private static OptionalInt furthest(Glyph glyph, Clef clef, Score score) {
        if (glyph.pitch().isEmpty()) return OptionalInt.empty();
        int furthest = clef.stepsAbove(score.drawn(glyph.pitch().get(), glyph));
        for (Head head : glyph.more()) {
            int steps = clef.stepsAbove(score.drawn(head.pitch(), glyph));
            if (Math.abs(steps) > Math.abs(furthest)) furthest = steps;
        }
        return OptionalInt.of(furthest);
    }

    private static Stem at(int stepsAboveMiddle) {
        return stepsAboveMiddle < 0 ? Stem.UP : Stem.DOWN;
    }
}
