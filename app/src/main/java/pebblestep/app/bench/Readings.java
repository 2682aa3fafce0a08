package pebblestep.app.bench;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;

/** Says how each student of a mixed class reads one step. */
@Service
class Readings {
    private final StudentService students;

    Readings(StudentService students) {
        this.students = students;
    }

    /**
     * One student's reading: their written key with the lowest and highest note, or why the step does not fit them and
     * what would.
     */
    record ReadingView(
            long studentId,
            String instrumentName,
            @Nullable String writtenKey,
            @Nullable String lowest,
            @Nullable String highest,
            @Nullable String refusal,
            @Nullable String fits) {}

    /** In the order asked for; refuses a student of another studio. */
    @Transactional(readOnly = true)
    public List<ReadingView> of(long studioId, Step step, List<Long> ids) {
        Map<Long, Player> players = students.players(studioId, ids);
        return ids.stream().map(id -> reading(id, players.get(id), step)).toList();
    }

    private static ReadingView reading(long id, @Nullable Player player, Step step) {
        if (player == null) throw Problems.notFound("student");
        String instrument = player.instrument().name();
        try {
            Passage passage = Passage.of(step, player);
            return new ReadingView(
                    id,
                    instrument,
                    passage.writtenKey().toString(),
                    passage.lowest().toString(),
                    passage.highest().toString(),
                    null,
                    null);
        } catch (Refusal e) {
            return new ReadingView(
                    id, instrument, null, null, null, e.getMessage(), e.fits().orElse(null));
        }
    }
}
