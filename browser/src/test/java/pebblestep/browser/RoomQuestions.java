package pebblestep.browser;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.browser.Questions.Question;
import pebblestep.core.metronome.Laps;
import pebblestep.core.practice.Cautions.Moment;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.samples.Draw;
import pebblestep.core.sound.Track;
import pebblestep.documents.SlippedDocument;
import pebblestep.documents.practice.CautionAsked;
import pebblestep.documents.practice.CautionPart;
import pebblestep.documents.practice.LatencyAsked;
import pebblestep.documents.practice.MadeUpPlayer;
import pebblestep.documents.practice.PieceDocument;
import pebblestep.documents.practice.RanAsked;
import pebblestep.documents.practice.RoomDocument;
import pebblestep.documents.practice.RunAsked;
import pebblestep.documents.practice.RungAsked;
import pebblestep.documents.practice.SoundAsked;
import pebblestep.documents.practice.TakesAsked;
import pebblestep.documents.practice.TapsAsked;
import pebblestep.documents.practice.TodayAsked;

/** Questions of the practice room. */
final class RoomQuestions {
    private RoomQuestions() {}

    static Question today(Random random) {
        Rooms.Scene scene = Rooms.any().from(random);
        TodayAsked asked = new TodayAsked(
                scene.given(), scene.taken(), Draw.of(scene.days()).from(random));
        return new Question("today", asked, asked::answer);
    }

    private static @Nullable BigDecimal ownTempo(Random random) {
        return Questions.maybe(random, () -> BigDecimal.valueOf(random.nextInt(200, 2500), 1));
    }

    private static String at(Random random, PieceDocument piece) {
        return random.nextInt(12) == 0 ? "9.9" : Rooms.rung(random, piece).toString();
    }

    static Question stand(Random random) {
        RoomDocument room = Rooms.any().from(random).given();
        PieceDocument piece = Draw.of(room.pieces()).from(random);
        RungAsked asked = new RungAsked(
                piece,
                room.player(),
                room.speech(),
                at(random, piece),
                ownTempo(random),
                random.nextInt(3) == 0 ? Integer.valueOf(random.nextInt(2)) : null);
        return new Question("rung", asked, asked::answer);
    }

    private static RunAsked runAsked(Random random, RoomDocument room, PieceDocument piece) {
        return new RunAsked(
                piece,
                room.player(),
                room.speech(),
                Rooms.rung(random, piece).toString(),
                ownTempo(random),
                1 + random.nextInt(Laps.MOST_TIMES),
                random.nextInt(Laps.MOST_EVERY + 1),
                Draw.of(Laps.Voice.class).from(random),
                random.nextInt(5) == 0);
    }

    static Question run(Random random) {
        RoomDocument room = Rooms.any().from(random).given();
        RunAsked asked = runAsked(random, room, Draw.of(room.pieces()).from(random));
        return new Question("run", asked, asked::answer);
    }

    static Question sound(Random random) {
        RoomDocument room = Rooms.any().from(random).given();
        List<SoundAsked.SoundPart> parts = room.pieces().stream()
                .limit(1 + random.nextInt(2))
                .map(piece -> new SoundAsked.SoundPart(piece.step(), piece.climb(), at(random, piece)))
                .toList();
        List<Integer> stretches = java.util.Arrays.asList(null, 0, SoundAsked.SECONDS, 7);
        SoundAsked asked = new SoundAsked(
                Questions.maybe(random, room::student),
                Questions.maybe(random, () -> "Low tide: \u266d, 1/16"),
                room.speech(),
                Questions.TODAY,
                Questions.maybe(random, room::player),
                parts,
                Stream.of(Track.values()).filter(track -> random.nextBoolean()).toList(),
                random.nextInt(3),
                random.nextInt(4) == 0,
                Draw.of(stretches).from(random));
        return new Question("sound", asked, asked::answer);
    }

    static Question takes(Random random) {
        Rooms.Scene scene = Rooms.any().from(random);
        RoomDocument room = scene.given();
        PieceDocument piece = Draw.of(room.pieces()).from(random);
        List<RunAsked.LapPart> laps = runAsked(random, room, piece).answer().laps();
        RanAsked ran = new RanAsked(laps, random.nextInt(laps.size() + 1));
        if (random.nextBoolean()) return new Question("ran", ran, ran::answer);
        TakesAsked asked = new TakesAsked(
                piece,
                room.player(),
                scene.taken(),
                ran,
                new TakesAsked.SaidPart(
                        Draw.of(Outcome.class).from(random),
                        Questions.maybe(random, () -> random.nextInt(4)),
                        Questions.maybe(random, () -> new SlippedDocument(List.of(SlipKind.TONE), List.of())),
                        Questions.maybe(random, () -> "the wind \u266d turned"),
                        Questions.maybe(random, () -> List.of(1 + random.nextInt(5), 7))),
                random.nextInt(9000) / 10.0,
                scene.days().getFirst() + "T21:05:00.000+01:00");
        return new Question("takes", asked, asked::answer);
    }

    static Question caution(Random random) {
        CautionAsked asked = new CautionAsked(
                Stream.of(Moment.values())
                        .filter(moment -> random.nextBoolean())
                        .map(moment -> new CautionPart(moment, "Rest " + moment.id()))
                        .toList(),
                Questions.TODAY,
                random.nextInt(4000),
                random.nextBoolean(),
                random.nextBoolean()
                        ? Map.of()
                        : Map.of("first-use", Questions.TODAY.minusDays(9), "high-notes", Questions.TODAY),
                random.nextInt(4) == 0 ? List.of(Moment.LONG_SESSION) : List.of());
        return new Question("caution", asked, asked::answer);
    }

    static Question taps(Random random) {
        if (random.nextInt(3) == 0) {
            LatencyAsked asked = new LatencyAsked(IntStream.range(0, random.nextInt(6, 20))
                    .mapToObj(i -> 1000.0 * i + 120 + random.nextInt(90))
                    .toList());
            return new Question("latency", asked, asked::answer);
        }
        RoomDocument room = Rooms.any().from(random).given();
        PieceDocument piece = Draw.of(room.pieces()).from(random);
        MadeUpPlayer who =
                Questions.maybe(random, () -> Draw.of(MadeUpPlayer.class).from(random));
        TapsAsked asked = new TapsAsked(
                piece,
                room.player(),
                room.speech(),
                Rooms.rung(random, piece).toString(),
                BigDecimal.valueOf(random.nextInt(40, 160)),
                who != null
                        ? null
                        : IntStream.range(0, random.nextInt(1, 60))
                                .mapToObj(i -> 251.5 * i + random.nextInt(30))
                                .toList(),
                who);
        return new Question("taps", asked, asked::answer);
    }
}
