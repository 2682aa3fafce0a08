package pebblestep.core.keyplan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.fingering.words.Learned;
import pebblestep.core.fingering.words.NewForHand;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;

/**
 * What each key of a round asks of a hand that none of the keys before has asked.
 *
 * @param keys for each key what is new, in clauses; the first key has nothing before it, and says nothing
 */
public record FreshInKeys(List<List<String>> keys) {
    /** Pieces of a key that are fingered; beyond, a routine says the same again. */
    private static final int MOST_PIECES = 4;

    /** Pieces of other keys that are looked back on. */
    private static final int MOST_BEFORE = 12;

    /** Clauses that are said of one key. */
    private static final int MOST_SAID = 3;

    public FreshInKeys {
        keys = keys.stream().map(List::copyOf).toList();
    }

    /** What is new in each key for a player, from the first rung of each piece; nothing where their hand is not known. */
    public static FreshInKeys of(List<List<Ascent>> keys, Player player) {
        Learned learned = Learned.NOTHING;
        List<List<String>> fresh = new ArrayList<>();
        for (List<Ascent> pieces : keys) {
            Set<String> said = new LinkedHashSet<>();
            boolean first = learned.isNothing();
            for (Ascent piece : pieces.subList(0, Math.min(MOST_PIECES, pieces.size()))) {
                Optional<Fingering> line = fingered(piece, player);
                if (line.isEmpty()) continue;
                if (!first) NewForHand.of(line.get(), learned).forEach(one -> said.add(one.words()));
                learned = learned.and(line.get());
            }
            fresh.add(said.stream().limit(MOST_SAID).toList());
        }
        return new FreshInKeys(fresh);
    }

    /**
     * What a piece asks of the hand that the pieces which came before it, in other keys, have not asked, in clauses; nothing where
     * there is none before. Of many only the latest count. Pieces that do not fit the player any more count for nothing.
     */
    public static List<String> since(List<Ascent> before, Ascent piece, Player player) {
        List<Ascent> latest = before.subList(Math.max(0, before.size() - MOST_BEFORE), before.size());
        Learned learned = Learned.of(
                latest.stream().flatMap(one -> fitting(one, player).stream()).toList());
        if (learned.isNothing()) return List.of();
        return fitting(piece, player).stream()
                .flatMap(line -> NewForHand.of(line, learned).stream())
                .map(NewForHand::words)
                .limit(MOST_SAID)
                .toList();
    }

    private static Optional<Fingering> fitting(Ascent piece, Player player) {
        try {
            return fingered(piece, player);
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    /** How a piece is fingered on its first rung; empty where the hand is not known. */
    private static Optional<Fingering> fingered(Ascent piece, Player player) {
        return Passage.of(piece.at(piece.climb().first()), player).fingering(player);
    }

    /** What the last of the keys brings, in a sentence; empty where nothing is new. */
    public Optional<String> sentence(NoteName tonic) {
        List<String> last = keys.isEmpty() ? List.of() : keys.getLast();
        return last.isEmpty()
                ? Optional.empty()
                : Optional.of("New for the hand in " + tonic + ": " + String.join("; ", last) + ".");
    }
}
