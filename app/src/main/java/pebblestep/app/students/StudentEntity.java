package pebblestep.app.students;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalTime;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

/** A student of a studio. The practice link is made from the id and the link's version; no secret is stored. */
@Entity
@Table(name = "students")
@SQLRestriction("deleted_at is null")
class StudentEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    String name;
    String instrument;
    String level;

    @Nullable
    String lowest;

    @Nullable
    String highest;

    /** Frequency of A4 in hertz. */
    BigDecimal referencePitch;

    /** What their hand can, as a document. */
    @Nullable
    String hand;

    /** How long they practise on a day. */
    @Nullable
    @Column(name = "minutes_a_day")
    Integer minutesADay;

    /** Day of the lesson, 1 being Monday. */
    @Nullable
    Integer lessonDay;

    @Nullable
    LocalTime lessonTime;

    @Nullable
    String parentNote;

    /** With whom they are given the same. */
    @Nullable
    String className;

    /** Where the letter about their week goes. */
    @Nullable
    String letterTo;

    /** Whether the quiz is given as practice. */
    boolean quizGiven;

    int linkVersion;
    boolean archived;

    @Version
    int version;

    Instant createdAt;
}
