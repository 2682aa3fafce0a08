package pebblestep.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.Outcome;

/** One line of the append-only log. */
@Entity
@Immutable
@Table(name = "takes")
class TakeEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;
    Long assignmentId;
    UUID clientId;
    BigDecimal bpm;

    /** The rungs of other axes than tempo that were played; null where the step grows by its tempo alone. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    String played;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    Outcome outcome;

    String note;

    /** How long it took, where that is known. */
    @Nullable
    Integer seconds;

    /** What slipped, where it was said. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    String slipped;

    /** Whether it was ticked on paper and typed in afterwards. */
    boolean onPaper;

    Instant takenAt;
    LocalDate takenOn;
    Instant receivedAt;
}
