package pebblestep.app.accounts;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A studio: the wall around everything a teacher keeps. */
@Entity
@Table(name = "studios")
class StudioEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    String settings;

    /** For which its practice links are sealed; studios of before have none. */
    String identity = "";

    Instant createdAt;

    /** When it was deleted; null while it is there. */
    @Nullable
    Instant deletedAt;

    @Version
    long version;
}
