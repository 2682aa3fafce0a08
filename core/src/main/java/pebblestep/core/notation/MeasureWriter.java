package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Clef;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/** Writes one bar: fills it with notes and rests, cuts and ties them, brackets tuplets, beams and adds accidentals. */
final class MeasureWriter {
    private static final int FINEST_TUPLET = 12;

    /**
     * Which bar is written.
     *
     * @param number from 1; 0 and below before the first downbeat
     * @param from where it begins to be written: later than its start in a pickup
     * @param start its downbeat
     * @param meter the meter
     * @param clef the clef
     * @param rests whether silence all through it is one rest: where others play meanwhile
     */
    record Bar(int number, Fraction from, Fraction start, Meter meter, Clef clef, boolean rests) {}

    private final List<Span> spans;
    private final Meter meter;
    private final Fraction barStart;
    private final Markings markings;
    private final Grid grid;
    private final int[] divisions;
    private final List<Glyph> glyphs = new ArrayList<>();
    private final List<Tuplet> tuplets = new ArrayList<>();

    private MeasureWriter(List<Span> spans, Bar bar, Markings markings) {
        this.spans = spans;
        this.meter = bar.meter;
        this.barStart = bar.start;
        this.markings = markings;
        this.grid = new Grid(meter, barStart);
        this.divisions = divisions();
    }

    /** One voice of a bar; its accidentals are not decided yet. */
    record Written(List<Glyph> glyphs, List<Beam> beams, List<Tuplet> tuplets) {}

    /** One voice of a bar, with its notes that sound there. */
    static Written write(Bar bar, Markings markings, List<PassageNote> notes) {
        Fraction end = bar.start.plus(bar.meter.bar());
        if (bar.rests && notes.isEmpty() && bar.from.equals(bar.start)) return restingAll(bar);
        MeasureWriter writer = new MeasureWriter(fill(notes, bar.from, end), bar, markings);
        for (Span stretch : writer.cutAtTuplets()) writer.writeStretch(stretch);
        return new Written(writer.glyphs, Beams.of(writer.glyphs, bar.meter, bar.start), writer.tuplets);
    }

    private static Written restingAll(Bar bar) {
        Glyph rest = new Glyph(
                bar.start,
                bar.meter.bar(),
                1,
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                List.of(),
                List.of());
        return new Written(List.of(rest), List.of(), List.of());
    }

    /** Notes and the silence around them, from one position to another. */
    private static List<Span> fill(List<PassageNote> notes, Fraction from, Fraction to) {
        List<Span> spans = new ArrayList<>();
        Fraction at = from;
        for (PassageNote note : notes) {
            Fraction end = note.at().plus(note.value());
            if (end.compareTo(from) <= 0 || note.at().compareTo(to) >= 0) continue;
            if (at.isLessThan(note.at())) spans.add(new Span(at, note.at(), Optional.empty()));
            Span span = new Span(note.at(), end, Optional.of(note)).cut(from, to);
            spans.add(span);
            at = span.to();
        }
        if (at.isLessThan(to)) spans.add(new Span(at, to, Optional.empty()));
        return spans;
    }

    /** The spans, cut at the edges of beats that need a tuplet: a tuplet covers its whole beat and nothing else. */
    private List<Span> cutAtTuplets() {
        List<Span> stretches = new ArrayList<>();
        for (Span span : spans) {
            Fraction from = span.from();
            for (int beat = beatOf(from);
                    beat < meter.beats() - 1 && beatStart(beat + 1).isLessThan(span.to());
                    beat++) {
                if (divisions[beat] > 1 || divisions[beat + 1] > 1) {
                    stretches.add(span.cut(from, beatStart(beat + 1)));
                    from = beatStart(beat + 1);
                }
            }
            stretches.add(span.cut(from, span.to()));
        }
        return stretches;
    }

