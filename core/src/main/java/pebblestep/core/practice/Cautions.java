package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.Copies;
import pebblestep.core.Identified;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;

/** The usual cautions of practising, each for its moment and short enough to be read. Nothing here is medical advice. */
public final class Cautions {
    /** Minutes of practising on a day after which a rest is due (common practice, no source: five in each half hour). */
    public static final int LONG_MINUTES = 25;

    /** A written note this close to the top of the player's range, in semitones, counts as high. */
    private static final int HIGH_NOTE = 4;

    /** From this share of the climb on, rungs are high. */
    private static final double HIGH_RUNG = 2.0 / 3;

    private static final List<String> BLOWN = List.of("woodwind", "brass", "voices");

    /** When a caution matters. */
    public enum Moment implements Identified {
        FIRST_USE,
        HIGH_RUNG,
        HIGH_NOTES,
        LONG_SESSION,
        HEADPHONES
    }

    /** A caution and its moment. */
    public record Caution(Moment moment, String text) {}

    /**
     * A sitting, as far as cautions go by it.
     *
     * @param seconds practised on the day so far
     * @param headphones whether the sound is heard in headphones
     * @param shown on which day each was shown last before this sitting; those that never were are absent
     * @param away what was put away in this sitting
     */
    public record Sitting(
            LocalDate day, long seconds, boolean headphones, Map<Moment, LocalDate> shown, Set<Moment> away) {
        public Sitting {
            shown = Copies.map(shown);
            away = Set.copyOf(away);
        }

        private boolean isTimeFor(Moment moment) {
            if (away.contains(moment)) return false;
            if (moment == Moment.FIRST_USE) return !shown.containsKey(moment);
            if (day.equals(shown.get(moment))) return false;
            return switch (moment) {
                case FIRST_USE, HIGH_RUNG, HIGH_NOTES -> true;
                case LONG_SESSION -> seconds >= 60L * LONG_MINUTES;
                case HEADPHONES -> headphones;
            };
        }
    }

    private Cautions() {}

    /** The first of these whose moment has come: each once a day, and that of the first use once for all. */
    public static Optional<Caution> due(List<Caution> cautions, Sitting sitting) {
        return cautions.stream()
                .filter(caution -> sitting.isTimeFor(caution.moment()))
                .findFirst();
    }

    /** What can matter to a player whatever is practised. */
    public static List<Caution> of(Player player) {
        String arm = player.family().equals("strings") ? ", grip and bow arm." : " and grip.";
        return List.of(
                new Caution(
                        Moment.FIRST_USE,
                        "Stop at pain, tingling or numbness. Rest, and see a doctor or a clinician who treats musicians."),
                new Caution(
                        Moment.LONG_SESSION,
                        LONG_MINUTES
                                + " minutes today. Take five minutes of rest in each half hour. Loosen shoulders, jaw"
                                + arm),
                new Caution(
                        Moment.HEADPHONES,
                        // NIOSH publication 98-126 (1998): 85 dBA for 8 hours, halved for each 3 dB more.
                        "Keep headphones low: 85 dBA for 8 hours is the recommended limit, and each 3 dB more halves the "
                                + "time."));
    }

    /** What matters on a rung: how high it is, and how high the notes are for somebody who blows. */
    public static List<Caution> of(Ascent ascent, Position at, Passage passage, Player player) {
        List<Caution> cautions = new ArrayList<>();
        int rungs = ascent.moves().route().size();
        int left = ascent.moves().routeFrom(at).size();
        if (rungs > 1 && rungs - left >= HIGH_RUNG * (rungs - 1)) {
            cautions.add(new Caution(
                    Moment.HIGH_RUNG,
                    "A high rung: speed follows evenness. When it gets tight, go a rung slower and loosen up."));
        }
        boolean blown = BLOWN.contains(player.family());
        boolean high = player.isHigh(passage.highest(), HIGH_NOTE);
        if (blown && high) {
            cautions.add(new Caution(
                    Moment.HIGH_NOTES, "High notes: rest as long as you play, and stop when you feel light-headed."));
        }
        return cautions;
    }
}
