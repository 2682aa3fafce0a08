package pebblestep.app.assignments;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AssignmentRepository extends JpaRepository<AssignmentEntity, Long> {
    Optional<AssignmentEntity> findByIdAndStudioId(long id, long studioId);

    List<AssignmentEntity> findByStudioIdAndStudentIdOrderByStartsOnDescIdDesc(
            long studioId, long studentId, Limit limit);

    List<AssignmentEntity> findByPlanId(long planId);

    /** What these students were given and still have on a day or come back to: everything that has begun and was not ended. */
    @Query(
            """
            select a from AssignmentEntity a
            where a.studioId = :studioId and a.studentId in :studentIds and a.ended = false and a.overtaken = false and a.startsOn <= :day
            order by a.startsOn, a.id""")
    List<AssignmentEntity> begun(long studioId, Collection<Long> studentIds, LocalDate day);
}
