package pebblestep.app.assignments;

import java.time.DayOfWeek;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Days of the week as a column holds them: one bit for each, Monday first. */
public final class Weekdays {
    static final int ALL = 127;

    private Weekdays() {}

    /** From numbers, 1 being Monday; every day without any. */
    public static int bits(Collection<Integer> numbers) {
        if (numbers.isEmpty()) return ALL;
        return numbers.stream().mapToInt(number -> 1 << (number - 1)).reduce(0, (a, b) -> a | b);
    }

    /** The days of the bits. */
    public static Set<DayOfWeek> days(int bits) {
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            if ((bits & 1 << (day.getValue() - 1)) != 0) days.add(day);
        }
        return days;
    }

    /** The numbers of the days, 1 being Monday. */
    public static List<Integer> numbers(int bits) {
        return days(bits).stream().map(DayOfWeek::getValue).toList();
    }
}
