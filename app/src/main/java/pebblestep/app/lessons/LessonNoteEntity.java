package pebblestep.app.lessons;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What the teacher wrote down in a lesson. */
@Entity
@Table(name = "lesson_notes")
class LessonNoteEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;
    LocalDate heldOn;
    String text;

    /** The part that is meant for the parents; empty where none is. */
    String toParents;

    @Version
    int version;

    /** The teacher who wrote it last; null where it is not known. */
    @Nullable
    Long writtenBy;

    Instant writtenAt;
}
