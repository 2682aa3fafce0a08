package pebblestep.browser;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Position;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Steps;
import pebblestep.core.practice.Decision;
import pebblestep.core.practice.Logbook;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Schedule;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Take;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.samples.Draw;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.SlippedDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.practice.Piece;
import pebblestep.documents.practice.PieceDocument;
import pebblestep.documents.practice.Room;
import pebblestep.documents.practice.RoomDocument;
import pebblestep.documents.practice.TakenPart;

/** Practice rooms with random logs: several pieces, weeks of takes in changing time zones, and what the teacher decides. */
public final class Rooms {
    private static final LocalDate FIRST = LocalDate.of(2026, 2, 20);
    private static final int MOST_LINES = 40;

    private Rooms() {}

    /**
     * A room, half of whose log the studio has and half of it only the device.
     *
     * @param given what the studio has given: what its half of the log comes to
     * @param taken the device's half, oldest first
     * @param all the pieces as the whole log leaves them, read from the beginning
     * @param days days to look at: that of the last take by the student's clock, and days around it
     */
    public record Scene(Room room, RoomDocument given, List<TakenPart> taken, List<Piece> all, List<LocalDate> days) {}

    /** What was given, and its log so far. */
    private static final class Thread {
        final long id;
        final Ascent given;
        final Schedule schedule;
        final List<Logbook.Row> rows = new ArrayList<>();
        Progress progress;
        int decisions;

        Thread(long id, Ascent given, Schedule schedule, Player player) {
            this.id = id;
            this.given = given;
            this.schedule = schedule;
            this.progress = Progress.start(Passage.writtenKey(given.step(), player), given);
        }

        Piece piece(Progress at, Map<LocalDate, Long> seconds) {
            return new Piece(id, decisions, "Stones " + id, schedule, 8, at, seconds);
        }
    }

    /** Any scene. */
    public static Draw<Scene> any() {
        return Rooms::scene;
    }

    private static Scene scene(Random random) {
        Player player = Player.of(
                Draw.of(Instruments.all()).from(random), Draw.of(Level.class).from(random));
        Room room = new Room(
                "tideline",
                "Jory Fell",
                player,
                random.nextBoolean() ? Optional.empty() : Optional.of(Duration.ofMinutes(5 + random.nextInt(40))),
                new Speech(
                        Draw.of(CountSchool.class).from(random),
                        Draw.of(ValueNames.class).from(random)));
        List<Thread> threads = threads(random, player);
        Instant now = FIRST.atStartOfDay().toInstant(ZoneOffset.UTC);
        int lines = 1 + random.nextInt(MOST_LINES);
        int known = random.nextInt(lines + 1);
        List<Piece> atStudio = List.of();
        List<TakenPart> taken = new ArrayList<>();
        OffsetDateTime last = now.atOffset(ZoneOffset.UTC);
        for (int line = 0; line <= lines; line++) {
            if (line == known) atStudio = pieces(threads);
            if (line == lines) break;
            now = now.plusSeconds(30 + random.nextInt(random.nextInt(4) == 0 ? 3 * 86_400 : 4_000));
            Thread thread = threads.get(random.nextInt(threads.size()));
            // Somebody who travels, or whose phone changes its zone: the day may even go back.
            last = now.atOffset(ZoneOffset.ofHours(random.nextInt(6) == 0 ? random.nextInt(-12, 15) : 1));
            if (line < known && random.nextInt(12) == 0) {
                decide(random, thread, now, last.toLocalDate());
            } else {
                Take take = take(random, thread.progress, last.toLocalDate());
                thread.rows.add(new Logbook.Row(thread.id, now, take));
                thread.progress = thread.progress.then(take);
                if (line >= known) taken.add(part(thread.id, take, last));
            }
        }
        LocalDate day = last.toLocalDate();
        return new Scene(
                room,
                RoomDocument.of(
                        room,
                        false,
                        atStudio.stream()
                                .map(piece -> PieceDocument.of(piece, null))
                                .toList()),
                taken,
                replayed(threads, player),
                List.of(day, day.minusDays(1), day.plusDays(1), day.plusDays(1 + random.nextInt(13))));
    }

