package pebblestep.app.accounts;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

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
    int epoch = 1;
    Instant createdAt;
}
