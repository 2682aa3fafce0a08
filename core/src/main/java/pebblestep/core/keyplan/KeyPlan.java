package pebblestep.core.keyplan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import pebblestep.core.pitch.NoteName;

/**
 * Which key a student is in: the keys of a round in their order, how they follow each other, and what the teacher decided
 * on the way.
 *
 * @param round the keys of a round; each once
 * @param thereAndBack whether every other round goes backwards
 * @param pace when the next key comes
 * @param from the first day of the first key
 */
public record KeyPlan(List<NoteName> round, boolean thereAndBack, Pace pace, LocalDate from) {
    private static final int WEEK = 7;

    /** When the next key comes. */
    public enum Pace {
        /** The usual (common practice, no source). */
        WEEK,
        /** For the advanced; never for a beginner (common practice, no source). */
        DAY,
        LEARNED
    }

    /** Something that moves a plan. */
    public sealed interface Event {
        /** When it happened. */
        LocalDate day();
    }

    /** The present key was learned; it moves a plan whose next key comes when it is. */
    public record Learned(LocalDate day) implements Event {}

    /** The teacher goes on to the next key at once. */
    public record Skip(LocalDate day) implements Event {}

    /** The teacher gives the present key once more: its time begins anew. */
    public record Repeat(LocalDate day) implements Event {}

    /** From this day the plan stands still, until something else is decided. */
    public record Hold(LocalDate day) implements Event {}

    /** A plan that stood still goes on. */
    public record GoOn(LocalDate day) implements Event {}

    /**
     * Where a plan stands.
     *
     * @param place how many keys were left behind
     * @param round how many rounds
     * @param tonic the key
     * @param since the day on which its time began
     * @param held whether the plan stands still
     */
    public record Station(int place, int round, NoteName tonic, LocalDate since, boolean held) {}

    public KeyPlan {
        round = List.copyOf(KeyOrder.own(round));
    }

    /** A plan without a way back. */
    public static KeyPlan of(List<NoteName> round, Pace pace, LocalDate from) {
        return new KeyPlan(round, false, pace, from);
    }

    /** The key of a place, counted from 0 over all rounds. */
    public NoteName at(int place) {
        int in = place % round.size();
        boolean back = thereAndBack && (place / round.size()) % 2 == 1;
        return round.get(back ? round.size() - 1 - in : in);
    }

    /** The keys of the next stations from a place on. */
    public List<NoteName> next(int place, int count) {
        List<NoteName> keys = new ArrayList<>();
        for (int i = 0; i < count; i++) keys.add(at(place + i));
        return Collections.unmodifiableList(keys);
    }

    /**
     * Where the plan stands on a day after these events, oldest first; those after the day are not looked at, and days
     * before the plan begins are its first.
     */
    public Station on(LocalDate day, List<Event> events) {
        Walk walk = new Walk();
        for (Event event : events) {
            if (!event.day().isAfter(day)) walk.take(event);
        }
        walk.until(day);
        return walk.station();
    }

    /** The walk along the keys; mutable, and seen by nobody else. */
    private final class Walk {
        private int place;
        private LocalDate since = from;
        private boolean held;

        /** Time that has passed brings the next key, unless the plan waits for something. */
        void until(LocalDate day) {
            if (held || pace == Pace.LEARNED || day.isBefore(since)) return;
            int days = pace == Pace.WEEK ? WEEK : 1;
            long steps = ChronoUnit.DAYS.between(since, day) / days;
            place += Math.toIntExact(steps);
            since = since.plusDays(steps * days);
        }

        void take(Event event) {
            until(event.day());
            if (event instanceof Skip || event instanceof Learned && pace == Pace.LEARNED && !held) {
                place++;
                since = event.day();
            } else if (event instanceof Repeat) {
                since = event.day();
            } else if (event instanceof Hold) {
                held = true;
            } else if (event instanceof GoOn) {
                held = false;
                since = event.day();
            }
        }

        Station station() {
            return new Station(place, place / round.size(), at(place), since, held);
        }
    }
}
