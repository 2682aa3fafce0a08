package pebblestep.documents.practice;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import pebblestep.core.minutes.InMinutes;

/**
 * What a student has to practise on a day.
 *
 * @param room a name of this room that stays when the link is renewed: what a device kept for it goes with the new link
 * @param done what the day has brought on all of it
 * @param minutes what all that is to be played takes, rounded up piece by piece
 * @param trims what was left out or shortened so that it fits into the student's minutes
 * @param cautions what to take care of whatever is practised
 */
public record Today(
        String room,
        String student,
        String instrument,
        LocalDate day,
        List<TodayItem> items,
        DonePart done,
        long minutes,
        List<String> trims,
        List<CautionPart> cautions) {

    /**
     * What a day has brought.
     *
     * @param takes how often something was played
     * @param clean how many of these were clean
     * @param time how long was practised, as far as that is known, to the minute in words
     */
    public record DonePart(int takes, int clean, String time) {
        static DonePart of(List<TodayItem> items) {
            long seconds =
                    items.stream().mapToLong(item -> item.day().seconds()).sum();
            return new DonePart(
                    items.stream().mapToInt(item -> item.day().takes()).sum(),
                    items.stream().mapToInt(item -> item.day().clean()).sum(),
                    InMinutes.about(Duration.ofSeconds(seconds)));
        }
    }
}
