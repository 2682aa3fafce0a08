package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Position;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.Logbook.Row;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class LogbookTest {
    private static final Instant START = Instant.parse("2026-03-02T15:00:00Z");
    private static final Ascent ASCENT = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 100, 8));
    private static final int PIECES = 4;

    private static LocalDate day(Instant at) {
        return at.atZone(ZoneOffset.UTC).toLocalDate();
    }

    private static Row take(long piece, Instant at, long bpm, boolean clean) {
        return new Row(piece, at, new Take(Bpm.of(bpm), clean ? Outcome.CLEAN : Outcome.SLIPS, day(at)));
    }

    private static Work work(Logbook log, long piece) {
        return new Work(Key.of(NoteName.parse("C"), Forms.of("major")), ASCENT, log.of(piece));
    }

    /** A fortnight of takes of four pieces, and now and then a decision. */
    Draw<List<Row>> logs() {
        Draw<Long> pieces = Draw.longs(1, PIECES);
        Draw<Instant> moments = Draw.longs(0, 14 * 24 * 60).map(minutes -> START.plusSeconds(60 * minutes));
        Draw<Row> takes = random -> take(
                pieces.from(random),
                moments.from(random),
                Draw.of(60L, 68L, 76L, 84L, 92L, 100L).from(random),
                Draw.of(true, true, true, false).from(random));
        Draw<Row> decisions = random -> {
            Instant at = moments.from(random);
            Position to = Position.of(Draw.ints(0, 5).from(random));
            return new Row(pieces.from(random), at, new Decision(new ClimbEvent.Placed(to, day(at))));
        };
        Draw<Row> lines = random -> (random.nextInt(10) == 0 ? decisions : takes).from(random);
        return lines.list(0, 120);
    }

    @Samples(200)
    void a_standing_never_depends_on_takes_of_another_step(@From("logs") List<Row> lines) {
        Logbook all = Logbook.of(lines);
        LocalDate today = day(START).plusDays(15);
        for (long piece = 1; piece <= PIECES; piece++) {
            long mine = piece;
            Logbook own = Logbook.of(
                    lines.stream().filter(line -> line.piece() == mine).toList());
            assertThat(work(all, piece).standing(today))
                    .isEqualTo(work(own, piece).standing(today));
            assertThat(Judgement.of(work(all, piece), today, Speech.USUAL))
                    .isEqualTo(Judgement.of(work(own, piece), today, Speech.USUAL));
        }
    }

    @Samples(200)
    void a_standing_does_not_depend_on_the_order_in_which_takes_arrive(@From("logs") List<Row> lines, long seed) {
        List<Row> apart = new ArrayList<>();
        for (Row line : lines) {
            // Of two takes at one moment nobody can say which came first.
            if (apart.stream().noneMatch(other -> other.at().equals(line.at()))) apart.add(line);
        }
        List<Row> shuffled = new ArrayList<>(apart);
        Collections.shuffle(shuffled, new Random(seed));
        LocalDate today = day(START).plusDays(15);
        for (long piece = 1; piece <= PIECES; piece++) {
            assertThat(work(Logbook.of(shuffled), piece).standing(today))
                    .isEqualTo(work(Logbook.of(apart), piece).standing(today));
        }
    }

    @Test
    void a_take_that_arrives_late_is_put_where_it_was_played() {
        List<Row> lines = new ArrayList<>(List.of(
                take(1, START, 60, true),
                take(1, START.plusSeconds(60), 60, true),
                new Row(1, START.plusSeconds(600), new Decision(new ClimbEvent.Placed(Position.of(3), day(START))))));
        // Played without network before the teacher moved the student on, and sent after.
        lines.add(take(1, START.plusSeconds(120), 60, true));
        assertThat(work(Logbook.of(lines), 1).bpmNow(day(START))).isEqualTo(Bpm.of(84));
        assertThat(Logbook.of(lines).of(2)).isEmpty();
    }

    @Test
    void what_is_decided_at_the_moment_of_a_take_comes_before_it() {
        Row placed = new Row(1, START, new Decision(new ClimbEvent.Placed(Position.of(2), day(START))));
        Logbook log = Logbook.of(List.of(take(1, START, 76, true), placed));
        assertThat(log.of(1).get(0)).isInstanceOf(Decision.class);
        assertThat(work(log, 1).standing(day(START)).cleanInRow()).isEqualTo(1);
    }
}
