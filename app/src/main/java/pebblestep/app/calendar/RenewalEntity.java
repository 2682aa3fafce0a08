package pebblestep.app.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** How often the address of a calendar was renewed. */
@Entity
@Table(name = "calendar_renewals")
class RenewalEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;

    @Nullable
    Long studentId;

    int renewed;
}
