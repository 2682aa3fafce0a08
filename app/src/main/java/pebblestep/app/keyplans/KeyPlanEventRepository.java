package pebblestep.app.keyplans;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeyPlanEventRepository extends JpaRepository<KeyPlanEventEntity, Long> {
    List<KeyPlanEventEntity> findByPlanIdInOrderById(Collection<Long> planIds);
}
