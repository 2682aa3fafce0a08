package pebblestep.documents.practice;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.Cautions.Moment;
import pebblestep.core.practice.Cautions.Sitting;

/**
 * Whether it is time for a caution.
 *
 * @param cautions those that can matter
 * @param seconds practised today
 * @param shown on which day each was shown last, by its moment; moments that are not known any more are passed over
 * @param away what was put away
 */
public record CautionAsked(
        List<CautionPart> cautions,
        LocalDate day,
        long seconds,
        boolean headphones,
        Map<String, LocalDate> shown,
        List<Moment> away) {

    /** The caution for now; absent where there is none. */
    public record CautionAnswer(@Nullable CautionPart caution) {}

    /** Works it out. */
    public CautionAnswer answer() {
        Map<Moment, LocalDate> last = new EnumMap<>(Moment.class);
        Arrays.stream(Moment.values()).forEach(moment -> {
            LocalDate on = shown.get(moment.id());
            if (on != null) last.put(moment, on);
        });
        Sitting sitting = new Sitting(day, seconds, headphones, last, Set.copyOf(away));
        return new CautionAnswer(
                Cautions.due(cautions.stream().map(CautionPart::read).toList(), sitting)
                        .map(caution -> new CautionPart(caution.moment(), caution.text()))
                        .orElse(null));
    }
}
