package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Axis;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Rung;
import pebblestep.core.forecast.Pace;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.core.walk.Change;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Progressions;
import pebblestep.core.walk.Walk;

class WalkedKeysTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);
    private static final Step WALK = Steps.step(
                    "C", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0")
            .withWalk(Walk.through(Keys.of(KeyOrder.WHOLE_STEP_UP, 6)));
    private static final List<Rung> KEYS = List.of(new Rung.OfWalk(Optional.of(2)), new Rung.OfWalk(Optional.of(3)));

    private static Key major(String tonic) {
        return Key.of(NoteName.parse(tonic), Forms.of("major"));
    }

    private static List<String> met(int cleanTakes, String written) {
        Ascent ascent = Ascent.of(WALK, Climb.of(List.of(Axis.of(KEYS)), Policy.IN_TURN));
        List<Entry> takes = new ArrayList<>();
        for (int i = 0; i < cleanTakes; i++) {
            takes.add(new Take(Bpm.of(72), List.of(KEYS.get(i / 3)), Outcome.CLEAN, DAY));
        }
        Progress progress = Progress.of(new Work(major(written), ascent, takes));
        return KeyPath.of(KeyOrder.fourths(), List.of(progress), DAY, Speech.USUAL).stones().stream()
                .flatMap(stone -> stone.forms().stream())
                .map(form -> form.key().tonic().id())
                .sorted()
                .toList();
    }

    @Test
    void a_walk_counts_in_every_key_of_the_rung_that_was_reached() {
        assertThat(met(0, "C")).containsExactly("C", "D");
        assertThat(met(3, "C")).containsExactly("C", "D", "E");
    }

    @Test
    void the_keys_are_those_that_the_player_reads() {
        assertThat(met(3, "D")).containsExactly("D", "E", "F#");
    }

    private static Take slip(int station, String pitch) {
        Slipped.Note note = new Slipped.Note(17, Pitch.parse(pitch), Optional.empty(), Optional.of(station));
        return new Take(
                Bpm.of(72),
                List.of(),
                Outcome.SLIPS,
                DAY.plusDays(station),
                new Slipped(List.of(SlipKind.NOTES), List.of(note)));
    }

    private static Progress slipping() {
        Ascent ascent = Ascent.of(WALK, Climb.tempo(Bpm.of(72), Bpm.of(80), LadderScheme.fixed(4)));
        List<Entry> takes = new ArrayList<>();
        for (int i = 0; i < 7; i++) takes.add(slip(2, "G#4"));
        for (int i = 0; i < 4; i++) takes.add(slip(1, "F#4"));
        takes.add(slip(0, "B4"));
        return Progress.of(new Work(major("C"), ascent, takes));
    }

    @Test
    void the_path_counts_slips_in_the_key_in_which_they_were_touched() {
        KeyPath path = KeyPath.of(KeyOrder.fourths(), List.of(slipping()), DAY.plusDays(2), Speech.USUAL);
        Map<String, Map<NoteName, Integer>> slips = path.stones().stream()
                .flatMap(stone -> stone.forms().stream())
                .collect(Collectors.toMap(
                        form -> form.key().tonic().id(), form -> form.slips().notes()));
        assertThat(slips.get("E")).isEqualTo(Map.of(NoteName.parse("G#"), 7));
        assertThat(slips.get("D")).isEqualTo(Map.of(NoteName.parse("F#"), 4));
        assertThat(slips.get("F#")).isEmpty();
    }

    @Test
    void who_is_stuck_on_a_walk_hears_which_key_to_take_out() {
        Verdict verdict = Verdict.of(
                slipping(),
                Schedule.daily(DAY, DAY.plusDays(60)),
                null,
                Pace.Seen.NOTHING,
                Player.of(Instruments.of("oboe")),
                DAY.plusDays(2),
                Speech.USUAL);
        assertThat(verdict.kind()).isEqualTo(JudgementKind.STUCK);
        assertThat(verdict.advice()).contains("E major alone, it slipped in 7 of 12 takes", "fewer keys");
    }

    @Test
    void a_heading_says_the_keys() {
        assertThat(StepWords.keys(WALK, major("D"))).isEqualTo("6 keys from D major");
        assertThat(StepWords.keys(WALK.withWalk(Walk.through(Keys.of(KeyOrder.FOURTHS, 1))), major("D")))
                .isEqualTo("D major");
        List<Change> two = Progressions.parse("ii V I:2", NoteName.parse("C"));
        assertThat(StepWords.keys(WALK.withWalk(Walk.over(two, Keys.of(KeyOrder.FOURTHS, 12))), major("C")))
                .isEqualTo("ii V I in 12 keys from C major");
        assertThat(StepWords.keys(WALK.withWalk(Walk.over(two, Keys.HOME)), major("C")))
                .isEqualTo("ii V I in C major");
    }

    @Test
    void what_slipped_counts_in_its_own_key() {
        Slipped.Note second = new Slipped.Note(17, Pitch.parse("F#4"), Optional.empty(), Optional.of(1));
        Take take = new Take(
                Bpm.of(72), List.of(), Outcome.SLIPS, DAY, new Slipped(List.of(SlipKind.NOTES), List.of(second)));
        assertThat(take.inStations(Set.of(1)).slipped()).isEqualTo(take.slipped());
        assertThat(take.inStations(Set.of(0)).slipped()).isEqualTo(Slipped.NOTHING);
    }
}
