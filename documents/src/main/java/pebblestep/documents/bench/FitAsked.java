package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.minutes.Portion;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;

/**
 * Steps to be held against the minutes of a day.
 *
 * @param minutes 1 to 600
 * @param daysAWeek 1 to 7; 5 without
 */
public record FitAsked(int minutes, @Nullable Integer daysAWeek, List<FitStep> steps, SpeechDocument speech) {
    /** Most minutes of practice in a day. */
    public static final int MOST_MINUTES = 600;

    private static final int DAYS_A_WEEK = 7;
    private static final int USUAL_DAYS = 5;

    /** A step to be fitted; the first rung of its climb without another. */
    public record FitStep(StepDocument document, ClimbDocument climb, @Nullable List<Integer> at) {}

    /** What fits, and what to trim; refuses minutes and days out of their bounds, and a step that cannot be played. */
    public FitAnswer answer() {
        if (minutes < 1 || minutes > MOST_MINUTES) {
            throw Refusal.of("minutes", "A day has 1 to " + MOST_MINUTES + " minutes of practice.");
        }
        int days = daysAWeek == null ? USUAL_DAYS : daysAWeek;
        if (days < 1 || days > DAYS_A_WEEK) throw Refusal.of("daysAWeek", "A week has 1 to 7 days of practice.");
        Speech said = speech.read();
        List<Portion> portions = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            try {
                FitStep step = steps.get(i);
                Ascent ascent = Asked.ascent(step.document, step.climb);
                portions.add(FitAnswer.portion(ascent, Asked.position(ascent.climb(), step.at, "at"), said));
            } catch (Refusal e) {
                throw e.under(Integer.toString(i)).under("steps");
            }
        }
        return FitAnswer.of(portions, minutes, days);
    }
}
