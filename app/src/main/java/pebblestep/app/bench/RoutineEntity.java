package pebblestep.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** A kept routine; its steps name it. */
@Entity
@Table(name = "routines")
class RoutineEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    String title;
    boolean archived;

    @Version
    int version;

    Instant updatedAt;
}
