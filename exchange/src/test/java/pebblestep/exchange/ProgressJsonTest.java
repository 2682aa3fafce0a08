package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Position;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.practice.Decision;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Take;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.LadderScheme;
import tools.jackson.databind.json.JsonMapper;

class ProgressJsonTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Ascent LADDER = Ascent.of(
            StepJson.read(
                    JsonMapper.builder()
                            .build()
                            .readTree(
                                    """
                            {"format":"pebble-step/1","title":"","key":{"tonic":"Db","form":"major"},
                             "line":{"octaves":1},"rhythm":{"meter":"4/4","figure":["1/8"]},
                             "tempo":{"beat":"1/4","bpm":60}}""")),
            Climb.tempo(Bpm.of(60), Bpm.of(76), LadderScheme.fixed(8)));

    private static final Ascent OTHER =
            Ascent.of(LADDER.step(), Climb.tempo(Bpm.of(58), Bpm.of(80), LadderScheme.fixed(4)));

    /** A hundred made-up logs: after every line, what was written is what is read. */
    @Test
    void progress_survives_a_column_after_every_line_of_a_log() {
        Random random = new Random(11);
        for (int log = 0; log < 100; log++) {
            Progress progress = Progress.start(LADDER.step().key(), LADDER);
            LocalDate day = MONDAY;
            for (int line = 0; line < 40; line++) {
                if (random.nextInt(4) == 0) day = day.plusDays(1 + random.nextInt(9));
                progress = progress.then(
                        switch (random.nextInt(15)) {
                            case 0 -> new Decision(new ClimbEvent.Placed(Position.of(random.nextInt(3)), day));
                            case 1 -> new Decision(new ClimbEvent.Changed(OTHER, day));
                            default -> take(random, day);
                        });
                String text = ProgressJson.text(progress);
                assertThat(ProgressJson.parse(text)
                                .orElseThrow()
                                .read(LADDER.step().key(), progress.standing().ascent()))
                        .isEqualTo(progress);
            }
        }
    }

    private static Take take(Random random, LocalDate day) {
        boolean clean = random.nextInt(10) < 8;
        Slipped slipped = clean
                ? Slipped.NOTHING
                : new Slipped(List.of(SlipKind.NOTES), List.of(new Slipped.Note(3, Pitch.parse("Gb4"))));
        return new Take(
                Bpm.of(60 + 8 * random.nextInt(3)), List.of(), clean ? Outcome.CLEAN : Outcome.SLIPS, day, slipped);
    }

    @Test
    void nothing_yet_survives_as_well() {
        Progress start = Progress.start(LADDER.step().key(), LADDER);
        String text = ProgressJson.text(start);
        assertThat(ProgressJson.parse(text).orElseThrow().read(LADDER.step().key(), LADDER))
                .isEqualTo(start);
    }
}
