package pebblestep.core.sound;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.ReferencePitch;

/**
 * How something is played into a sound file.
 *
 * @param heard what sounds; the click, or the drums that a step has, where nothing was chosen
 * @param times how often each rung is played
 * @param ladder whether every rung from the first on is played, and not the one alone
 */
public record Hearing(Set<Track> heard, int times, boolean ladder) {
    public Hearing {
        heard = heard.isEmpty() ? Set.copyOf(EnumSet.of(Track.CLICK, Track.DRUMS)) : Set.copyOf(heard);
    }

    /** A step with its climb from a rung on, or from the step itself; refuses what {@link Programme} does. */
    public Programme of(Ascent ascent, @Nullable Position at, @Nullable Player player) {
        ReferencePitch reference = reference(player);
        if (ladder) {
            Position from = at == null ? ascent.climb().first() : at;
            return Programme.along(ascent, from, times, player, heard, reference);
        }
        Passage passage = Passage.of(at == null ? ascent.step() : ascent.at(at), player);
        return Programme.of(passage, times, heard, reference);
    }

    /** The pitch that somebody tunes to; the standard's where nobody plays. */
    public static ReferencePitch reference(@Nullable Player player) {
        return player == null ? ReferencePitch.ISO_16 : player.reference();
    }
}
