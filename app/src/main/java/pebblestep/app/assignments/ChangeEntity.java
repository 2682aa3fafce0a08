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

/** What the teacher decided about an assignment: another climb, or another rung. Never changed. */
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
    String climb;

    String placedAt;
    Instant decidedAt;
    LocalDate decidedOn;
}
