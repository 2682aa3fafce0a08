package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * Beams by the beat; in 4/4 four plain eighths share one beam over two beats when they stay in one half of the bar
 * (common engraving practice, no source).
 */
final class Beams {
    private Beams() {}

    static List<Beam> of(List<Glyph> glyphs, Meter meter, Fraction barStart) {
        List<Beam> beams = new ArrayList<>();
        int from = 0;
        while (from < glyphs.size()) {
            int to = from;
            while (to + 1 < glyphs.size() && joins(glyphs, to, to + 1, meter, barStart)) to++;
            if (to > from) beams.add(new Beam(from, to));
            from = to + 1;
        }
        return merged(beams, glyphs, meter, barStart);
    }

    private static boolean joins(List<Glyph> glyphs, int left, int right, Meter meter, Fraction barStart) {
        return glyphs.get(left).isBeamable()
                && glyphs.get(right).isBeamable()
                && beat(glyphs.get(left), meter, barStart) == beat(glyphs.get(right), meter, barStart);
    }

    private static List<Beam> merged(List<Beam> beams, List<Glyph> glyphs, Meter meter, Fraction barStart) {
        if (meter.beats() != 4) return beams;
        List<Beam> merged = new ArrayList<>();
        for (Beam beam : beams) {
            int last = merged.size() - 1;
            boolean joined = last >= 0 && areHalfABar(merged.get(last), beam, glyphs, meter, barStart);
            if (joined) merged.set(last, new Beam(merged.get(last).from(), beam.to()));
            else merged.add(beam);
        }
        return merged;
    }

    /** Whether two beams are pairs of halves of a beat that together fill the first or the second half of the bar. */
    private static boolean areHalfABar(Beam before, Beam beam, List<Glyph> glyphs, Meter meter, Fraction barStart) {
        int first = beat(glyphs.get(before.from()), meter, barStart);
        return before.to() + 1 == beam.from()
                && isPlainPair(before, glyphs, meter)
                && isPlainPair(beam, glyphs, meter)
                && first % 2 == 0
                && beat(glyphs.get(beam.from()), meter, barStart) == first + 1;
    }

    private static boolean isPlainPair(Beam beam, List<Glyph> glyphs, Meter meter) {
        Fraction half = meter.lengthOf(1).dividedBy(Fraction.of(2));
        return beam.to() == beam.from() + 1
                && glyphs.get(beam.from()).length().equals(half)
                && glyphs.get(beam.to()).length().equals(half);
    }

    private static int beat(Glyph glyph, Meter meter, Fraction barStart) {
        return meter.beatOf(glyph.at().minus(barStart)) - 1;
    }
}
