package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.metronome.PulseGrid.Snap;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Metronome;

/**
 * A change of a step from which more follows than the field that is named. What is null is not changed.
 *
 * @param form another form: the line starts on its first degree, which every form has
 * @param meter another meter: place, legs, target and chosen beats belong to the one before
 * @param pattern another pattern of the catalogue; range, travel and turn stay where they can
 * @param lands the place in the bar on which the last note should fall
 * @param nudge the start moved by places of a division
 * @param near the start moved to the place of a division that is nearest to a position
 * @param shorter so many values shorter; negative for longer
 * @param faster so many beats a minute faster, within what a tempo can be
 * @param bpm another tempo, to a tenth
 * @param joined another way to join notes
 * @param clicks other places that click
 * @param clickOn a beat that clicks, or does not any more
 * @param tapOn a beat on which the foot taps, or does not any more
 * @param addLeg a leg more: the way back off the beat, or from a note where nothing turns
 * @param leg another figure or place for a leg
 */
public record StepEdit(
        @Nullable String form,
        @Nullable String meter,
        @Nullable String pattern,
        @Nullable String lands,
        @Nullable Nudge nudge,
        @Nullable Near near,
        @Nullable Integer shorter,
        @Nullable Integer faster,
        @Nullable BigDecimal bpm,
        @Nullable ArticulationKind joined,
        Metronome.@Nullable Clicks clicks,
        @Nullable Integer clickOn,
        @Nullable Integer tapOn,
        @Nullable Boolean addLeg,
        @Nullable LegChange leg) {

    /** By so many places of a division. */
    public record Nudge(int by, Snap snap) {}

    /** To the nearest place of a division; {@code x} in whole notes from the downbeat. */
    public record Near(double x, Snap snap) {}

    /** A leg, from 0, with another figure or another place; absent for those of the step, and where it follows on. */
    public record LegChange(int at, @Nullable List<String> figure, @Nullable String place) {}
}
