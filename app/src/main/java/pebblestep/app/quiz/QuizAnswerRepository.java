package pebblestep.app.quiz;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuizAnswerRepository extends JpaRepository<QuizAnswerEntity, Long> {
    List<QuizAnswerEntity> findByStudioIdAndStudentIdOrderByIdDesc(long studioId, long studentId, Limit limit);
}
