package pebblestep.app.practice;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.WordRequest;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.students.StudentService;

/** What students write to their teacher. */
@Service
public class WordService {
    private final WordRepository words;
    private final StudentService students;
    private final Clock clock;

    WordService(WordRepository words, StudentService students, Clock clock) {
        this.words = words;
        this.students = students;
        this.clock = clock;
    }

    /** Stores a line once, however often it is sent. */
    public void say(PracticeVisitor visitor, WordRequest form) {
        if (words.existsByStudentIdAndClientId(visitor.studentId(), form.clientId())) return;
        try {
            words.save(entity(visitor, form));
        } catch (DataIntegrityViolationException e) {
            // Sent twice at the same moment: the other one has stored it.
            if (!words.existsByStudentIdAndClientId(visitor.studentId(), form.clientId())) throw e;
        }
    }

    private WordEntity entity(PracticeVisitor visitor, WordRequest form) {
        StudentsTime at = StudentsTime.of(form.saidAt(), clock);
        WordEntity word = new WordEntity();
        word.studioId = visitor.studioId();
        word.studentId = visitor.studentId();
        word.clientId = form.clientId();
        word.text = form.text().strip();
        word.saidAt = at.instant();
        word.saidOn = at.day();
        word.receivedAt = clock.instant();
        return word;
    }

    /** A student's lines, newest first. */
    @Transactional(readOnly = true)
    public PageOf<WordView> list(long studioId, long studentId, int page) {
        students.get(studioId, studentId);
        Sort newestFirst = Sort.by("saidAt").descending().and(Sort.by("id").descending());
        return PageOf.of(
                words.findByStudioIdAndStudentId(studioId, studentId, PageOf.request(page, newestFirst)),
                WordService::view);
    }

    private static WordView view(WordEntity word) {
        return new WordView(word.id, word.text, word.saidOn);
    }

    /** The last line of each of these students since a day, by student. */
    @Transactional(readOnly = true)
    public Map<Long, WordView> last(long studioId, Collection<Long> studentIds, LocalDate since) {
        return words
                .findByStudioIdAndStudentIdInAndSaidOnGreaterThanEqualOrderBySaidAt(studioId, studentIds, since)
                .stream()
                .collect(Collectors.toMap(word -> word.studentId, WordService::view, (earlier, later) -> later));
    }
}
