package pebblestep.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.Outcome;

/** What the log of one assignment comes to, kept up with each line. */
@Entity
@Table(name = "standings")
class StandingEntity {
    @Id
    Long assignmentId;

    Long studioId;
    Long studentId;

    @JdbcTypeCode(SqlTypes.JSON)
    String state;

    /** The moment of the last line; none before the first. */
    @Nullable
    Instant lastAt;

    @Nullable
    Instant lastTakeAt;

    @Nullable
    BigDecimal lastBpm;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Nullable
    Outcome lastOutcome;

    @Nullable
    LocalDate lastOn;

    boolean learned;

    /** The day on which the last rung was passed. */
    @Nullable
    LocalDate learnedOn;

    int failed;

    /** Days of practice of four weeks up to the last, and the rungs climbed on them. */
    int paceDays;

    int paceRungs;

    /** How many decisions it counts; a reader who knows of others has to read them again. */
    int decisions;

    @Version
    @Nullable
    Long version;
}
