package pebblestep.app.calendar;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface Renewals extends JpaRepository<RenewalEntity, Long> {
    Optional<RenewalEntity> findFirstByStudioIdAndStudentId(long studioId, long studentId);

    Optional<RenewalEntity> findFirstByStudioIdAndStudentIdIsNull(long studioId);
}
