package pebblestep.app.assignments;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import pebblestep.app.platform.Acting;

/** A step as it was when it was given to a student; changing the step later leaves this alone. */
@Entity
@Table(name = "assignments")
class AssignmentEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;
    Long stepId;
    /** The key plan that gave it, and how many keys that had left behind; null where the teacher gave it. */
    @Nullable
    Long planId;

    @Nullable
    Integer planPlace;

    /** Whether a decision about the plan has gone past it before it was begun. */
    boolean overtaken;

    String title;

    @JdbcTypeCode(SqlTypes.JSON)
    String document;

    @JdbcTypeCode(SqlTypes.JSON)
    String climb;

    /** The rung to begin on; the first without. */
    @Nullable
    String startAt;

    @Nullable
    BigDecimal goalBpm;

    @Nullable
    LocalDate goalOn;

    LocalDate startsOn;

    /** The last day; until it is learned without one. */
    @Nullable
    LocalDate endsOn;

    /** One bit for each day of the week, Monday first. */
    int weekdays;

    int dailyMinutes;
    boolean ended;

    /** The day on which its last rung was passed. */
    @Nullable
    LocalDate learnedOn;

    /** Reviews in a row that were not clean. */
    int failed;

    Instant createdAt;

    /** The teacher who gave it; null where a plan did, or where it is not known. */
    @Nullable
    Long givenBy = Acting.teacher();

    /** Whether it did not fit the student when their range or instrument was changed last. */
    boolean misfit;
}
