package pebblestep.app.accounts;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface Teachers extends JpaRepository<TeacherEntity, Long> {
    Optional<TeacherEntity> findByEmail(String email);
}
