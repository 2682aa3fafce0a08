package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pebblestep.core.climb.Standing;

/**
 * How long a student has been on the rung to play now: takes and days of practice since they came to it.
 *
 * @param takes how many
 * @param on on which days, each once
 */
public record Rungstay(int takes, List<LocalDate> on) {
    /** Just come. */
    public static final Rungstay NONE = new Rungstay(0, List.of());

    public Rungstay {
        on = List.copyOf(on);
    }

    /** On how many days. */
    public int days() {
        return on.size();
    }

    /**
     * The stay after one more entry.
     *
     * @param before where the student stood
     * @param after where they stand after it
     */
    Rungstay then(Standing before, Entry entry, Standing after) {
        LocalDate day = entry.event().day();
        // A rung that opened overnight is another one.
        Standing asked = before.on(day);
        if (entry instanceof Decision || !after.at().equals(asked.at())) return NONE;
        Rungstay here = asked.at().equals(before.at()) ? this : NONE;
        if (here.on.contains(day)) return new Rungstay(here.takes + 1, here.on);
        List<LocalDate> more = new ArrayList<>(here.on);
        more.add(day);
        return new Rungstay(here.takes + 1, more);
    }
}
