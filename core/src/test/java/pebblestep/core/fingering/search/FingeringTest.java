package pebblestep.core.fingering.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Way;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

/** The cheapest way, held against every other. */
class FingeringTest {
    private record Case(String instrument, List<NoteToPlay> line) {}

    Draw<Case> cases() {
        List<String> instruments = List.of(
                "trumpet",
                "horn",
                "euphonium",
                "trombone",
                "bass-trombone",
                "violin",
                "viola",
                "cello",
                "double-bass",
                "piano",
                "marimba",
                "glockenspiel",
                "classical-guitar",
                "ukulele",
                "flute",
                "clarinet",
                "alto-saxophone");
        return random -> {
            Instrument instrument = Instruments.of(Draw.of(instruments).from(random));
            var range = instrument.range(Level.FIRST_OCTAVE);
            List<NoteToPlay> line = new ArrayList<>();
            int midi = range.lowest().midi()
                    + random.nextInt(range.highest().midi() - range.lowest().midi());
            double seconds = Draw.of(List.of(1.0, 0.4, 0.2, 0.08)).from(random);
            // Many ways make for few notes: each path is walked.
            int most =
                    instrument.family().contains("strings") || instrument.id().equals("piano") ? 4 : 9;
            for (int i = 0; i < most; i++) {
                line.add(new NoteToPlay(Pitch.commonlyNamed(midi), seconds, random.nextBoolean(), 0));
                midi = Math.clamp(
                        midi + random.nextInt(-4, 5),
                        range.lowest().midi(),
                        range.highest().midi());
            }
            return new Case(instrument.id(), line);
        };
    }

    /** What a path costs, walked from its beginning; too much where a repeated note does not stay. */
    private static long cost(Hand hand, List<NoteToPlay> line, List<Way> path) {
        long cost = path.getLast().cost();
        for (int i = 0; i + 1 < path.size(); i++) {
            Way from = path.get(i);
            Way to = path.get(i + 1);
            if (line.get(i).written().equals(line.get(i + 1).written()) && !from.equals(to)) return Long.MAX_VALUE;
            cost += from.cost();
            CostSink.Sum sum = new CostSink.Sum(line.get(i).pace());
            hand.move(hand.looksBack() && i > 0 ? path.get(i - 1) : null, from, to, line.get(i), sum);
            cost += sum.taken();
        }
        return cost;
    }

    private static long least(Hand hand, List<NoteToPlay> line, List<Way> path) {
        if (path.size() == line.size()) return cost(hand, line, path);
        long least = Long.MAX_VALUE;
        for (Way way : hand.ways(line.get(path.size()).written())) {
            List<Way> longer = new ArrayList<>(path);
            longer.add(way);
            least = Math.min(least, least(hand, line, longer));
        }
        return least;
    }

    @Samples(120)
    void no_other_path_is_cheaper(@From("cases") Case given) {
        Hand hand = Lines.hand(given.instrument);
        long paths = given.line.stream()
                .mapToLong(onset -> hand.ways(onset.written()).size())
                .reduce(1, Math::multiplyExact);
        if (paths > 40_000) return;
        Fingering found = Fingering.of(hand, given.line, Map.of());
        assertThat(found.cost()).isEqualTo(least(hand, given.line, List.of()));
        List<Way> path = found.stops().stream().map(Fingering.Stop::way).toList();
        assertThat(cost(hand, given.line, path)).isEqualTo(found.cost());
    }

    @Samples(80)
    void a_pin_stays_and_the_rest_goes_around_it(@From("cases") Case given) {
        Hand hand = Lines.hand(given.instrument);
        Fingering free = Fingering.of(hand, given.line, Map.of());
        for (int note = 0; note < given.line.size(); note++) {
            for (Way way : hand.ways(given.line.get(note).written())) {
                Fingering pinned = Fingering.of(hand, given.line, Map.of(note, way.id()));
                assertThat(pinned.stops().get(note).way()).isEqualTo(way);
                assertThat(pinned.stops().get(note).pinned()).isTrue();
                if (given.line.stream().map(NoteToPlay::written).distinct().count() == given.line.size()) {
                    assertThat(pinned.cost()).isGreaterThanOrEqualTo(free.cost());
                }
            }
        }
    }

    @Test
    void a_pin_that_is_no_way_is_refused_with_those_that_are() {
        Hand trumpet = Lines.hand("trumpet");
        assertThatThrownBy(() -> Fingering.of(trumpet, Lines.line(0.2, "C4 D4"), Map.of(1, "p9-9")))
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.fits().orElseThrow()).contains("p3-13"));
        assertThatThrownBy(() -> Fingering.of(trumpet, Lines.line(0.2, "C2"), Map.of()))
                .isInstanceOf(Refusal.class);
    }

    /** Every written note of the usual range has a way, and no two of its ways go by one name. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "trumpet",
                "horn",
                "euphonium",
                "tuba",
                "tenor-horn",
                "trombone",
                "bass-trombone",
                "violin",
                "viola",
                "cello",
                "double-bass",
                "piano",
                "marimba",
                "glockenspiel",
                "classical-guitar",
                "bass-guitar",
                "mandolin",
                "ukulele"
            })
    void every_note_of_the_usual_range_has_a_way(String id) {
        Instrument instrument = Instruments.of(id);
        for (int midi = instrument.full().lowest().midi();
                midi <= instrument.full().highest().midi();
                midi++) {
            List<Way> ways = Lines.hand(id).ways(Pitch.commonlyNamed(midi));
            assertThat(ways).as("%s", Pitch.commonlyNamed(midi)).isNotEmpty();
            assertThat(ways).extracting(Way::id).doesNotHaveDuplicates();
        }
    }

    @Test
    void quicker_is_dearer_and_what_does_not_move_costs_nothing() {
        Hand trombone = Lines.hand("trombone");
        assertThat(Lines.fingering(trombone, 0.1, "Bb2 C3 D3").effort())
                .isGreaterThan(Lines.fingering(trombone, 0.4, "Bb2 C3 D3").effort());
        assertThat(Lines.fingering(trombone, 0.1, "Bb2 Bb2 Bb2").cost()).isZero();
        assertThat(Fingering.of(trombone, List.of(), Map.of()).stops()).isEmpty();
    }
}
