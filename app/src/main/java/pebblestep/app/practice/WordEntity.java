package pebblestep.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** A line that a student wrote to the teacher; never changed. */
@Entity
@Immutable
@Table(name = "words_to_teacher")
class WordEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;
    UUID clientId;
    String text;
    Instant saidAt;
    LocalDate saidOn;
    Instant receivedAt;
}
