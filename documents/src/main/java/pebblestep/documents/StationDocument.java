package pebblestep.documents;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Station;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.WalkLanding;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.Slips;
import pebblestep.documents.PassageDocument.SlipPart;

/**
 * A key of a walk as JSON.
 *
 * @param tonic of the key, named as the step's key is
 * @param key the written key in words
 * @param from its first note among those of the line, from 0
 * @param to its last
 * @param at where its first note stands
 * @param x the same as a number, for drawing only
 * @param joined whether the note before its first is its own first as well
 * @param landing where it lands
 * @param chord its written chord, as documents write it; null for forms that have none
 * @param chordSaid the same as it stands over the bar
 * @param slips the likely slips in it
 */
public record StationDocument(
        int index,
        String tonic,
        String form,
        String key,
        int from,
        int to,
        String at,
        double x,
        boolean joined,
        LandedPart landing,
        @Nullable String chord,
        @Nullable String chordSaid,
        List<SlipPart> slips) {

    static List<StationDocument> of(Passage passage, Speech speech) {
        WalkLanding landing = WalkLanding.of(passage.step());
        return passage.stations().stream()
                .map(station -> of(station, passage.step(), landing, speech))
                .toList();
    }

    private static StationDocument of(Station station, Step step, WalkLanding landing, Speech speech) {
        Key named = step.named() == Step.Named.WRITTEN ? station.writtenKey() : station.concertKey();
        return new StationDocument(
                station.index(),
                named.tonic().id(),
                named.form().id(),
                station.writtenKey().toString(),
                station.from(),
                station.to(),
                station.at().toString(),
                station.at().toDouble(),
                station.joined(),
                LandedPart.of(landing.stations().get(station.index()).landing(), speech),
                station.writtenChord().map(ChordSymbol::id).orElse(null),
                station.writtenChord().map(ChordSymbol::toString).orElse(null),
                Slips.of(station.writtenKey()).stream()
                        .map(PassageDocument::part)
                        .toList());
    }
}
