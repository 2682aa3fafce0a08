package pebblestep.browser;

import java.util.function.Supplier;
import pebblestep.codec.JsonOf;
import pebblestep.core.Refusal;
import pebblestep.documents.FingersDocument;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.ProblemDocument;
import pebblestep.documents.bench.Catalogue;
import pebblestep.documents.bench.ChoicesAsked;
import pebblestep.documents.bench.ClimbAnswer;
import pebblestep.documents.bench.ClimbAsked;
import pebblestep.documents.bench.ClimbEditAsked;
import pebblestep.documents.bench.EditAsked;
import pebblestep.documents.bench.FingersAsked;
import pebblestep.documents.bench.FitAnswer;
import pebblestep.documents.bench.FitAsked;
import pebblestep.documents.bench.ForecastAsked;
import pebblestep.documents.bench.GrowthAsked;
import pebblestep.documents.bench.PassageAsked;
import pebblestep.documents.bench.PatternAsked;
import pebblestep.documents.bench.PlanAsked;
import pebblestep.documents.bench.ReadingsAsked;
import pebblestep.documents.bench.SaidAsked;
import pebblestep.documents.bench.StepForecast;
import pebblestep.documents.bench.TourAsked;
import pebblestep.documents.bench.WalkOptionsQuery;
import pebblestep.documents.bench.WithAsked;
import pebblestep.documents.practice.CautionAsked;
import pebblestep.documents.practice.LatencyAsked;
import pebblestep.documents.practice.RanAsked;
import pebblestep.documents.practice.RunAsked;
import pebblestep.documents.practice.RungAsked;
import pebblestep.documents.practice.SoundAsked;
import pebblestep.documents.practice.TakesAsked;
import pebblestep.documents.practice.TapsAsked;
import pebblestep.documents.practice.Today;
import pebblestep.documents.practice.TodayAsked;

/**
 * What the page can ask, each by its name: a document as JSON, answered with one. What is refused is answered with a problem
 * behind a mark that no document begins with.
 */
@JsonOf(
        read = {
            PassageAsked.class,
            EditAsked.class,
            ChoicesAsked.class,
            ReadingsAsked.class,
            TourAsked.class,
            SaidAsked.class,
            WithAsked.class,
            FingersAsked.class,
            WalkOptionsQuery.class,
            ClimbAsked.class,
            ClimbEditAsked.class,
            GrowthAsked.class,
            FitAsked.class,
            PatternAsked.class,
            PlanAsked.class,
            ForecastAsked.class,
            TodayAsked.class,
            RungAsked.class,
            RunAsked.class,
            RanAsked.class,
            TakesAsked.class,
            CautionAsked.class,
            TapsAsked.class,
            LatencyAsked.class,
            SoundAsked.class
        },
        write = {
            PassageDocument.class,
            EditAsked.EditAnswer.class,
            ChoicesAsked.ChoicesAnswer.class,
            ReadingsAsked.ReadingsAnswer.class,
            TourAsked.TourAnswer.class,
            SaidAsked.SaidAnswer.class,
            WithAsked.WithAnswer.class,
            FingersDocument.class,
            WalkOptionsQuery.WalkOptions.class,
            ClimbAnswer.class,
            ClimbEditAsked.ClimbEditAnswer.class,
            GrowthAsked.GrowthAnswer.class,
            FitAnswer.class,
            Catalogue.class,
            PatternAsked.PatternAnswer.class,
            PlanAsked.PlanAnswer.class,
            StepForecast.class,
            Today.class,
            RunAsked.RunAnswer.class,
            RanAsked.RanAnswer.class,
            TakesAsked.TakesAnswer.class,
            CautionAsked.CautionAnswer.class,
            TapsAsked.TapsAnswer.class,
            LatencyAsked.LatencyAnswer.class,
            SoundAsked.SoundAnswer.class,
            ProblemDocument.class
        })
public final class Page {
    /** Stands before a problem. */
    static final char REFUSED = '!';

    private Page() {}

    /**
     * The answer to a question.
     *
     * @param what which: {@code passage}
     * @param asked the document that it takes, as JSON
     */
    public static String ask(String what, String asked) {
        try {
            return answer(what, asked).get();
        } catch (Refusal e) {
            return REFUSED + Json.write(ProblemDocument.of(e));
        }
    }

    private static Supplier<String> answer(String what, String asked) {
        return switch (what) {
            case "passage" -> () -> Json.write(Json.readPassageAsked(asked).answer());
            case "edit" -> () -> Json.write(Json.readEditAsked(asked).answer());
            case "choices" -> () -> Json.write(Json.readChoicesAsked(asked).answer());
            case "readings" -> () -> Json.write(Json.readReadingsAsked(asked).answer());
            case "said" -> () -> Json.write(Json.readSaidAsked(asked).answer());
            case "with" -> () -> Json.write(Json.readWithAsked(asked).answer());
            case "fingers" -> () -> Json.write(Json.readFingersAsked(asked).answer());
            case "walk-options" ->
                () -> Json.write(Json.readWalkOptionsQuery(asked).answer());
            case "tour" -> () -> Json.write(Json.readTourAsked(asked).answer());
            case "climb" -> () -> Json.write(Json.readClimbAsked(asked).answer());
            case "climb-edit" -> () -> Json.write(Json.readClimbEditAsked(asked).answer());
            case "growth" -> () -> Json.write(Json.readGrowthAsked(asked).answer());
            case "fit" -> () -> Json.write(Json.readFitAsked(asked).answer());
            case "pattern" -> () -> Json.write(Json.readPatternAsked(asked).answer());
            case "today" -> () -> Json.write(Json.readTodayAsked(asked).answer());
            case "rung" -> () -> Json.write(Json.readRungAsked(asked).answer());
            case "run" -> () -> Json.write(Json.readRunAsked(asked).answer());
            case "ran" -> () -> Json.write(Json.readRanAsked(asked).answer());
            case "takes" -> () -> Json.write(Json.readTakesAsked(asked).answer());
            case "caution" -> () -> Json.write(Json.readCautionAsked(asked).answer());
            case "taps" -> () -> Json.write(Json.readTapsAsked(asked).answer());
            case "latency" -> () -> Json.write(Json.readLatencyAsked(asked).answer());
            case "sound" -> () -> Json.write(Json.readSoundAsked(asked).answer());
            case "plan" -> () -> Json.write(Json.readPlanAsked(asked).answer());
            case "forecast" -> () -> Json.write(Json.readForecastAsked(asked).answer());
            case "catalogue" -> () -> Json.write(Catalogue.WHOLE);
            default -> throw new IllegalArgumentException("Nothing here answers to \"" + what + "\".");
        };
    }
}
