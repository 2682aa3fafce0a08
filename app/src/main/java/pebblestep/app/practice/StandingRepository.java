package pebblestep.app.practice;

import jakarta.persistence.LockModeType;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import pebblestep.core.practice.Outcome;

interface StandingRepository extends JpaRepository<StandingEntity, Long> {
    /** What is kept of one assignment, as text. */
    record Kept(long assignmentId, String state, int decisions, long version) {}

    /** A student's last take. */
    record Last(long studentId, BigDecimal bpm, Outcome outcome, Instant takenAt, LocalDate takenOn) {}

    @Query(
            """
            select new pebblestep.app.practice.StandingRepository$Kept(s.assignmentId, s.state, s.decisions, s.version)
            from StandingEntity s where s.assignmentId in :assignmentIds""")
    List<Kept> kept(Collection<Long> assignmentIds);

    /** One, for a change: nobody else changes it meanwhile. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from StandingEntity s where s.assignmentId = :assignmentId")
    Optional<StandingEntity> locked(long assignmentId);

    long countByAssignmentIdInAndLearned(Collection<Long> assignmentIds, boolean learned);

    /** When each of these students last played: the student, and the moment. */
    @Query(
            """
            select s.studentId, max(s.lastTakeAt) from StandingEntity s
            where s.studentId in :studentIds and s.lastTakeAt is not null group by s.studentId""")
    List<Object[]> lastMoments(Collection<Long> studentIds);

    /** The last takes of these students that were at one of these moments. */
    @Query(
            """
            select new pebblestep.app.practice.StandingRepository$Last(
              s.studentId, s.lastBpm, s.lastOutcome, s.lastTakeAt, s.lastOn)
            from StandingEntity s
            where s.studioId = :studioId and s.studentId in :studentIds and s.lastTakeAt in :moments""")
    List<Last> lastAt(long studioId, Collection<Long> studentIds, Collection<Instant> moments);

    /** Days of practice and rungs climbed on them. */
    record Climbed(long days, long rungs) {}

    /** What a studio has climbed with the pieces that were played since a day. */
    @Query(
            """
            select new pebblestep.app.practice.StandingRepository$Climbed(
              coalesce(sum(s.paceDays), 0L), coalesce(sum(s.paceRungs), 0L))
            from StandingEntity s where s.studioId = :studioId and s.lastOn >= :since""")
    Climbed climbed(long studioId, LocalDate since);
}
