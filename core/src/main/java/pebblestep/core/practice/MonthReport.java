package pebblestep.core.practice;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Rounding;
import pebblestep.core.Words;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Key;

/**
 * A month of practice in plain words, for a parent: no note values, no signs, no terms of the trade.
 *
 * @param practised how much, in one sentence
 * @param learned what was learned; each key once
 * @param growing what grows, each with how far it came
 * @param kept what was learned before and came back
 */
public record MonthReport(String practised, List<String> learned, List<String> growing, List<String> kept) {
    private static final int SECONDS = 60;
    private static final int MINUTES = 60;

    public MonthReport {
        learned = List.copyOf(learned);
        growing = List.copyOf(growing);
        kept = List.copyOf(kept);
    }

    /**
     * The report of a month.
     *
     * @param name the student's first name
     * @param seconds seconds practised by day
     */
    public static MonthReport of(
            String name, YearMonth month, LocalDate today, Map<LocalDate, Long> seconds, List<Work> works) {
        LocalDate last = month.atEndOfMonth();
        int days = last.isAfter(today) ? Math.max(1, today.getDayOfMonth()) : month.lengthOfMonth();
        if (month.isAfter(YearMonth.from(today))) days = month.lengthOfMonth();
        List<String> learned = new ArrayList<>();
        List<String> growing = new ArrayList<>();
        List<String> kept = new ArrayList<>();
        for (Work work : works) say(work, month, learned, growing, kept);
        return new MonthReport(
                practised(name, days, seconds, month),
                learned.stream().distinct().toList(),
                growing,
                kept);
    }

    private static String practised(String name, int days, Map<LocalDate, Long> seconds, YearMonth month) {
        long on = seconds.values().stream().filter(some -> some > 0).count();
        long minutes = Rounding.whole(
                seconds.values().stream().mapToLong(Long::longValue).sum() / (double) SECONDS);
        if (on == 0) return name + " did not log any practice in " + Words.month(month) + ".";
        return name + " practised on " + on + " of " + days + " days, " + inWords(minutes) + " in all: about "
                + Math.max(1, Rounding.whole(minutes / (double) on)) + " minutes each time.";
    }

    private static String inWords(long minutes) {
        if (minutes < MINUTES) return Words.counted(minutes, "minute");
        String hours = Words.counted(minutes / MINUTES, "hour");
        return minutes % MINUTES == 0 ? hours : hours + " " + Words.counted(minutes % MINUTES, "minute");
    }

    private static void say(Work work, YearMonth month, List<String> learned, List<String> growing, List<String> kept) {
        List<Take> takes = work.takes().stream()
                .filter(take -> YearMonth.from(take.day()).equals(month))
                .toList();
        if (takes.isEmpty()) return;
        Optional<LocalDate> learnedOn = learnedOn(work, month);
        String scale = inWords(work.key());
        if (learnedOn.filter(day -> YearMonth.from(day).equals(month)).isPresent()) learned.add(scale);
        else if (learnedOn.isPresent()) {
            long clean = takes.stream().filter(Take::isClean).count();
            kept.add(scale + ": " + clean + " of " + Words.counted(takes.size(), "time") + " without a slip");
        } else growing.add(scale + grown(work, takes, month));
    }

    /** The day on which it was learned, seen from the end of the month. */
    private static Optional<LocalDate> learnedOn(Work work, YearMonth month) {
        List<Entry> until = work.entries().stream()
                .filter(entry -> !entry.event().day().isAfter(month.atEndOfMonth()))
                .toList();
        return Reviews.of(new Work(work.key(), work.given(), until)).map(Reviews::learned);
    }

    private static String grown(Work work, List<Take> takes, YearMonth month) {
        List<Take> clean = takes.stream().filter(Take::isClean).toList();
        if (clean.isEmpty()) return ": begun, not yet without slips";
        long best = fastest(clean);
        List<Take> before = work.takes().stream()
                .filter(take -> take.isClean() && take.day().isBefore(month.atDay(1)))
                .toList();
        long from = before.isEmpty() ? Rounding.whole(clean.get(0).bpm().toDouble()) : fastest(before);
        boolean sameValues = clean.stream().allMatch(take -> take.others().isEmpty());
        if (!sameValues || from >= best) {
            return ": without a slip " + clean.size() + " of " + Words.counted(takes.size(), "time");
        }
        return ": from " + from + " to " + best + " beats a minute without a slip";
    }

    private static long fastest(List<Take> takes) {
        return takes.stream()
                .mapToLong(take -> Rounding.whole(take.bpm().toDouble()))
                .max()
                .orElse(0);
    }

    /** A key without signs: {@code B flat major}. */
    public static String inWords(Key key) {
        return inWords(key.tonic()) + " " + key.form().name();
    }

    private static String inWords(NoteName note) {
        String[] signs = {" double flat", " flat", "", " sharp", " double sharp"};
        return note.letter() + signs[note.alteration() + 2];
    }
}
