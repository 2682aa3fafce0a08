package pebblestep.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A kept step: its validated document, and the ladder it is climbed on. */
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

    BigDecimal ladderFrom;
    BigDecimal ladderTo;
    BigDecimal ladderBy;
    boolean archived;

    @Version
    int version;

    Instant updatedAt;
}
