package pebblestep.documents;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.notation.Accidental;
import pebblestep.core.notation.Beam;
import pebblestep.core.notation.Glyph;
import pebblestep.core.notation.Layer;
import pebblestep.core.notation.Mark;
import pebblestep.core.notation.Measure;
import pebblestep.core.notation.Ottava;
import pebblestep.core.notation.Score;
import pebblestep.core.notation.Stem;
import pebblestep.core.notation.Stems;
import pebblestep.core.notation.Tuplet;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.voice.By;

/**
 * A score as JSON, for whoever draws it: it decides nothing but where on the paper. {@code time} is the meter as it is printed. Slurs and ottavas name notes of the
 * passage by their index.
 */
public record ScoreDocument(
        Clef clef,
        int fifths,
        String meter,
        String time,
        List<MeasurePart> measures,
        List<SlurPart> slurs,
        List<Ottava> ottavas,
        @Nullable String instruction,
        @Nullable List<StaffPart> staves,
        @Nullable Boolean braced) {

    /** A further staff: whose voice stands on it, and whether above that of the line. */
    public record StaffPart(int voice, By by, boolean above, ScoreDocument score) {}

    /**
     * One written bar; beams and tuplets name glyphs by their index in it.
     *
     * @param fifths the signature, where it changes at this bar
     * @param cancels the signature before, whose signs are cancelled
     * @param chords over the bar
     * @param second a second voice on the staff
     */
    public record MeasurePart(
            int number,
            Clef clef,
            List<GlyphPart> glyphs,
            List<Beam> beams,
            List<TupletPart> tuplets,
            @Nullable Integer fifths,
            @Nullable Integer cancels,
            @Nullable List<ChordPart> chords,
            @Nullable LayerPart second) {}

    /** A chord over a glyph of the bar. */
    public record ChordPart(int glyph, String chord) {}

    /** A second voice in a bar: its glyphs name notes of that voice. */
    public record LayerPart(
            int voice, boolean above, List<GlyphPart> glyphs, List<Beam> beams, List<TupletPart> tuplets) {}

    /** A further head on a stem: of which voice, and where it stands. */
    public record StemHeadPart(int voice, String pitch, String drawn, @Nullable Accidental accidental) {}

    /** A slur from one note of the passage to another, over them or under. */
    public record SlurPart(int fromNote, int toNote, boolean above) {}

    /** A tuplet over glyphs: so many notes in the time of others, under a bracket or held together by its beam. */
    public record TupletPart(int from, int to, int actual, int normal, boolean bracketed) {}

    /**
     * One note or rest: {@code base} 4 is a quarter; {@code note} is the index in the passage, absent for a rest; {@code
     * drawn} is the pitch where it stands on the staff, an octave from {@code pitch} under an ottava.
     */
    public record GlyphPart(
            String at,
            int base,
            int dots,
            @Nullable Integer note,
            @Nullable String pitch,
            @Nullable String drawn,
            @Nullable Accidental accidental,
            @Nullable Stem stem,
            boolean tied,
            List<Mark> marks,
            @Nullable List<StemHeadPart> more) {}

    /** The score as it is drawn. */
    public static ScoreDocument of(Score score) {
        Stems stems = score.stems();
        return new ScoreDocument(
                score.clef(),
                score.signature().fifths(),
                score.meter().toString(),
                score.meter().signature(),
                IntStream.range(0, score.measures().size())
                        .mapToObj(bar -> part(score.measures().get(bar), stems.in(bar), score))
                        .toList(),
                score.slurs().stream()
                        .map(slur -> new SlurPart(slur.fromNote(), slur.toNote(), stems.isAbove(slur)))
                        .toList(),
                score.ottavas(),
                score.instruction().orElse(null),
                score.staves().isEmpty()
                        ? null
                        : score.staves().stream()
                                .map(staff ->
                                        new StaffPart(staff.voice(), staff.by(), staff.above(), of(staff.score())))
                                .toList(),
                score.braced() ? true : null);
    }

    private static MeasurePart part(Measure measure, List<Optional<Stem>> stems, Score score) {
        return new MeasurePart(
                measure.number(),
                measure.clef(),
                glyphs(measure.glyphs(), stems, score),
                measure.beams(),
                tuplets(measure.tuplets(), measure.beams()),
                measure.change().map(change -> change.to().fifths()).orElse(null),
                measure.change().map(change -> change.from().fifths()).orElse(null),
                measure.chords().isEmpty()
                        ? null
                        : measure.chords().stream()
                                .map(over ->
                                        new ChordPart(over.glyph(), over.chord().toString()))
                                .toList(),
                measure.second().map(layer -> part(layer, score)).orElse(null));
    }

    private static LayerPart part(Layer layer, Score score) {
        return new LayerPart(
                layer.voice(),
                layer.above(),
                glyphs(layer.glyphs(), Stems.of(layer), score),
                layer.beams(),
                tuplets(layer.tuplets(), layer.beams()));
    }

    private static List<TupletPart> tuplets(List<Tuplet> tuplets, List<Beam> beams) {
        return tuplets.stream()
                .map(one -> new TupletPart(
                        one.from(), one.to(), one.actual(), one.normal(), Measure.isBracketed(one, beams)))
                .toList();
    }

    private static List<GlyphPart> glyphs(List<Glyph> glyphs, List<Optional<Stem>> stems, Score score) {
        return IntStream.range(0, stems.size())
                .mapToObj(i -> part(glyphs.get(i), stems.get(i).orElse(null), score))
                .toList();
    }

    private static GlyphPart part(Glyph glyph, @Nullable Stem stem, Score score) {
        return new GlyphPart(
                glyph.at().toString(),
                glyph.base(),
                glyph.dots(),
                glyph.note().orElse(null),
                glyph.pitch().map(Pitch::id).orElse(null),
                score.drawn(glyph).map(Pitch::id).orElse(null),
                glyph.accidental().orElse(null),
                stem,
                glyph.tied(),
                glyph.marks(),
                glyph.more().isEmpty()
                        ? null
                        : glyph.more().stream()
                                .map(head -> new StemHeadPart(
                                        head.voice(),
                                        head.pitch().id(),
                                        score.drawn(head.pitch(), glyph).id(),
                                        head.accidental().orElse(null)))
                                .toList());
    }
}
