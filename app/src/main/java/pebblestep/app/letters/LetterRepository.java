package pebblestep.app.letters;

import java.time.Instant;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface LetterRepository extends JpaRepository<LetterEntity, Long> {
    Page<LetterEntity> findByStudioId(long studioId, Pageable page);

    long countByStudioIdAndSentAtAfter(long studioId, Instant moment);
}
