package pebblestep.app.goals;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RequiredScaleRepository extends JpaRepository<RequiredScaleEntity, Long> {
    List<RequiredScaleEntity> findByStudioIdAndStudentIdAndRemovedOrderByDueOnAscIdAsc(
            long studioId, long studentId, boolean removed);

    Optional<RequiredScaleEntity> findByIdAndStudioId(long id, long studioId);
}
