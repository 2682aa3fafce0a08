package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.passage.Harmony;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/** Writes one staff bar by bar: its line, what the same hand plays with it, a second voice, signatures and chords. */
final class StaffWriter {
    private final Frame frame;
    private final List<PassageNote> notes;
    private final List<Part> heads;
    private final Optional<Part> second;
    private final Markings markings;
    private final List<List<PassageNote>> bars;
    private final List<List<PassageNote>> secondBars;
    private final List<Clef> clefs;

    /**
     * What all staves of a score share.
     *
     * @param meter the meter
     * @param first number of the first bar
     * @param from where the first bar begins to be written
     * @param count how many bars
     * @param rests whether bars of silence are written as one rest
     */
    record Frame(Meter meter, int first, Fraction from, int count, boolean rests) {
        Fraction start(int bar) {
            return meter.bar().times(first + bar - 1L);
        }

        private MeasureWriter.Bar bar(int bar, Clef clef) {
            Fraction start = start(bar);
            return new MeasureWriter.Bar(first + bar, first + bar < 1 ? from : start, start, meter, clef, rests);
        }
    }

    StaffWriter(
            Frame frame,
            List<PassageNote> notes,
            List<Part> heads,
            Optional<Part> second,
            Markings markings,
            List<Clef> readable) {
        this.frame = frame;
        this.notes = notes;
        this.heads = heads;
        this.second = second;
        this.markings = markings;
        this.bars = inBars(notes);
        this.secondBars = second.map(part -> inBars(part.notes())).orElse(List.of());
        this.clefs = Clefs.of(pitches(), readable);
    }

    /** The notes that sound in each bar. */
    private List<List<PassageNote>> inBars(List<PassageNote> all) {
        List<List<PassageNote>> inBars = new ArrayList<>();
        for (int bar = 0; bar < frame.count; bar++) inBars.add(new ArrayList<>());
        for (PassageNote note : all) {
            int from = frame.meter.barOf(note.at()) - frame.first;
            Fraction end = note.at().plus(note.value());
            inBars.get(from).add(note);
            for (int bar = from + 1; bar < frame.count && frame.start(bar).isLessThan(end); bar++) {
                inBars.get(bar).add(note);
            }
        }
        return inBars;
    }

    private List<List<Pitch>> pitches() {
        List<List<Pitch>> pitches = new ArrayList<>();
        for (int bar = 0; bar < frame.count; bar++) {
            List<Pitch> inBar = new ArrayList<>();
            for (PassageNote note : bars.get(bar)) {
                inBar.add(note.written());
                for (Part part : heads) inBar.add(part.notes().get(note.index()).written());
            }
            if (second.isPresent()) secondBars.get(bar).forEach(note -> inBar.add(note.written()));
            pitches.add(inBar);
        }
        return pitches;
    }

    List<Measure> written(Signs signs, List<Harmony.Over> chords) {
        Accidentals accidentals = new Accidentals(signs.at(0));
        List<Measure> measures = new ArrayList<>();
        for (int i = 0; i < frame.count; i++) {
            MeasureWriter.Bar bar = frame.bar(i, clefs.get(i));
            Optional<KeyChange> change = signs.change(i);
            change.ifPresent(to -> accidentals.change(to.to()));
            accidentals.barline();
            MeasureWriter.Written line = MeasureWriter.write(bar, markings, bars.get(i));
            Optional<MeasureWriter.Written> other = second.isEmpty()
                    ? Optional.empty()
                    : Optional.of(MeasureWriter.write(bar, Markings.NONE, secondBars.get(i)));
            Signed signed = signed(line, other.orElse(null), accidentals);
            boolean above = other.isPresent() && isAbove(i);
            measures.add(new Measure(
                    bar.number(),
                    bar.clef(),
                    signed.line,
                    line.beams(),
                    line.tuplets(),
                    change,
                    over(bar, line.glyphs(), chords),
                    other.map(one ->
                            new Layer(second.orElseThrow().index(), above, signed.other, one.beams(), one.tuplets()))));
        }
        return measures;
    }

    private record Signed(List<Glyph> line, List<Glyph> other) {}

    /** One head that begins: which glyph of which voice, and which of its heads. */
    private record Struck(Fraction at, int layer, int glyph, int head, Pitch pitch) {}

