package pebblestep.app.keyplans;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan;

/** A key plan of one student, with its steps as they were when it was given. */
@Entity
@Table(name = "key_plans")
class KeyPlanEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;
    String title;

    /** The steps, as {@link PlanSteps} writes them. */
    String steps;

    /** The name of the order, or OWN. */
    String keyOrder;

    /** The keys of a round in their order, with spaces between. */
    String keys;

    boolean thereAndBack;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    FormSet forms;

    /** {@code concert} or {@code written}. */
    String named;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    KeyPlan.Pace pace;

    LocalDate startsOn;
    int weekdays;
    int dailyMinutes;
    boolean ended;

    /** The day on which something has to be done about it; none while it waits. */
    @Nullable
    LocalDate dueOn;

    Instant createdAt;
}
