package pebblestep.app.accounts;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface Teachers extends JpaRepository<TeacherEntity, Long> {
    Optional<TeacherEntity> findByEmail(String email);

    List<TeacherEntity> findByStudioIdOrderById(long studioId, Limit limit);

    long countByStudioIdAndLeftAtNull(long studioId);
}
