package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;

/**
 * How long a student has been on the rung to play now: takes and days of practice since they came to it.
 *
 * @param takes how many
 * @param days on how many days
 */
record Rungstay(int takes, int days) {

    static Rungstay of(Work work) {
        Standing standing = Standing.start(work.given());
        int takes = 0;
        Set<LocalDate> days = new HashSet<>();
        for (Entry entry : work.entries()) {
            Position before = standing.at();
            // A rung that opened overnight is another one.
            standing = standing.on(entry.event().day());
            if (!standing.at().equals(before)) {
                takes = 0;
                days.clear();
            }
            Position asked = standing.at();
            standing = standing.then(entry.event());
            takes++;
            days.add(entry.event().day());
            if (entry instanceof Decision || !standing.at().equals(asked)) {
                takes = 0;
                days.clear();
            }
        }
        return new Rungstay(takes, days.size());
    }
}