    private static List<Thread> threads(Random random, Player player) {
        List<Thread> threads = new ArrayList<>();
        int many = 1 + random.nextInt(4);
        while (threads.size() < many) {
            Ascent given = ascent(random);
            if (!fits(given, player)) continue;
            LocalDate from = FIRST.plusDays(random.nextInt(6) - 3L);
            Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
            for (DayOfWeek one : DayOfWeek.values()) if (random.nextInt(3) > 0) days.add(one);
            if (days.isEmpty()) days.add(DayOfWeek.MONDAY);
            Optional<LocalDate> to =
                    random.nextBoolean() ? Optional.empty() : Optional.of(from.plusDays(random.nextInt(40)));
            threads.add(new Thread(threads.size() + 1L, given, new Schedule(from, to, days), player));
        }
        return threads;
    }

    private static Ascent ascent(Random random) {
        if (random.nextBoolean()) return Climbs.any().from(random);
        while (true) {
            try {
                return Ascent.of(
                        Steps.any().from(random), Climbs.any().from(random).climb());
            } catch (Refusal e) {
                // Not every climb goes with every step.
            }
        }
    }

    /** Whether all of it can be played: a student who cannot is another matter. */
    private static boolean fits(Ascent ascent, Player player) {
        try {
            for (Position position : ascent.moves().route()) Passage.of(ascent.at(position), player);
            return true;
        } catch (Refusal e) {
            return false;
        }
    }

    private static void decide(Random random, Thread thread, Instant now, LocalDate day) {
        List<Position> route = thread.progress.standing().ascent().moves().route();
        ClimbEvent event = random.nextInt(3) == 0
                ? new ClimbEvent.Held(random.nextBoolean(), day)
                : new ClimbEvent.Placed(route.get(random.nextInt(route.size())), day);
        Decision decision = new Decision(event);
        thread.rows.add(new Logbook.Row(thread.id, now, decision));
        thread.progress = thread.progress.then(decision);
        thread.decisions++;
    }

    private static Take take(Random random, Progress progress, LocalDate day) {
        Ascent ascent = progress.standing().ascent();
        List<Position> route = ascent.moves().route();
        Position at = random.nextInt(5) == 0
                ? route.get(random.nextInt(route.size()))
                : progress.standing().on(day).at();
        Outcome outcome =
                random.nextInt(10) < 7 ? Outcome.CLEAN : Draw.of(Outcome.class).from(random);
        return new Take(
                ascent.bpm(at),
                ClimbDocuments.played(ClimbDocuments.played(ascent, at)),
                outcome,
                day,
                outcome == Outcome.CLEAN ? Slipped.NOTHING : new Slipped(List.of(SlipKind.RHYTHM), List.of()));
    }

    private static TakenPart part(long id, Take take, OffsetDateTime at) {
        return new TakenPart(
                id,
                take.bpm().value(),
                ClimbDocuments.parts(take.others()),
                take.outcome(),
                take.slipped().isNothing() ? null : SlippedDocument.of(take.slipped()),
                40,
                at.toString());
    }

    private static List<Piece> pieces(List<Thread> threads) {
        return threads.stream()
                .map(thread -> thread.piece(thread.progress, Map.of()))
                .toList();
    }

    /** As the studio comes to it: the whole log, in the order of its moments, from the beginning. */
    private static List<Piece> replayed(List<Thread> threads, Player player) {
        return threads.stream()
                .map(thread -> thread.piece(
                        Progress.of(new Work(
                                Passage.writtenKey(thread.given.step(), player),
                                thread.given,
                                Logbook.of(thread.rows).of(thread.id))),
                        Map.of()))
                .toList();
    }

    /** A rung of a piece, as it is asked for. */
    static Position rung(Random random, PieceDocument piece) {
        List<Position> route = Ascent.of(StepDocuments.read(piece.step()), ClimbDocuments.read(piece.climb()))
                .moves()
                .route();
        return route.get(random.nextInt(route.size()));
    }
}
