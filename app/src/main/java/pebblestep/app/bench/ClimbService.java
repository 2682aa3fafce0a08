package pebblestep.app.bench;
import pebblestep.exchange.StepJson;


import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.ClimbViews.ClimbAnswer;
import pebblestep.app.bench.ClimbViews.ClimbRequest;
import pebblestep.app.bench.ClimbViews.FitAnswer;
import pebblestep.app.bench.ClimbViews.FitRequest;
import pebblestep.app.bench.ClimbViews.FitStep;
import pebblestep.app.bench.ClimbViews.FittedStep;
import pebblestep.app.bench.ClimbViews.TrimView;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Suggestions;
import pebblestep.core.minutes.DayPlan;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.minutes.Portion;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import tools.jackson.databind.JsonNode;

/** Works climbs out, and holds routines against the minutes of a day. */
@Service
class ClimbService {
    private static final int PERCENT = 100;
    private static final int USUAL_DAYS = 5;

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
        Position pressed = Ascents.position(planned.climb(), request.at(), "at");
        Ascent ascent = request.instead() == null ? planned : Ascents.climbOf(step, request.instead(), "instead");
        Speech speech = settings.of(studioId).speech();
        ClimbWorkings workings = new ClimbWorkings(ascent, player, speech);
        Position at = request.instead() == null ? pressed : ascent.nearest(planned, pressed);
        try {
            Outlook outlook = Outlook.of(ascent, at, player.orElse(null), speech);
            double share = own.orElse(Outlook.USUAL_CLEAN_SHARE);
            return new ClimbAnswer(
                    at.rungs(),
                    ascent.climb().levels(),
                    workings.axes(at),
                    outlook.rungs().stream().map(workings::view).toList(),
                    InMinutes.ofHours(outlook.least()),
                    outlook.leastDays(),
                    workings.moves(at),
                    ClimbWorkings.prospect(
                            outlook,
                            request.practice(),
                            share,
                            ClimbWorkings.likeTheStudio(paces.seen(studioId)),
                            LocalDate.now(clock)),
                    (int) Math.round(PERCENT * share),
                    own.isPresent());
        } catch (Refusal e) {
            throw e.field().startsWith("axes") ? e.under(request.instead() == null ? "climb" : "instead") : e;
        }
    }

    List<ClimbDocument.AxisPart> suggestions(JsonNode json) {
        try {
            Step step = StepJson.read(json);
            return Stream.of(AxisKind.values())
                    .filter(kind -> kind != AxisKind.TEMPO)
                    .map(kind -> ClimbDocuments.part(kind, Suggestions.of(kind, step)))
                    .toList();
        } catch (Refusal e) {
            throw e.under("step");
        }
    }

    FitAnswer fit(long studioId, FitRequest request) {
        Speech speech = settings.of(studioId).speech();
        List<Portion> portions = new ArrayList<>();
        for (int i = 0; i < request.steps().size(); i++) {
            try {
                portions.add(portion(request.steps().get(i), speech));
            } catch (Refusal e) {
                throw e.under(Integer.toString(i)).under("steps");
            }
        }
        DayPlan plan = DayPlan.of(portions, Duration.ofMinutes(request.minutes()));
        int days = request.daysAWeek() == null ? USUAL_DAYS : request.daysAWeek();
        return new FitAnswer(
                plan.sentence(),
                plan.fits(),
                ClimbWorkings.seconds(plan.asked()),
                ClimbWorkings.seconds(plan.takes()),
                InMinutes.ofHours(plan.week(days)) + " a week, on " + days + (days == 1 ? " day" : " days"),
                plan.kept().stream()
                        .map(kept -> kept.map(portion -> new FittedStep(
                                        portion.load().repetitions(),
                                        ClimbWorkings.seconds(portion.load().total()),
                                        InMinutes.of(portion.load().total())))
                                .orElse(new FittedStep(0, 0, InMinutes.of(Duration.ZERO))))
                        .toList(),
                plan.trims().stream()
                        .map(trim -> new TrimView(
                                trim.kind(), trim.portion(), ClimbWorkings.seconds(trim.frees()), trim.sentence()))
                        .toList());
    }

    private static Portion portion(FitStep step, Speech speech) {
        Ascent ascent = Ascents.read(step.document(), step.climb());
        Position at = Ascents.position(ascent.climb(), step.at(), "at");
        Outlook.Ahead rung =
                Outlook.of(ascent, List.of(at), null, speech).rungs().get(0);
        String title = ascent.step().title();
        String name = title.isBlank()
                ? ascent.step().key() + ", " + StepWords.withoutKey(rung.step(), speech)
                : "\"" + title + "\"";
        return Portion.of(name, rung.load());
    }
}
