package pebblestep.app.assignments;

import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;

/** Writes down many assignments at once, told of by one event; what they have in common is worked out once by whoever asks. */
@Component
class ManyGiven {
    /** More than a studio gives on one day; so many are written in well under two seconds. */
    static final int MOST = 1_000;

    private final AssignmentRepository assignments;
    private final GivenAscents ascents;
    private final ApplicationEventPublisher events;

    ManyGiven(AssignmentRepository assignments, GivenAscents ascents, ApplicationEventPublisher events) {
        this.assignments = assignments;
        this.ascents = ascents;
        this.events = events;
    }

    /** One to write, and the step that it gives. */
    record One(AssignmentEntity entity, Ascent ascent) {}

    /** Refuses more than can be written at once. */
    static void requireFew(long count, String field) {
        if (count <= MOST) return;
        throw Refusal.of(field, "That would give " + count + " steps at once; at most " + MOST + " can be.")
                .fits("Choose fewer students, or a shorter routine.");
    }

    void write(long studioId, List<One> all) {
        if (all.isEmpty()) return;
        assignments.saveAll(all.stream().map(One::entity).toList());
        all.forEach(one -> ascents.given(one.entity().id, one.ascent()));
        events.publishEvent(new AssignmentsGiven(
                studioId, all.stream().map(one -> one.entity().id).toList()));
    }
}
