package pebblestep.documents;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.scale.SixAccidentals;

/**
 * For whom something is worked out, with all that is needed to do it anywhere.
 *
 * @param range written, as {@code D4-G5}
 * @param ownRange whether that is theirs, and not the usual one of the instrument
 * @param six how they read a key of six accidentals
 * @param referencePitch A4 in hertz
 * @param hand what their hand can; as usual without
 */
public record PlayerDocument(
        InstrumentPart instrument,
        String range,
        boolean ownRange,
        SixAccidentals six,
        BigDecimal referencePitch,
        @Nullable PlayersHandDocument hand) {
    private static final Pitch WRITTEN_C = Pitch.parse("C4");

    /**
     * An instrument, a studio's own or one that everybody has.
     *
     * @param sounds what a written C4 sounds as
     * @param firstOctave written range of the first months
     * @param fingeredLike of one of a studio's own, the instrument whose hand it borrows
     */
    public record InstrumentPart(
            String id,
            String name,
            String family,
            String sounds,
            List<Clef> clefs,
            String firstOctave,
            String comfortable,
            String full,
            @Nullable String fingeredLike) {
        /** The document of an instrument. */
        public static InstrumentPart of(Instrument instrument) {
            return new InstrumentPart(
                    instrument.id(),
                    instrument.name(),
                    instrument.family(),
                    instrument.concert(WRITTEN_C).id(),
                    instrument.clefs(),
                    instrument.firstOctave().id(),
                    instrument.comfortable().id(),
                    instrument.full().id(),
                    Instruments.has(instrument.id())
                                    || instrument.fingeredLike().isEmpty()
                            ? null
                            : instrument.fingeredLike());
        }

        /**
         * The instrument that it says: one that everybody has is known by its id. Refuses what
         * another cannot mean, by its field.
         */
        public Instrument read() {
            Optional<Instrument> known = Instruments.all().stream()
                    .filter(one -> one.id().equals(id))
                    .findFirst();
            return known.orElseGet(() -> new Instrument(
                    id,
                    name,
                    family,
                    Interval.between(WRITTEN_C, Fields.at("sounds", () -> Pitch.parse(sounds))),
                    clefs,
                    Fields.at("firstOctave", () -> PitchRange.parse(firstOctave)),
                    Fields.at("comfortable", () -> PitchRange.parse(comfortable)),
                    Fields.at("full", () -> PitchRange.parse(full)),
                    fingeredLike == null || fingeredLike.isBlank()
                            ? ""
                            : Fields.at("fingeredLike", () -> Instruments.of(fingeredLike)
                                    .id())));
        }
    }

    /** The document of a player. */
    public static PlayerDocument of(Player player) {
        return new PlayerDocument(
                InstrumentPart.of(player.instrument()),
                player.range().id(),
                player.own(),
                player.six(),
                BigDecimal.valueOf(player.reference().a4()),
                PlayersHandDocument.of(player.hand()));
    }

    /** The player that it says; refuses ranges and pitches that cannot be read. */
    public Player read() {
        return new Player(
                instrument.read(),
                PitchRange.parse(range),
                ownRange,
                six,
                new ReferencePitch(referencePitch.doubleValue()),
                Fields.under("hand", () -> PlayersHandDocument.read(hand)));
    }
}
