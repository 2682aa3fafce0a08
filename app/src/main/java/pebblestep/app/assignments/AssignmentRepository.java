package pebblestep.app.assignments;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AssignmentRepository extends JpaRepository<AssignmentEntity, Long> {
    String ROW =
            """
            select new pebblestep.app.assignments.AssignedRow(a.id, a.studioId, a.studentId, a.title, a.startAt, a.goalBpm,
              a.goalOn, a.startsOn, a.endsOn, a.weekdays, a.dailyMinutes)
            """;

    Optional<AssignmentEntity> findByIdAndStudioId(long id, long studioId);

    List<AssignmentEntity> findByStudioIdAndStudentIdOrderByStartsOnDescIdDesc(
            long studioId, long studentId, Limit limit);

    /**
     * What the students of a studio work on: open on the day and not learned for longer than since a day, and what slips
     * away whenever it was given.
     */
    @Query(
            ROW
                    + """
                    from AssignmentEntity a left join StandingEntity s on s.assignmentId = a.id
                    where a.studioId = :studioId and a.ended = false and a.overtaken = false and a.startsOn <= :day
                      and ((a.endsOn is null or a.endsOn >= :day)
                        and (s.learnedOn is null or s.learnedOn >= :learnedSince) or s.failed >= :failed)
                    order by a.startsOn, a.id""")
    List<AssignedRow> open(long studioId, LocalDate day, LocalDate learnedSince, int failed, Limit limit);

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
}
