package pebblestep.app.calendar;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface LessonsOff extends JpaRepository<LessonOffEntity, Long> {
    List<LessonOffEntity> findByStudioIdAndOffOnGreaterThanEqualOrderByOffOn(
            long studioId, LocalDate from, Limit limit);

    Optional<LessonOffEntity> findByIdAndStudioId(long id, long studioId);

    long countByStudioIdAndOffOnGreaterThanEqual(long studioId, LocalDate from);
}
