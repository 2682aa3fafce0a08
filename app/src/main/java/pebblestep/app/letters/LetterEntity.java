package pebblestep.app.letters;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A letter that a studio sent, or would have. */
@Entity
@Table(name = "letters")
class LetterEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;

    @Nullable
    Long studentId;

    Instant sentAt;
    String recipient;
    String subject;
    String text;

    /** The server that took it; null where it was kept alone. */
    @Nullable
    String through;
}
