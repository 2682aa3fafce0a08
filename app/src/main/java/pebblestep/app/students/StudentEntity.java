package pebblestep.app.students;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A student of a studio. The practice link is made from the id and the link's version; no secret is stored. */
@Entity
@Table(name = "students")
class StudentEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    String name;
    String instrument;
    String level;

    @Nullable
    String lowest;

    @Nullable
    String highest;

    int linkVersion;
    boolean archived;

    @Version
    int version;

    Instant createdAt;
}
