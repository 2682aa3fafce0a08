package pebblestep.documents;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.PlayersHand.Horn;
import pebblestep.core.fingering.PlayersHand.Size;
import pebblestep.core.fingering.UsualWay;
import pebblestep.core.pitch.Pitch;

/**
 * What a player's hand can, and how they like it; what is absent is as usual for the instrument.
 *
 * @param highest the highest position, as positions are called
 * @param change the written pitch from which a double horn is on its B♭ side
 * @param strings open strings as they are read, the first string first
 * @param capo the fret at which a capo lies
 * @param usual what the studio takes for the usual ways on the instrument
 */
public record PlayersHandDocument(
        @Nullable String highest,
        @Nullable Horn horn,
        @Nullable String change,
        @Nullable Integer valves,
        @Nullable Boolean compensating,
        @Nullable Integer triggers,
        @Nullable List<String> strings,
        @Nullable Integer capo,
        @Nullable Size size,
        @Nullable String school,
        @Nullable Boolean leftHanded,
        @Nullable List<UsualPart> usual) {

    /** The usual way of a written pitch, by its id. */
    public record UsualPart(String pitch, String way) {}

    /** The hand that a document says, the usual one without a document; refuses what cannot be by its field. */
    public static PlayersHand read(@Nullable PlayersHandDocument hand) {
        return hand == null ? PlayersHand.USUAL : hand.read();
    }

    private PlayersHand read() {
        return new PlayersHand(
                given(highest),
                Optional.ofNullable(horn),
                given(change).map(text -> Fields.at("change", () -> Pitch.parse(text))),
                valves == null ? OptionalInt.empty() : OptionalInt.of(valves),
                StepDocuments.or(compensating, false),
                triggers == null ? OptionalInt.empty() : OptionalInt.of(triggers),
                StepDocuments.or(strings, List.<String>of()).stream()
                        .map(text -> Fields.at("strings", () -> Pitch.parse(Objects.requireNonNullElse(text, ""))))
                        .toList(),
                StepDocuments.or(capo, 0),
                StepDocuments.or(size, Size.USUAL),
                given(school),
                StepDocuments.or(leftHanded, false),
                StepDocuments.or(usual, List.<UsualPart>of()).stream()
                        .map(one -> new UsualWay(Fields.at("usual", () -> Pitch.parse(one.pitch())), one.way()))
                        .toList());
    }

    private static Optional<String> given(@Nullable String text) {
        return Optional.ofNullable(text).map(String::strip).filter(given -> !given.isEmpty());
    }

    /** The document of a hand; none where nothing is said. */
    public static @Nullable PlayersHandDocument of(PlayersHand hand) {
        if (hand.equals(PlayersHand.USUAL)) return null;
        return new PlayersHandDocument(
                hand.highest().orElse(null),
                hand.horn().orElse(null),
                hand.change().map(Pitch::id).orElse(null),
                hand.valves().isPresent() ? hand.valves().getAsInt() : null,
                hand.compensating() ? true : null,
                hand.triggers().isPresent() ? hand.triggers().getAsInt() : null,
                hand.strings().isEmpty()
                        ? null
                        : hand.strings().stream().map(Pitch::id).toList(),
                hand.capo() == 0 ? null : hand.capo(),
                hand.size() == Size.USUAL ? null : hand.size(),
                hand.school().orElse(null),
                hand.leftHanded() ? true : null,
                hand.usual().isEmpty()
                        ? null
                        : hand.usual().stream()
                                .map(one -> new UsualPart(one.written().id(), one.way()))
                                .toList());
    }
}
