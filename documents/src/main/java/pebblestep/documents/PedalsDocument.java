package pebblestep.documents;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;
import pebblestep.core.fingering.harp.Pedals;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Direction;

/**
 * The pedals of a harp for a passage.
 *
 * @param start where they stand as it begins, from left to right
 * @param words the same as it is written down
 * @param changes which move on the way
 * @param onTheWay the same in a sentence
 * @param beyond which notes no pedal gives, in a sentence; absent where all are there
 */
public record PedalsDocument(
        List<PedalPart> start, String words, List<MovedPedal> changes, String onTheWay, @Nullable String beyond) {
    /** A pedal and its notch: -1 flat, 0 natural, 1 sharp; {@code left} where the left foot has it. */
    public record PedalPart(String letter, int notch, boolean left) {}

    /** A pedal that moves before a note, by its index, and the name that its strings have from there on. */
    public record MovedPedal(int note, String to) {}

    /** The pedals of whoever plays; nothing where their instrument has none. */
    static @Nullable PedalsDocument of(Passage passage, @Nullable Player player) {
        if (player == null || !Pedals.areOf(player.instrument())) return null;
        Pedals pedals = Pedals.of(
                passage.notes().stream().map(note -> note.written().name()).toList(),
                passage.writtenKey().notes(Direction.DOWN));
        return new PedalsDocument(
                pedals.start().entrySet().stream()
                        .map(one -> new PedalPart(
                                one.getKey().name(),
                                one.getValue(),
                                Pedals.IN_ORDER.indexOf(one.getKey()) < Pedals.LEFT))
                        .toList(),
                pedals.inWords(),
                pedals.changes().stream()
                        .map(change -> new MovedPedal(change.note(), change.to().id()))
                        .toList(),
                pedals.onTheWay(),
                Optional.of(pedals.beyond())
                        .filter(notes -> !notes.isEmpty())
                        .map(notes -> Words.capital(Words.list(
                                        notes.stream().map(NoteName::toString).toList()))
                                + (notes.size() == 1 ? " is" : " are")
                                + " in no notch: a string beside it is taken.")
                        .orElse(null));
    }
}
