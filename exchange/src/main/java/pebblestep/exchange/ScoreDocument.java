package pebblestep.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import pebblestep.core.notation.Beam;
import pebblestep.core.notation.Glyph;
import pebblestep.core.notation.Measure;
import pebblestep.core.notation.Score;
import pebblestep.core.notation.Tuplet;
import pebblestep.core.pitch.Pitch;

/** A score as JSON, for whoever draws it: it decides nothing but where on the paper. */
public record ScoreDocument(String clef, int fifths, String meter, List<MeasurePart> measures) {

    /** One written bar; beams and tuplets name glyphs by their index in it. */
    public record MeasurePart(int number, List<GlyphPart> glyphs, List<Beam> beams, List<Tuplet> tuplets) {}

    /** One note or rest: {@code base} 4 is a quarter; {@code note} is the index in the passage, absent for a rest. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record GlyphPart(
            String at,
            int base,
            int dots,
            @Nullable Integer note,
            @Nullable String pitch,
            @Nullable String accidental,
            boolean tied) {}

    /** The score as it is drawn. */
    public static ScoreDocument of(Score score) {
        return new ScoreDocument(
                score.clef().name().toLowerCase(Locale.ROOT),
                score.signature().fifths(),
                score.meter().toString(),
                score.measures().stream().map(ScoreDocument::part).toList());
    }

    private static MeasurePart part(Measure measure) {
        return new MeasurePart(
                measure.number(),
                measure.glyphs().stream().map(ScoreDocument::part).toList(),
                measure.beams(),
                measure.tuplets());
    }

    private static GlyphPart part(Glyph glyph) {
        return new GlyphPart(
                glyph.at().toString(),
                glyph.base(),
                glyph.dots(),
                glyph.note().orElse(null),
                glyph.pitch().map(Pitch::toString).orElse(null),
                glyph.accidental().orElse(null),
                glyph.tied());
    }
}
