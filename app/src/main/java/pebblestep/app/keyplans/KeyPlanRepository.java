package pebblestep.app.keyplans;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeyPlanRepository extends JpaRepository<KeyPlanEntity, Long> {
    Optional<KeyPlanEntity> findByIdAndStudioId(long id, long studioId);

    List<KeyPlanEntity> findByStudioIdAndStudentIdAndEndedOrderById(long studioId, long studentId, boolean ended);

    @Query(
            """
            select p.id from KeyPlanEntity p
            where p.studioId = :studioId and p.studentId in :studentIds and p.ended = false and p.dueOn <= :day""")
    List<Long> due(long studioId, Collection<Long> studentIds, LocalDate day);
}
