package pebblestep.app.accounts;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the teachers of a studio are called, for what says who wrote or decided it. */
@Component
public class TeacherNames {
    private static final int MOST = 200;

    private final Teachers teachers;

    TeacherNames(Teachers teachers) {
        this.teachers = teachers;
    }

    /** By their ids, those who have left included; empty where there is and was one alone, of whom nothing need be said. */
    @Transactional(readOnly = true)
    public Map<Long, String> of(long studioId) {
        List<TeacherEntity> all = teachers.findByStudioIdOrderById(studioId, Limit.of(MOST));
        if (all.size() < 2) return Map.of();
        return all.stream().collect(Collectors.toMap(teacher -> teacher.id, teacher -> teacher.name));
    }
}
