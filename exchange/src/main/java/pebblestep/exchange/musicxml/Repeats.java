package pebblestep.exchange.musicxml;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.ScorePartwise.Part.Measure;
import org.audiveris.proxymusic.StartStopDiscontinue;

/** Plays out the repeats of a part: which measures are heard, in order, with endings of their own. */
final class Repeats {
    /** More measures than any line can have are not played out. */
    private static final int MOST = 400;

    private Repeats() {}

    /** The measures as they are heard; repeats beyond four hundred measures are not played out. */
    static List<Integer> heard(List<Measure> part) {
        List<List<Barline>> measures = part.stream().map(Repeats::barlines).toList();
        List<Integer> heard = new ArrayList<>();
        Set<Integer> done = new HashSet<>();
        int from = 0;
        int time = 1;
        int at = 0;
        while (at < measures.size() && heard.size() <= MOST) {
            if (isForward(measures.get(at)) && at != from) {
                from = at;
                time = 1;
            }
            int skipTo = endOfOtherEnding(measures, at, time);
            if (skipTo > at) {
                at = skipTo;
                continue;
            }
            heard.add(at);
            int times = backward(measures.get(at));
            if (times > 0 && !done.contains(at)) {
                if (time < times) {
                    time++;
                    at = from;
                    continue;
                }
                done.add(at);
                from = at + 1;
                time = 1;
            }
            at++;
        }
        return heard;
    }

    private static boolean isForward(List<Barline> measure) {
        return measure.stream()
                .anyMatch(
                        line -> line.getRepeat() != null && line.getRepeat().getDirection() == BackwardForward.FORWARD);
    }

    /** How often a stretch is played that is repeated from here; 0 where nothing is. */
    private static int backward(List<Barline> measure) {
        return measure.stream()
                .filter(line -> line.getRepeat() != null && line.getRepeat().getDirection() == BackwardForward.BACKWARD)
                .mapToInt(line -> line.getRepeat().getTimes() == null
                        ? 2
                        : line.getRepeat()
                                .getTimes()
                                .min(java.math.BigInteger.valueOf(MOST))
                                .intValue())
                .findFirst()
                .orElse(0);
    }

    /** Where an ending that begins here is over, if it is for another time; else here. */
    private static int endOfOtherEnding(List<List<Barline>> measures, int at, int time) {
        boolean other = measures.get(at).stream()
                .anyMatch(line -> line.getEnding() != null
                        && line.getEnding().getType() == StartStopDiscontinue.START
                        && !numbers(line.getEnding().getNumber()).contains(time));
        if (!other) return at;
        for (int end = at; end < measures.size(); end++) {
            boolean over = measures.get(end).stream()
                    .anyMatch(line ->
                            line.getEnding() != null && line.getEnding().getType() != StartStopDiscontinue.START);
            if (over) return end + 1;
        }
        return at;
    }

    private static Set<Integer> numbers(String text) {
        Set<Integer> numbers = new HashSet<>();
        for (String one : text.split("[^0-9]+")) {
            if (!one.isEmpty() && one.length() < 4) numbers.add(Integer.parseInt(one));
        }
        return numbers;
    }

    private static List<Barline> barlines(Measure measure) {
        return measure.getNoteOrBackupOrForward().stream()
                .filter(Barline.class::isInstance)
                .map(Barline.class::cast)
                .toList();
    }
}
