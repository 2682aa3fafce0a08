package pebblestep.app.assignments;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AssignmentRepository extends JpaRepository<AssignmentEntity, Long> {
    String ROW =
            """
            select new pebblestep.app.assignments.AssignedRow(a.id, a.studioId, a.studentId, a.title, a.startAt, a.goalBpm,
              a.goalOn, a.startsOn, a.endsOn, a.weekdays, a.dailyMinutes)
            """;

    Optional<AssignmentEntity> findByIdAndStudioId(long id, long studioId);

    /** One, held for a change. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select a from AssignmentEntity a where a.id = :id")
    Optional<AssignmentEntity> locked(long id);

    List<AssignmentEntity> findByStudioIdAndStudentIdOrderByStartsOnDescIdDesc(
            long studioId, long studentId, Limit limit);

    /** What a student was given before an assignment, the last first. */
    @Query(
            """
            select a.id from AssignmentEntity a
            where a.studentId = :studentId and (a.startsOn < :from or (a.startsOn = :from and a.id < :id))
            order by a.startsOn desc, a.id desc""")
    List<Long> before(long studentId, LocalDate from, long id, Pageable page);

    /** What is open in a studio until a last day, as seen on a day: the index finds it by that. */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a
                    where a.studioId = :studioId and a.ended = false and a.endsOn >= :day
                      and a.overtaken = false and a.startsOn <= :day
                      and (a.learnedOn is null or a.learnedOn >= :learnedSince)""")
    List<AssignedRow> openUntil(long studioId, LocalDate day, LocalDate learnedSince, Limit limit);

    /** The same of what has no last day. */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a
                    where a.studioId = :studioId and a.ended = false and a.endsOn is null
                      and a.overtaken = false and a.startsOn <= :day
                      and (a.learnedOn is null or a.learnedOn >= :learnedSince)""")
    List<AssignedRow> openEndless(long studioId, LocalDate day, LocalDate learnedSince, Limit limit);

    /** What slips away in a studio, whenever it was given. */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a
                    where a.studioId = :studioId and a.failed >= :failed
                      and a.ended = false and a.overtaken = false and a.startsOn <= :day""")
    List<AssignedRow> slipping(long studioId, LocalDate day, int failed, Limit limit);

    /** These, which are a studio's own. */
    @Query(ROW + "from AssignmentEntity a where a.studioId = :studioId and a.id in :ids")
    List<AssignedRow> ofIds(long studioId, Collection<Long> ids);

    /** What did not fit its student's range when that was changed last. */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a
                    where a.studioId = :studioId and a.misfit = true
                      and a.ended = false and a.overtaken = false and a.startsOn <= :day""")
    List<AssignedRow> misfits(long studioId, LocalDate day, Limit limit);

    @Modifying
    @Query(
            """
            update AssignmentEntity a set a.misfit = case when a.id in :ids then true else false end
            where a.studioId = :studioId and a.studentId in :studentIds""")
    void mark(long studioId, Collection<Long> studentIds, Collection<Long> ids);

    /** Everything these students were given, newest first. */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a where a.studioId = :studioId and a.studentId in :studentIds
                    order by a.startsOn desc, a.id desc""")
    List<AssignedRow> allOf(long studioId, Collection<Long> studentIds, Limit limit);

    @Query(
            """
            select new pebblestep.app.assignments.GivenAscents$Texts(a.id, a.document, a.climb)
            from AssignmentEntity a where a.id in :ids""")
    List<GivenAscents.Texts> texts(Collection<Long> ids);

    List<AssignmentEntity> findByPlanId(long planId);

    /** What these students were given and still have on a day or come back to: everything that has begun and was not ended. */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a
                    where a.studioId = :studioId and a.studentId in :studentIds
                      and a.ended = false and a.overtaken = false and a.startsOn <= :day
                    order by a.startsOn, a.id""")
    List<AssignedRow> begun(long studioId, Collection<Long> studentIds, LocalDate day);

    /** The days of everything in a studio that is or was to be practised between two days. */
    @Query(
            """
            select new pebblestep.app.assignments.GivenDays(a.studentId, a.title, a.startsOn, a.endsOn, a.weekdays,
              a.dailyMinutes, a.ended, a.learnedOn)
            from AssignmentEntity a
            where a.studioId = :studioId and a.studentId in :studentIds and a.overtaken = false
              and a.startsOn <= :to and (a.endsOn is null or a.endsOn >= :from)
              and (a.learnedOn is null or a.learnedOn >= :from)
            order by a.startsOn, a.id""")
    List<GivenDays> days(long studioId, Collection<Long> studentIds, LocalDate from, LocalDate to, Limit limit);
}
