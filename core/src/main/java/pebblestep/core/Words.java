package pebblestep.core;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;

/**
 * English put together in one place: plurals, numbers, lists and dates. Months come from a small table, so that the rules
 * need no formatter and say the same wherever they run.
 */
public final class Words {
    private static final String[] SMALL = {
        "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
    };
    private static final String[] MONTHS = {
        "January",
        "February",
        "March",
        "April",
        "May",
        "June",
        "July",
        "August",
        "September",
        "October",
        "November",
        "December"
    };

    private Words() {}

    /** So many of something that takes an s: {@code 1 day}, {@code 3 days}. */
    public static String counted(long count, String one) {
        return count + " " + plural(count, one);
    }

    /** The same of a number with one decimal at most: {@code 0.7 rungs}, {@code 1 rung}. */
    public static String measured(double count, String one) {
        String number = plain(count);
        return number + " " + (number.equals("1") ? one : one + "s");
    }

    /** The same with the number spelled as {@link #number} does: {@code one octave}, {@code two octaves}. */
    public static String spelled(long count, String one) {
        return number(count) + " " + plural(count, one);
    }

    /** A word for one or for several, without the number: {@code day}, {@code days}. */
    public static String plural(long count, String one) {
        return count == 1 ? one : one + "s";
    }

    /** A number as read in a sentence: spelled from no to twelve, else in figures. */
    public static String number(long count) {
        return count >= 0 && count < SMALL.length ? SMALL[(int) count] : Long.toString(count);
    }

    /** A number with one decimal, half up: {@code 4.8}, {@code 5.0}. */
    public static String decimal(double number) {
        long tenths = Rounding.times(Math.abs(number), 10);
        return (number < 0 && tenths > 0 ? "-" : "") + tenths / 10 + "." + tenths % 10;
    }

    /** The same, without a decimal that says nothing: {@code 4.8}, {@code 5}. */
    public static String plain(double number) {
        String text = decimal(number);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }

    /** Several things as a sentence lists them: {@code a}, {@code a and b}, {@code a, b and c}. */
    public static String list(List<String> things) {
        return joined(things, " and ");
    }

    /** The same where one of them is meant: {@code a, b or c}. */
    public static String either(List<String> things) {
        return joined(things, " or ");
    }

    private static String joined(List<String> things, String last) {
        if (things.size() < 2) return String.join("", things);
        return String.join(", ", things.subList(0, things.size() - 1)) + last + things.getLast();
    }

    /** Words as they begin a sentence. */
    public static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** A sentence as it goes on inside another. */
    public static String small(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    /** A day: {@code 1 December}. */
    public static String day(LocalDate day) {
        return day.getDayOfMonth() + " " + MONTHS[day.getMonthValue() - 1];
    }

    /** A day of any year: {@code 1 December 2026}. */
    public static String dayAndYear(LocalDate day) {
        return day(day) + " " + day.getYear();
    }

    /** A month: {@code December 2026}. */
    public static String month(YearMonth month) {
        return MONTHS[month.getMonthValue() - 1] + " " + month.getYear();
    }
}
