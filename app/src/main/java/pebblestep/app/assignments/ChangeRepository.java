package pebblestep.app.assignments;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ChangeRepository extends JpaRepository<ChangeEntity, Long> {
    List<ChangeEntity> findByAssignmentIdInOrderById(Collection<Long> assignmentIds);

    /** What was decided about everything that is open in a studio on a day, or slips away. */
    @Query(
            """
            select c from AssignmentEntity a join ChangeEntity c on c.assignmentId = a.id
              left join StandingEntity s on s.assignmentId = a.id
            where a.studioId = :studioId and a.ended = false and a.overtaken = false and a.startsOn <= :day
              and (a.endsOn is null or a.endsOn >= :day or s.failed >= :failed)
            order by c.id""")
    List<ChangeEntity> ofOpen(long studioId, LocalDate day, int failed);
}
