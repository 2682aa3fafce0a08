package pebblestep.app.bench;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRepository extends JpaRepository<StepEntity, Long> {
    Optional<StepEntity> findByIdAndStudioId(long id, long studioId);

    List<StepEntity> findByRoutineIdAndArchivedFalseOrderByPosition(long routineId);

    List<StepEntity> findByRoutineIdInAndArchivedFalse(Collection<Long> routineIds);
}
