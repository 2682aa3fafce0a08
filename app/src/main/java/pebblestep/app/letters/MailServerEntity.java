package pebblestep.app.letters;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** The mail server of a studio. */
@Entity
@Table(name = "mail_servers")
class MailServerEntity {
    @Id
    Long studioId;

    String host;
    int port;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    LetterViews.Security security;

    String username;

    /** Closed by this installation's key, in Base64; empty where there is none. */
    String sealedPassword;

    String sender;

    /** When it took a letter, or let somebody in, the last time it was tried; null where it was changed since. */
    @Nullable
    Instant testedAt;
}
