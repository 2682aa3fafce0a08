package pebblestep.app.students;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudioInstrumentRepository extends JpaRepository<StudioInstrumentEntity, Long> {
    Optional<StudioInstrumentEntity> findByIdAndStudioId(long id, long studioId);

    List<StudioInstrumentEntity> findByStudioIdOrderByName(long studioId, Limit limit);

    long countByStudioId(long studioId);
}
