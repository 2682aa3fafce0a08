package pebblestep.app.students;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StudentRepository extends JpaRepository<StudentEntity, Long> {
    Optional<StudentEntity> findByIdAndStudioId(long id, long studioId);

    List<StudentEntity> findByStudioIdAndIdIn(long studioId, Collection<Long> ids);

    /** Who plays an instrument and is not put away. */
    @Query(
            """
            select s.id from StudentEntity s
            where s.studioId = :studioId and s.instrument = :instrument and s.archived = false""")
    List<Long> playing(long studioId, String instrument);

    Page<StudentEntity> findByStudioIdAndArchived(long studioId, boolean archived, Pageable page);

    List<StudentEntity> findByStudioIdAndArchivedAndLessonDayNotNullOrderByLessonDayAscLessonTimeAscNameAsc(
            long studioId, boolean archived, Limit limit);

    List<StudentEntity> findByStudioIdAndArchivedOrderByNameAscIdAsc(long studioId, boolean archived, Limit limit);
}