    /** Into how many equal parts the tuplet of each beat divides it; 1 where a beat needs none. */
    private int[] divisions() {
        long[] parts = new long[meter.beats()];
        Arrays.fill(parts, 1);
        for (Span span : spans) {
            for (Fraction edge : List.of(span.from(), span.to())) {
                Fraction in = edge.minus(barStart);
                if (!in.isLessThan(meter.bar())) continue;
                int beat = beatOf(edge);
                Fraction share = edge.minus(beatStart(beat)).dividedBy(meter.lengthOf(beat + 1));
                parts[beat] = lcm(parts[beat], share.denominator());
            }
        }
        int[] divisions = new int[parts.length];
        for (int beat = 0; beat < parts.length; beat++) divisions[beat] = tuplet(parts[beat], beat);
        return divisions;
    }

    private int tuplet(long parts, int beat) {
        long odd = parts >> Long.numberOfTrailingZeros(parts);
        boolean natural = odd == 1 || meter.isTernary(beat + 1) && odd == 3;
        if (natural) return 1;
        if (parts > FINEST_TUPLET) {
            throw Refusal.of(
                    "rhythm.place", "This place cannot be written in notes: it divides a beat in " + parts + " parts.");
        }
        return Math.toIntExact(parts);
    }

    private static long lcm(long a, long b) {
        long left = a;
        long right = b;
        while (right != 0) {
            long rest = left % right;
            left = right;
            right = rest;
        }
        return a / left * b;
    }

    private int beatOf(Fraction position) {
        return meter.beatOf(position) - 1;
    }

    private Fraction beatStart(int beat) {
        return beat < meter.beats() ? barStart.plus(meter.positionOf(beat + 1)) : barStart.plus(meter.bar());
    }

    private void writeStretch(Span stretch) {
        int beat = beatOf(stretch.from());
        if (divisions[beat] == 1) {
            for (Span piece : grid.split(stretch)) {
                add(piece, Grid.base(piece.length()), Grid.isPlain(piece.length()) ? 0 : 1);
            }
        } else {
            writeInTuplet(stretch, beat, divisions[beat]);
        }
    }

    /** Inside a tuplet the parts are written as if {@code normal} of them filled the beat. */
    private void writeInTuplet(Span stretch, int beat, int division) {
        int normal = normal(division, beat);
        Fraction scale = Fraction.of(division, normal);
        int first = glyphs.size();
        for (Span piece : inTuplet(stretch, beat, division)) {
            Fraction written = piece.length().times(scale);
            add(piece, Grid.base(written), Grid.isPlain(written) ? 0 : 1);
        }
        int open = tuplets.size() - 1;
        boolean continues =
                open >= 0 && beatOf(glyphs.get(tuplets.get(open).from()).at()) == beat;
        int last = glyphs.size() - 1;
        if (continues) tuplets.set(open, new Tuplet(tuplets.get(open).from(), last, division, normal));
        else tuplets.add(new Tuplet(first, last, division, normal));
    }

    private List<Span> inTuplet(Span stretch, int beat, int division) {
        Fraction part = meter.lengthOf(beat + 1).dividedBy(Fraction.of(division));
        List<Span> pieces = new ArrayList<>();
        Fraction from = stretch.from();
        while (from.isLessThan(stretch.to())) {
            long parts = stretch.to().minus(from).dividedBy(part).floor();
            long taken = Long.highestOneBit(parts);
            if (taken + taken / 2 == parts && stretch.note().isPresent()) taken = parts;
            Fraction to = from.plus(part.times(taken));
            pieces.add(stretch.cut(from, to));
            from = to;
        }
        return pieces;
    }

    /** Notes that the tuplet replaces: the nearest number below that fills the beat with plain values. */
    private int normal(int division, int beat) {
        int normal = Integer.highestOneBit(division);
        return meter.isTernary(beat + 1) ? (normal * 3 / 2 < division ? normal * 3 / 2 : normal * 3 / 4) : normal;
    }

    private void add(Span piece, int base, int dots) {
        Optional<PassageNote> note = piece.note();
        // A tied note repeats no marks.
        Optional<PassageNote> attack = note.filter(n -> n.at().equals(piece.from()));
        glyphs.add(new Glyph(
                piece.from(),
                piece.length(),
                base,
                dots,
                note.map(PassageNote::index),
                note.map(PassageNote::written),
                Optional.empty(),
                piece.soundsAfter(piece.to()),
                attack.map(n -> markings.at(n.index())).orElse(List.of()),
                List.of()));
    }
}
