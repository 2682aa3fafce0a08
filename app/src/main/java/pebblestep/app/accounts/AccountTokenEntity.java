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

/** What a letter lets its reader do once. */
@Entity
@Table(name = "account_tokens")
class AccountTokenEntity {
    /** What it lets them do. */
    enum Kind {
        /** Choose a new password. */
        RESET,
        /** Come in under another address from then on. */
        ADDRESS,
        /** Have the studio that was asked for with the address. */
        SIGN_UP,
        /** Teach in the studio that invites them. */
        JOIN
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    Kind kind;

    String hash;

    @Nullable
    Long teacherId;

    String email;

    /** The studio that invites. */
    @Nullable
    Long studioId;

    @Nullable
    String studio;

    @Nullable
    String name;

    @Nullable
    String passwordHash;

    Instant expiresAt;
}