    /** The accidentals of both voices, decided in the order in which they are played. */
    private Signed signed(MeasureWriter.Written line, MeasureWriter.@Nullable Written other, Accidentals accidentals) {
        List<Struck> struck = new ArrayList<>();
        strike(struck, 0, line.glyphs(), notes, heads);
        if (other != null)
            strike(struck, 1, other.glyphs(), second.orElseThrow().notes(), List.of());
        struck.sort(Comparator.comparing(Struck::at));
        Map<Struck, Optional<Accidental>> decided = new HashMap<>();
        for (Struck one : struck) decided.put(one, accidentals.next(one.pitch));
        return new Signed(
                withSigns(0, line.glyphs(), struck, decided),
                other == null ? List.of() : withSigns(1, other.glyphs(), struck, decided));
    }

    private static void strike(
            List<Struck> struck, int layer, List<Glyph> glyphs, List<PassageNote> notes, List<Part> heads) {
        for (int i = 0; i < glyphs.size(); i++) {
            Glyph glyph = glyphs.get(i);
            if (glyph.note().isEmpty()) continue;
            PassageNote note = notes.get(glyph.note().get());
            // A tied note repeats no accidental, and keeps the bar's state as it is.
            if (!note.at().equals(glyph.at())) continue;
            struck.add(new Struck(glyph.at(), layer, i, -1, note.written()));
            for (int head = 0; head < heads.size(); head++) {
                Pitch pitch = heads.get(head).notes().get(note.index()).written();
                struck.add(new Struck(glyph.at(), layer, i, head, pitch));
            }
        }
    }

    private List<Glyph> withSigns(
            int layer, List<Glyph> glyphs, List<Struck> struck, Map<Struck, Optional<Accidental>> decided) {
        List<Glyph> signed = new ArrayList<>();
        for (int i = 0; i < glyphs.size(); i++) {
            Glyph glyph = glyphs.get(i);
            Optional<Accidental> own = Optional.empty();
            List<Head> more = new ArrayList<>();
            if (layer == 0 && glyph.note().isPresent()) {
                for (Part part : heads) {
                    Pitch pitch = part.notes().get(glyph.note().get()).written();
                    more.add(new Head(part.index(), pitch, Optional.empty()));
                }
            }
            for (Struck one : struck) {
                if (one.layer != layer || one.glyph != i) continue;
                Optional<Accidental> sign = decided.getOrDefault(one, Optional.empty());
                if (one.head < 0) own = sign;
                else more.set(one.head, new Head(more.get(one.head).voice(), one.pitch, sign));
            }
            signed.add(new Glyph(
                    glyph.at(),
                    glyph.length(),
                    glyph.base(),
                    glyph.dots(),
                    glyph.note(),
                    glyph.pitch(),
                    own,
                    glyph.tied(),
                    glyph.marks(),
                    more));
        }
        return signed;
    }

    /** Whether the second voice is the higher one in a bar, and where that is as high, in all. */
    private boolean isAbove(int bar) {
        double here = mean(secondBars.get(bar)) - mean(bars.get(bar));
        if (secondBars.get(bar).isEmpty() || bars.get(bar).isEmpty() || here == 0) {
            here = mean(second.orElseThrow().notes()) - mean(notes);
        }
        return here > 0;
    }

    private static double mean(List<PassageNote> notes) {
        return notes.stream().mapToInt(note -> note.written().midi()).average().orElse(0);
    }

    /** The chords that begin in a bar, each over the glyph that sounds there. */
    private static List<ChordOver> over(MeasureWriter.Bar bar, List<Glyph> glyphs, List<Harmony.Over> chords) {
        List<ChordOver> over = new ArrayList<>();
        Fraction end = bar.start().plus(bar.meter().bar());
        for (Harmony.Over chord : chords) {
            if (chord.from().isLessThan(bar.start()) || !chord.from().isLessThan(end)) continue;
            int glyph = 0;
            while (glyph + 1 < glyphs.size() && glyphs.get(glyph + 1).at().compareTo(chord.from()) <= 0) glyph++;
            over.add(new ChordOver(glyph, chord.written()));
        }
        return over;
    }

    List<Ottava> ottavas() {
        if (second.isPresent()) return List.of();
        return Ottavas.of(
                notes, note -> clefs.get(frame.meter.barOf(notes.get(note).at()) - frame.first));
    }
}
