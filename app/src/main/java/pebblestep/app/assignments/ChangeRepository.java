package pebblestep.app.assignments;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ChangeRepository extends JpaRepository<ChangeEntity, Long> {
    List<ChangeEntity> findByAssignmentIdInOrderById(Collection<Long> assignmentIds);
}
