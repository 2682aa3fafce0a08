package pebblestep.app.bench;

import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRepository extends JpaRepository<StepEntity, Long> {
    Optional<StepEntity> findByIdAndStudioId(long id, long studioId);

    Page<StepEntity> findByStudioIdAndArchived(long studioId, boolean archived, Pageable page);
}
