package pebblestep.exchange.calendar;

import java.time.LocalDate;

/**
 * A day on which there is something to practise.
 *
 * @param uid by which a calendar knows it
 * @param summary what a calendar shows
 * @param description what there is, in lines
 * @param state whether it stands
 */
public record PracticeDay(String uid, LocalDate day, String summary, String description, State state) {
    /** Whether a day stands, or what it was for has been taken away. */
    public enum State {
        STANDS,
        CANCELLED
    }
}
