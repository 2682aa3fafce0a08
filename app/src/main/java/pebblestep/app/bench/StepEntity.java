package pebblestep.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A kept step: its validated document, and its climb. */
@Entity
@Table(name = "steps")
class StepEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long routineId;
    int position;
    String title;

    @JdbcTypeCode(SqlTypes.JSON)
    String document;

    @JdbcTypeCode(SqlTypes.JSON)
    String climb;

    /** What a list shows of it; null for steps kept before there were climbs. */
    String inKey;

    String tonic;
    Boolean minorKey;
    Integer rungs;
    Integer seconds;
    String profile;
    boolean archived;

    @Version
    int version;

    Instant updatedAt;

    /** Whether all is kept that a list shows of it. */
    boolean isMeasured() {
        return inKey != null
                && tonic != null
                && minorKey != null
                && rungs != null
                && seconds != null
                && profile != null;
    }
}
