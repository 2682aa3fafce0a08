package pebblestep.app.practice;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface WordRepository extends JpaRepository<WordEntity, Long> {
    boolean existsByStudentIdAndClientId(long studentId, UUID clientId);

    Page<WordEntity> findByStudioIdAndStudentId(long studioId, long studentId, Pageable page);

    List<WordEntity> findByStudioIdAndStudentIdInAndSaidOnGreaterThanEqualOrderBySaidAt(
            long studioId, Collection<Long> studentIds, LocalDate since);
}
