package pebblestep.app.quiz;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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
import pebblestep.core.quiz.QuestionKind;

/** One answer; never changed. */
@Entity
@Immutable
@Table(name = "quiz_answers")
class QuizAnswerEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    QuestionKind kind;

    String tonic;
    String form;

    @Nullable
    String pitch;

    String answer;
    boolean isRight;
    boolean inLesson;
    Instant answeredAt;
    LocalDate answeredOn;
}
