package pebblestep.documents.practice;

import java.time.LocalDate;
import java.util.List;

/**
 * What a student has to practise on a day.
 *
 * @param room a name of this room that stays when the link is renewed: what a device kept for it goes with the new link
 * @param trims what was left out or shortened so that it fits into the student's minutes
 * @param cautions what to take care of whatever is practised
 */
public record Today(
        String room,
        String student,
        String instrument,
        LocalDate day,
        List<TodayItem> items,
        List<String> trims,
        List<CautionPart> cautions) {}
