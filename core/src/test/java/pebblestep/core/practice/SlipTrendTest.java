package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class SlipTrendTest {
    private static final Key DB = Key.of(NoteName.parse("D♭"), Forms.of("major"));
    private static final LocalDate TODAY = ReviewsTest.MONDAY;

    private static Take slipped(int daysAgo) {
        Slipped slipped = new Slipped(List.of(SlipKind.NOTES), List.of(new Slipped.Note(3, Pitch.parse("G♭4"))));
        return new Take(Bpm.of(60), List.of(), Outcome.SLIPS, TODAY.minusDays(daysAgo), slipped);
    }

    private static Take clean(int daysAgo) {
        return new Take(Bpm.of(60), Outcome.CLEAN, TODAY.minusDays(daysAgo));
    }

    @Test
    void what_slipped_often_and_hardly_does_now_is_seen_in_the_numbers() {
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < 6; i++) takes.add(slipped(30 - i));
        for (int i = 0; i < 2; i++) takes.add(clean(20));
        takes.add(slipped(10));
        for (int i = 0; i < 3; i++) takes.add(clean(2));
        assertThat(SlipTrend.of(DB, takes, TODAY).sentences())
                .containsExactly(
                        "G natural for G♭: 7 of 12 takes, 1 of 4 in the last 14 days",
                        "notes: 7 of 12 takes, 1 of 4 in the last 14 days");
    }

    @Test
    void the_last_fourteen_days_are_today_and_the_thirteen_before() {
        assertThat(SlipTrend.of(DB, List.of(slipped(14), slipped(13)), TODAY)
                        .sentences()
                        .get(0))
                .isEqualTo("G natural for G♭: 2 of 2 takes, 1 of 1 in the last 14 days");
        assertThat(SlipTrend.of(DB, List.of(slipped(14), clean(0)), TODAY)
                        .sentences()
                        .get(0))
                .isEqualTo("G natural for G♭: 1 of 2 takes, 0 of 1 in the last 14 days");
    }

    @Test
    void where_none_or_all_are_of_the_last_days_the_whole_stands_alone() {
        assertThat(SlipTrend.of(DB, List.of(slipped(3), clean(0)), TODAY)
                        .sentences()
                        .get(0))
                .isEqualTo("G natural for G♭: 1 of 2 takes");
        assertThat(SlipTrend.of(DB, List.of(slipped(14)), TODAY).sentences())
                .containsExactly("G natural for G♭: 1 of 1 take", "notes: 1 of 1 take");
        assertThat(SlipTrend.of(DB, List.of(), TODAY).sentences()).isEmpty();
    }
}
