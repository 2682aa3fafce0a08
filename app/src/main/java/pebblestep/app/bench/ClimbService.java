package pebblestep.app.bench;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Service;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.ClimbViews.ClimbRequest;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.documents.bench.Asked;
import pebblestep.documents.bench.ClimbAnswer;
import pebblestep.documents.bench.ClimbAsked;
import pebblestep.documents.bench.ClimbWorkings;
import pebblestep.exchange.StepJson;

/** Works climbs out. */
@Service
class ClimbService {
    private final StudentService students;
    private final SettingsService settings;
    private final CleanShares shares;
    private final StudioPaces paces;
    private final Clock clock;

    ClimbService(
            StudentService students, SettingsService settings, CleanShares shares, StudioPaces paces, Clock clock) {
        this.paces = paces;
        this.students = students;
        this.settings = settings;
        this.shares = shares;
        this.clock = clock;
    }

    ClimbAnswer climb(long studioId, ClimbRequest request) {
        Optional<Player> player = Optional.ofNullable(request.student()).map(id -> students.player(studioId, id));
        Optional<Double> own = Optional.ofNullable(request.student()).flatMap(id -> shares.cleanShare(studioId, id));
        Step step;
        try {
            step = StepJson.read(request.step());
            Passage.of(step, player.orElse(null));
        } catch (Refusal e) {
            throw e.under("step");
        }
        Ascent planned = Ascents.climbOf(step, request.climb(), "climb");
        Ascent other = request.instead() == null ? planned : Ascents.climbOf(step, request.instead(), "instead");
        return ClimbAsked.of(
                planned,
                other,
                Asked.position(planned.climb(), request.at(), "at"),
                player.orElse(null),
                new ClimbWorkings.With(request.practice(), own, paces.seen(studioId), LocalDate.now(clock)),
                settings.of(studioId).speech());
    }
}
