package pebblestep.documents;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Pin;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.StepDocument.HandPart;
import pebblestep.documents.StepDocument.KeyPart;
import pebblestep.documents.StepDocument.PinPart;

/** What a step document asks of a hand. */
final class HandFields {
    private HandFields() {}

    /** The wish that a part says; refuses the first wrong field of it. */
    static FingeringChoice read(@Nullable HandPart part) {
        if (part == null) return FingeringChoice.NONE;
        List<PinPart> pins = StepDocuments.or(part.pins(), List.of());
        return Fields.under(
                "hand",
                () -> new FingeringChoice(
                        Optional.ofNullable(part.school()),
                        Optional.ofNullable(part.position()),
                        IntStream.range(0, pins.size())
                                .mapToObj(i -> Fields.under(
                                        "pins", () -> Fields.under(Integer.toString(i), () -> pin(pins.get(i)))))
                                .toList()));
    }

    private static Pin pin(PinPart part) {
        if (part.way() == null) throw Refusal.of("way", "Say which fingering is fixed.");
        return new Pin(
                part.note() == null ? OptionalInt.empty() : OptionalInt.of(part.note()),
                Optional.ofNullable(part.pitch()).map(text -> Fields.at("pitch", () -> Pitch.parse(text))),
                Optional.ofNullable(part.key()).map(HandFields::key),
                part.way());
    }

    private static Key key(KeyPart part) {
        return Fields.at("key", () -> Key.of(NoteName.parse(part.tonic()), Forms.of(part.form())));
    }

    static @Nullable HandPart write(FingeringChoice wish) {
        if (wish.isNone()) return null;
        return new HandPart(
                wish.school().orElse(null),
                wish.position().orElse(null),
                wish.pins().isEmpty()
                        ? null
                        : wish.pins().stream().map(HandFields::write).toList());
    }

    /** A pin as a part. */
    static PinPart write(Pin pin) {
        return new PinPart(
                pin.note().isPresent() ? pin.note().getAsInt() : null,
                pin.pitch().map(Pitch::id).orElse(null),
                pin.key()
                        .map(key -> new KeyPart(key.tonic().id(), key.form().id(), Named.WRITTEN))
                        .orElse(null),
                pin.way());
    }
}
