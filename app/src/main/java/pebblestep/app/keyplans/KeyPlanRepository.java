package pebblestep.app.keyplans;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface KeyPlanRepository extends JpaRepository<KeyPlanEntity, Long> {
    Optional<KeyPlanEntity> findByIdAndStudioId(long id, long studioId);

    List<KeyPlanEntity> findByStudioIdAndStudentIdAndEndedOrderById(long studioId, long studentId, boolean ended);

    /** One, for a change: nobody else changes it meanwhile. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from KeyPlanEntity p where p.id = :id")
    Optional<KeyPlanEntity> locked(long id);

    /** The plans behind that id about which something has to be done by a day. */
    @Query("select p.id from KeyPlanEntity p where p.ended = false and p.dueOn <= :day and p.id > :after order by p.id")
    List<Long> due(long after, LocalDate day, Limit limit);
}
