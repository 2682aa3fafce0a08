package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import pebblestep.core.scale.Key;

/**
 * What slips in a key over time: in all takes, and beside it in those of the last days, so that one sees whether it still
 * does.
 *
 * @param all the tally of all takes
 * @param lately the tally of the last {@value #DAYS} days
 */
public record SlipTrend(SlipTally all, SlipTally lately) {
    /** The days that count as the last ones, today among them: two lessons, where there is one a week. */
    public static final int DAYS = 14;

    /** The trend of takes in one key, seen on a day. Later takes count as well: a clock may be ahead. */
    public static SlipTrend of(Key key, List<Take> takes, LocalDate today) {
        LocalDate before = today.minusDays(DAYS);
        List<Take> last =
                takes.stream().filter(take -> take.day().isAfter(before)).toList();
        return new SlipTrend(SlipTally.of(key, SlipCount.of(takes)), SlipTally.of(key, SlipCount.of(last)));
    }

    /**
     * In sentences with numbers, most often first: {@code G natural for G♭: 7 of 12 takes, 1 of 4 in the last 14
     * days}.
     * The numbers of all takes stand alone where none of them, or every one, is of the last days.
     */
    public List<String> sentences() {
        if (lately.takes() == 0 || lately.takes() == all.takes()) return all.sentences();
        Map<String, Integer> last =
                lately.lines().stream().collect(Collectors.toMap(SlipTally.Line::what, SlipTally.Line::takes));
        List<String> sentences = all.sentences();
        List<SlipTally.Line> lines = all.lines();
        return IntStream.range(0, lines.size())
                .mapToObj(i ->
                        sentences.get(i) + ", " + last.getOrDefault(lines.get(i).what(), 0) + " of " + lately.takes()
                                + " in the last " + DAYS + " days")
                .toList();
    }
}
