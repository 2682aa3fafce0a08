package pebblestep.app.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A day on which a student has no lesson, or nobody has. */
@Entity
@Table(name = "lessons_off")
class LessonOffEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;

    @Nullable
    Long studentId;

    LocalDate offOn;
}
