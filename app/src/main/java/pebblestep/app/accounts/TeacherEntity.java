package pebblestep.app.accounts;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A teacher of a studio. The password is kept as its BCrypt hash only. */
@Entity
@Table(name = "teachers")
class TeacherEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    String name;
    String email;
    String passwordHash;
    /** What a teacher may do in a studio. */
    enum Role {
        /** Everything. */
        OWNER,
        /** Everything about students and material; not the studio itself, its teachers, or deleting for good. */
        TEACHER
    }

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    Role role = Role.OWNER;

    /** When they left the studio; null while they are there. */
    @Nullable
    Instant leftAt;

    int epoch = 1;
    Instant createdAt;
}
