package pebblestep.core.keyplan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pebblestep.core.Identified;
import pebblestep.core.Words;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.KeyOrder;

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
    public enum Pace implements Identified {
        /** The usual (common practice, no source). */
        WEEK("a key a week"),
        /** For the advanced; never for a beginner (common practice, no source). */
        DAY("a key a day"),
        LEARNED("the next key when one is learned");

        private final String words;

        Pace(String words) {
            this.words = words;
        }

        /** In words. */
        public String words() {
            return words;
        }
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
    public record Stay(LocalDate day) implements Event {}

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
    public record Station(int place, int round, NoteName tonic, LocalDate since, boolean held) {
        /** The same, had its time begun on another day. */
        public Station since(LocalDate day) {
            return new Station(place, round, tonic, day, held);
        }
    }

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
        Unfolding walk = new Unfolding();
        for (Event event : events) {
            if (!event.day().isAfter(day)) walk.take(event);
        }
        walk.until(day);
        return walk.station();
    }

    /** When the key after this station comes; empty where the plan waits for something. */
    public Optional<LocalDate> nextOn(Station station) {
        return station.held() || pace == Pace.LEARNED
                ? Optional.empty()
                : Optional.of(station.since().plusDays(length()));
    }

    /** Days that a key lasts; a plan that waits for a key to be learned has no such length. */
    private int length() {
        return switch (pace) {
            case WEEK -> WEEK;
            case DAY -> 1;
            case LEARNED -> throw new IllegalStateException("A key lasts until it is learned.");
        };
    }

    /**
     * Where it stands, in a sentence: {@code In F since 9 March, key 2 of 12; Bb from 16 March.}
     *
     * @param read how the student reads a key
     */
    public String sentence(Station station, LocalDate today, UnaryOperator<NoteName> read) {
        String key = read.apply(station.tonic()).toString();
        if (station.since().isAfter(today)) return "Begins in " + key + " on " + Words.day(station.since()) + ".";
        String now = "In " + key + " since " + Words.day(station.since()) + ", key "
                + (station.place() % round.size() + 1) + " of " + round.size()
                + (station.round() == 0 ? "" : ", round " + (station.round() + 1));
        NoteName next = read.apply(at(station.place() + 1));
        if (station.held()) return now + "; held here until you let it go on.";
        return nextOn(station)
                .map(day -> now + "; " + next + " from " + Words.day(day) + ".")
                .orElse(now + "; " + next + " when this one is learned.");
    }

    /**
     * A key and its days.
     *
     * @param to the last of them; empty where the plan waits for something
     */
    public record Window(int place, NoteName tonic, LocalDate from, Optional<LocalDate> to) {}

    /** The keys of the days from one to another, as far as they are known on the first; oldest first. */
    public List<Window> windows(LocalDate first, LocalDate last, List<Event> events) {
        List<Window> windows = new ArrayList<>();
        Station station = on(first, events);
        while (!station.since().isAfter(last)) {
            Optional<LocalDate> next = nextOn(station);
            windows.add(
                    new Window(station.place(), station.tonic(), station.since(), next.map(day -> day.minusDays(1))));
            if (next.isEmpty()) break;
            int place = station.place() + 1;
            station = new Station(place, place / round.size(), at(place), next.get(), false);
        }
        return List.copyOf(windows);
    }

    /** The walk along the keys; mutable, and seen by nobody else. */
    private final class Unfolding {
        private int place;
        private LocalDate since = from;
        private boolean held;

        /** Time that has passed brings the next key, unless the plan waits for something. */
        void until(LocalDate day) {
            if (held || pace == Pace.LEARNED || day.isBefore(since)) return;
            long steps = ChronoUnit.DAYS.between(since, day) / length();
            place += Math.toIntExact(steps);
            since = since.plusDays(steps * length());
        }

        void take(Event event) {
            until(event.day());
            switch (event) {
                case Skip skip -> next(skip.day());
                case Learned learned -> {
                    if (pace == Pace.LEARNED && !held) next(learned.day());
                }
                case Repeat repeat -> since = repeat.day();
                case Stay hold -> held = true;
                case GoOn on -> {
                    held = false;
                    since = on.day();
                }
            }
        }

        private void next(LocalDate day) {
            place++;
            since = day;
        }

        Station station() {
            return new Station(place, place / round.size(), at(place), since, held);
        }
    }
}
