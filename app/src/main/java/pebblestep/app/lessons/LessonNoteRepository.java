package pebblestep.app.lessons;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface LessonNoteRepository extends JpaRepository<LessonNoteEntity, Long> {
    Page<LessonNoteEntity> findByStudioIdAndStudentId(long studioId, long studentId, Pageable page);

    Optional<LessonNoteEntity> findFirstByStudioIdAndStudentIdAndHeldOnLessThanOrderByHeldOnDescIdDesc(
            long studioId, long studentId, LocalDate before);

    Optional<LessonNoteEntity> findByIdAndStudioId(long id, long studioId);

    List<LessonNoteEntity> findByStudioIdAndStudentIdAndHeldOnBetweenOrderByHeldOnAscIdAsc(
            long studioId, long studentId, LocalDate from, LocalDate to);
}
