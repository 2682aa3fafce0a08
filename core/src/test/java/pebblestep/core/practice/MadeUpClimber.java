package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import pebblestep.core.climb.Ascent;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** A student whose pace is known, because it is made up: how often takes are clean, how many there are, on which days. */
record MadeUpClimber(double clean, int takesADay, double practises, Ascent ascent, LocalDate first) {
    private static final int MOST_DAYS = 3000;

    static MadeUpClimber of(Random random, Ascent ascent, LocalDate first) {
        return new MadeUpClimber(
                0.62 + 0.33 * random.nextDouble(), 3 + random.nextInt(6), (3 + random.nextInt(5)) / 7.0, ascent, first);
    }

    Progress start() {
        return Progress.start(Key.of(NoteName.parse("C"), Forms.of("major")), ascent);
    }

    /** The progress after so many days, or earlier where the climb is done. */
    Progress after(int days, Random random) {
        Progress so = start();
        for (int i = 0; i < days && !so.standing().topPassed(); i++) so = day(so, first.plusDays(i), random);
        return so;
    }

    /** The day on which the climb is done, for somebody who stands there on a day and has practised on it. */
    LocalDate done(Progress from, LocalDate today, Random random) {
        Progress so = from;
        LocalDate day = today;
        for (int i = 0; i < MOST_DAYS && !so.standing().topPassed(); i++) {
            day = day.plusDays(1);
            so = day(so, day, random);
        }
        return day;
    }

    private Progress day(Progress before, LocalDate day, Random random) {
        if (random.nextDouble() >= practises) return before;
        Progress so = before;
        int takes = Math.max(1, takesADay + random.nextInt(3) - 1);
        for (int i = 0; i < takes && !so.standing().topPassed(); i++) {
            Bpm bpm = ascent.bpm(so.standing().on(day).at());
            so = so.then(new Take(bpm, random.nextDouble() < clean ? Outcome.CLEAN : Outcome.SLIPS, day));
        }
        return so;
    }

    /** The days on which it would be done, if the same were lived again and again. */
    List<LocalDate> futures(Progress from, LocalDate today, int times, Random random) {
        List<LocalDate> days = new ArrayList<>();
        for (int i = 0; i < times; i++) days.add(done(from, today, random));
        return days.stream().sorted().toList();
    }
}
