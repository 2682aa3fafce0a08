package pebblestep.app.bench;

import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoutineRepository extends JpaRepository<RoutineEntity, Long> {
    Optional<RoutineEntity> findByIdAndStudioId(long id, long studioId);

    Optional<RoutineEntity> findFirstByStudioIdAndArchivedAndTitleOrderByUpdatedAtDesc(
            long studioId, boolean archived, String title);

    Page<RoutineEntity> findByStudioIdAndArchived(long studioId, boolean archived, Pageable page);
}
