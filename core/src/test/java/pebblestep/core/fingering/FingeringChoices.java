package pebblestep.core.fingering;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import pebblestep.core.fingering.PlayersHand.Horn;
import pebblestep.core.fingering.PlayersHand.Size;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.samples.Draw;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** What can be asked of hands, and hands that players can have. */
public final class FingeringChoices {
    private static final Key KEY = Key.of(NoteName.parse("G"), Forms.of("major"));

    private FingeringChoices() {}

    /** Anything asked, much of which most instruments do not know. */
    public static Draw<FingeringChoice> any() {
        return random -> new FingeringChoice(
                maybe(random, Draw.of("three-a-string", "open-position", "avoid", "avoid-down", "left", "unheard")),
                maybe(random, Draw.of("III", "5", "half", "moon")),
                pin().list(0, 3).from(random));
    }

    private static Draw<Pin> pin() {
        return random -> {
            String way = Draw.of("p3-13", "p4-0", "R", "r3", "A-0", "s3f2-1", "T-1-2-3")
                    .from(random);
            Pitch pitch = Pitch.commonlyNamed(55 + random.nextInt(24));
            return switch (random.nextInt(3)) {
                case 0 -> Pin.at(random.nextInt(12), pitch, way);
                case 1 -> Pin.always(pitch, KEY, way);
                default -> new Pin(OptionalInt.of(random.nextInt(12)), Optional.empty(), Optional.empty(), way);
            };
        };
    }

    /** A hand that a player can have. */
    public static Draw<PlayersHand> hand() {
        return random -> new PlayersHand(
                maybe(random, Draw.of("I", "III", "IV", "moon")),
                maybe(random, Draw.of(Horn.class)),
                maybe(random, Draw.of(Pitch.parse("G#4"), Pitch.parse("B4"))),
                random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(3 + random.nextInt(2)),
                random.nextInt(4) == 0,
                random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(3)),
                random.nextInt(4) == 0
                        ? List.of(Pitch.parse("E5"), Pitch.parse("B4"), Pitch.parse("G4"), Pitch.parse("D4"))
                        : List.of(),
                random.nextInt(3) == 0 ? random.nextInt(10) : 0,
                Draw.of(Size.class).from(random),
                maybe(random, Draw.of("three-a-string", "avoid", "left")),
                random.nextInt(4) == 0);
    }

    /** The usual hand at so many valves. */
    public static PlayersHand valves(int valves) {
        PlayersHand usual = PlayersHand.USUAL;
        return new PlayersHand(
                usual.highest(),
                usual.horn(),
                usual.change(),
                OptionalInt.of(valves),
                false,
                usual.triggers(),
                List.of(),
                0,
                usual.size(),
                usual.school(),
                false);
    }

    /** The usual hand that goes up to a position. */
    public static PlayersHand highest(String position) {
        PlayersHand usual = PlayersHand.USUAL;
        return new PlayersHand(
                Optional.of(position),
                usual.horn(),
                usual.change(),
                usual.valves(),
                false,
                usual.triggers(),
                List.of(),
                0,
                usual.size(),
                usual.school(),
                false);
    }

    private static <T> Optional<T> maybe(Random random, Draw<T> draw) {
        return random.nextInt(3) == 0 ? Optional.of(draw.from(random)) : Optional.empty();
    }
}
