package pebblestep.core.fingering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;

class UsualWayTest {
    private static final Pitch A4 = Pitch.parse("A4");

    private static Hand trumpet(UsualWay... usual) {
        return InstrumentHands.of(
                        Instruments.of("trumpet"), PlayersHand.USUAL.withUsual(List.of(usual)), FingeringChoice.NONE)
                .orElseThrow();
    }

    /** The third valve alone sounds as the first and second together: the first alternative of every method. */
    @Test
    void what_a_studio_takes_for_usual_goes_first_and_is_free() {
        Way usual = trumpet().ways(A4).getFirst();
        assertThat(usual.text()).isEqualTo("1-2");
        Way third = trumpet().ways(A4).stream()
                .filter(way -> way.text().equals("3"))
                .findFirst()
                .orElseThrow();
        List<Way> ours = trumpet(new UsualWay(A4, third.id())).ways(A4);
        assertThat(ours.getFirst().id()).isEqualTo(third.id());
        assertThat(ours.getFirst().cost()).isZero();
        assertThat(ours).hasSameSizeAs(trumpet().ways(A4));
        assertThat(ours.stream()
                        .filter(way -> way.id().equals(usual.id()))
                        .findFirst()
                        .orElseThrow()
                        .costs())
                .extracting(Cost::why)
                .contains("not what your studio takes as a rule");
        assertThat(trumpet(new UsualWay(A4, third.id())).ways(Pitch.parse("G4")))
                .isEqualTo(trumpet().ways(Pitch.parse("G4")));
    }

    @Test
    void a_line_takes_it_and_a_spelling_is_the_same_note() {
        Way third = trumpet().ways(Pitch.parse("G#4")).getLast();
        Hand ours = trumpet(new UsualWay(Pitch.parse("Ab4"), third.id()));
        assertThat(ours.ways(Pitch.parse("G#4")).getFirst().id()).isEqualTo(third.id());
    }

    @Test
    void a_way_that_the_hand_does_not_have_changes_nothing() {
        assertThat(trumpet(new UsualWay(A4, "no-such-way")).ways(A4))
                .isEqualTo(trumpet().ways(A4));
    }

    @Test
    void too_many_and_a_name_without_end_are_refused() {
        List<UsualWay> many = IntStream.rangeClosed(0, PlayersHand.MOST_USUAL)
                .mapToObj(i -> new UsualWay(A4, "way-" + i))
                .toList();
        assertThatThrownBy(() -> PlayersHand.USUAL.withUsual(many)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new UsualWay(A4, "x".repeat(81))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new UsualWay(A4, "")).isInstanceOf(Refusal.class);
    }
}
