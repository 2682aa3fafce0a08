package pebblestep.app.practice;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import pebblestep.core.practice.Outcome;

interface TakeRepository extends JpaRepository<TakeEntity, Long> {

    /** A take as far as the rules look at it. */
    record Row(
            long assignmentId,
            BigDecimal bpm,
            @Nullable String played,
            Outcome outcome,
            Instant takenAt,
            LocalDate takenOn,
            @Nullable String slipped) {}

    boolean existsByStudentIdAndClientId(long studentId, UUID clientId);

    @Query(
            """
            select new pebblestep.app.practice.TakeRepository$Row(
              t.assignmentId, t.bpm, t.played, t.outcome, t.takenAt, t.takenOn, t.slipped)
            from TakeEntity t where t.assignmentId in :assignmentIds order by t.takenAt, t.id""")
    List<Row> rows(Collection<Long> assignmentIds);

    /** How a student's takes since a day went, by outcome: takes, and how many there were. */
    @Query(
            """
            select t.outcome, count(t) from TakeEntity t
            where t.studioId = :studioId and t.studentId = :studentId and t.takenAt >= :since group by t.outcome""")
    List<Object[]> outcomesSince(long studioId, long studentId, Instant since);

    /** For how many seconds an assignment was practised on a day. */
    record Practised(long assignmentId, LocalDate day, long seconds) {}

    /** How long a student practised each assignment on each day since a moment. */
    @Query(
            """
            select t.assignmentId, t.takenOn, sum(coalesce(t.seconds, 0)) from TakeEntity t
            where t.studentId = :studentId and t.takenAt >= :since group by t.assignmentId, t.takenOn""")
    List<Practised> practised(long studentId, Instant since);

    /** How long one assignment was practised on each day since a moment. */
    @Query(
            """
            select t.assignmentId, t.takenOn, sum(coalesce(t.seconds, 0)) from TakeEntity t
            where t.studentId = :studentId and t.assignmentId = :assignmentId and t.takenAt >= :since
            group by t.assignmentId, t.takenOn""")
    List<Practised> practised(long studentId, long assignmentId, Instant since);

    /** How long a student practised on each day between two: the day, and seconds. */
    @Query(
            """
            select t.takenOn, sum(coalesce(t.seconds, 0)) from TakeEntity t
            where t.studioId = :studioId and t.studentId = :studentId and t.takenOn between :from and :to
            group by t.takenOn""")
    List<Object[]> secondsByDay(long studioId, long studentId, LocalDate from, LocalDate to);

    @Query(
            """
            select distinct t.assignmentId from TakeEntity t
            where t.studioId = :studioId and t.studentId = :studentId and t.takenOn between :from and :to""")
    List<Long> playedBetween(long studioId, long studentId, LocalDate from, LocalDate to);

    Page<TakeEntity> findByStudioIdAndStudentId(long studioId, long studentId, Pageable page);
}
