package pebblestep.app.assignments;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/**
 * What the teacher decided about an assignment: another climb, also of another step, another rung, to hold them there, or to take an earlier
 * decision back. Never changed.
 */
@Entity
@Immutable
@Table(name = "assignment_changes")
class ChangeEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long assignmentId;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    String climb;

    /** The step that takes the place of the one that was given; null where that goes on. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    String document;

    String placedAt;

    /** Whether the teacher holds the student on the rung; null where something else was decided. */
    @Nullable
    Boolean held;

    /** The decision that is taken back; null where something was decided. */
    @Nullable
    Long undoes;

    /** The teacher who decided; null where it is not known. */
    @Nullable
    Long decidedBy;

    Instant decidedAt;
    LocalDate decidedOn;
}
