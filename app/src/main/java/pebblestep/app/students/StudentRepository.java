package pebblestep.app.students;

import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudentRepository extends JpaRepository<StudentEntity, Long> {
    Optional<StudentEntity> findByIdAndStudioId(long id, long studioId);

    Page<StudentEntity> findByStudioIdAndArchived(long studioId, boolean archived, Pageable page);
}
