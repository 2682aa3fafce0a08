package pebblestep.app.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How a studio's lessons stand in calendars. */
@Entity
@Table(name = "studio_calendars")
class StudioCalendarEntity {
    @Id
    Long studioId;

    String zone;
    int lessonMinutes;
}
