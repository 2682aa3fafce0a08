package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.instrument.Playing;
import pebblestep.core.line.Extent;
import pebblestep.core.line.LineNote;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;

/**
 * Chooses the octave of a stretch that is played with further voices or on a walk: all that one player has fits their range
 * together and can be played at once. The first stretch lies where the teacher asked; else, for two hands, around the middle
 * of the keyboard, and for others as low as it fits. Every later one lies nearest to where the hand is.
 */
final class Octaves {
    /** The octave in which lines are measured, as {@link Register} does. */
    private static final int MEASURED_IN = 3;

    private static final int SEMITONES = 12;

    /** Where without a player the lowest note stands. */
    private static final int WITHOUT_PLAYER = 4;

    /** F4, around which two hands lie: a scale in C an octave apart begins on C3 and C4 (common practice, no source). */
    private static final int MIDDLE = 65;

    private static final int LOWEST_SHIFT = -3;
    private static final int HIGHEST_SHIFT = 6;

    private final Step step;
    private final Stretch stretch;
    private final Key written;
    private final @Nullable Player player;
    private final List<LineNote> line;
    private final Map<By, List<Hands.Sounding>> hands = new EnumMap<>(By.class);
    private final Pitch lineLow;
    private Pitch low;
    private Pitch high;

    Octaves(Step step, Stretch stretch, Key written, @Nullable Player player) {
        this.step = step;
        this.stretch = stretch;
        this.written = written;
        this.player = player;
        this.line = stretch.alone().line().notes(written.form());
        this.low = Passage.pitch(written, line.get(0), MEASURED_IN);
        this.high = low;
        take(Hands.ofLine(step.voices()), stretch.attacks(), line);
        this.lineLow = low;
        for (Voice voice : step.voices()) {
            if (!voice.by().isOwn()) continue;
            List<Timing.Attack> attacks = VoiceTiming.of(voice, stretch);
            take(Hands.of(voice, step.voices()), attacks, VoiceNotes.of(voice, stretch.alone(), line));
        }
    }

    private void take(By hand, List<Timing.Attack> attacks, List<LineNote> notes) {
        List<Hands.Sounding> sounding = hands.computeIfAbsent(hand, none -> new ArrayList<>());
        for (Timing.Attack attack : attacks) {
            Pitch pitch = Passage.pitch(written, notes.get(attack.note()), MEASURED_IN);
            if (pitch.compareTo(low) < 0) low = pitch;
            if (pitch.compareTo(high) > 0) high = pitch;
            sounding.add(new Hands.Sounding(attack.at(), attack.end(), pitch));
        }
    }

    /** Octave of the tonic with scale index 0 in the first stretch. */
    int first() {
        Optional<Pitch> asked = step.register();
        if (asked.isPresent()) {
            int shift = asked(asked.get());
            why(shift).ifPresent(reason -> {
                throw doesNotFit(reason);
            });
            return MEASURED_IN + shift;
        }
        if (player == null && !Hands.areTwo(step.voices())) return MEASURED_IN + WITHOUT_PLAYER - lineLow.octave();
        List<Integer> fitting = fitting();
        if (fitting.isEmpty()) throw doesNotFit(reason());
        if (!Hands.areTwo(step.voices())) return MEASURED_IN + fitting.get(0);
        int mean = (low.midi() + high.midi()) / 2;
        return MEASURED_IN
                + fitting.stream()
                        .min(Comparator.<Integer>comparingInt(shift -> Math.abs(mean + SEMITONES * shift - MIDDLE))
                                .thenComparing(Comparator.reverseOrder()))
                        .orElseThrow();
    }

    /** Octave of the tonic in a later stretch, from the note that was played before it. */
    int next(Pitch before) {
        List<Integer> fitting = fitting();
        if (fitting.isEmpty()) throw doesNotFit(reason());
        Pitch first = Passage.pitch(written, line.get(0), MEASURED_IN);
        int nearest = fitting.stream()
                .min(Comparator.comparingInt(shift -> Math.abs(first.midi() + SEMITONES * shift - before.midi())))
                .orElseThrow();
        if (stretch.joined() && first.midi() + SEMITONES * nearest != before.midi()) {
            throw Refusal.of(
                            "walk.once",
                            "The line of " + stretch.stop().key() + " does not fit where it would begin on " + before
                                    + ".")
                    .fits("Strike the note for both keys, or choose a shorter line.");
        }
        return MEASURED_IN + nearest;
    }

    private List<Integer> fitting() {
        List<Integer> fitting = new ArrayList<>();
        for (int shift = LOWEST_SHIFT; shift <= HIGHEST_SHIFT; shift++)
            if (why(shift).isEmpty()) fitting.add(shift);
        return fitting;
    }

    /** Why it cannot be played so many octaves from where it was measured; empty where it can. */
    private Optional<String> why(int shift) {
        if (!isCarried(shift)) return Optional.of("it would lie beyond every instrument");
        if (player == null) return Optional.empty();
        Optional<String> beyond = beyond(shift, player);
        if (beyond.isPresent()) return beyond;
        Optional<Playing> playing = Playing.of(player.instrument());
        if (playing.isEmpty()) return Optional.empty();
        if (Hands.areTwo(step.voices()) && !playing.get().hasHands()) {
            return Optional.of("the " + player.instrument().name() + " has no line for each hand");
        }
        for (List<Hands.Sounding> hand : hands.values()) {
            Optional<String> cannot = Hands.cannot(playing.get(), shifted(hand, shift));
            if (cannot.isPresent()) return cannot;
        }
        return Optional.empty();
    }

    private boolean isCarried(int shift) {
        return low.octave() + shift >= 0 && high.octave() + shift <= 9;
    }

    private static List<Hands.Sounding> shifted(List<Hands.Sounding> notes, int shift) {
        return notes.stream()
                .map(one -> new Hands.Sounding(
                        one.from(),
                        one.to(),
                        Pitch.of(one.pitch().name(), one.pitch().octave() + shift)))
                .toList();
    }

    private Optional<String> beyond(int shift, Player by) {
        PitchRange range = by.range();
        int below = Hands.areTwo(step.voices())
                ? range.lowest().midi() - SEMITONES
                : range.lowest().midi();
        int lowest = Math.max(
                below,
                Math.min(range.lowest().midi(), by.instrument().full().lowest().midi()));
        int own = low.midi() + SEMITONES * shift;
        if (own >= lowest && high.midi() + SEMITONES * shift <= range.highest().midi()) return Optional.empty();
        return Optional.of(needs(shift, by));
    }

    private String needs(int shift, Player by) {
        return Register.said(step.line().extent()) + " from " + lineLow.name()
                + (step.voices().isEmpty() ? "" : " with the other voice")
                + Register.needs(step.line().extent())
                + Pitch.of(low.name(), low.octave() + shift) + " to " + Pitch.of(high.name(), high.octave() + shift)
                + " as written; " + Register.has(by) + by.range().lowest() + " to "
                + by.range().highest();
    }

    private int asked(Pitch wish) {
        if (!lineLow.name().equals(wish.name())) {
            throw Refusal.of(
                            "line.register",
                            "The lowest note of this line is " + lineLow.name() + " as written, not " + wish + ".")
                    .fits("Use " + Pitch.of(lineLow.name(), wish.octave()) + ".");
        }
        return wish.octave() - lineLow.octave();
    }

    /** What is in the way where it comes nearest to fitting: what cannot be played before what lies out of range. */
    private String reason() {
        int nearest = 0;
        if (player != null) {
            int bottom = player.range().lowest().midi();
            for (int shift = LOWEST_SHIFT; shift <= HIGHEST_SHIFT; shift++) {
                if (!isCarried(shift)) continue;
                if (beyond(shift, player).isEmpty()) return why(shift).orElseThrow();
                if (away(shift, bottom) < away(nearest, bottom)) nearest = shift;
            }
        }
        return why(nearest).orElseThrow();
    }

    /** How far the lowest note lies from the bottom of the range. */
    private int away(int shift, int bottom) {
        return Math.abs(low.midi() + SEMITONES * shift - bottom);
    }

    private Refusal doesNotFit(String reason) {
        String where = step.walk().isPresent() ? stretch.stop().key() + ": " : "";
        Refusal refusal = Refusal.of(field(), where + Words.capital(reason) + ".");
        return otherOctave()
                .or(this::smaller)
                .or(this::otherInterval)
                .map(refusal::fits)
                .orElse(refusal);
    }

    private String field() {
        if (!step.voices().isEmpty()) return "voices";
        return Register.field(step.line().extent());
    }

    /** Where it fits, when it was asked for elsewhere. */
    private Optional<String> otherOctave() {
        if (step.register().isEmpty() || stretch.index() > 0) return Optional.empty();
        return fitting().stream()
                .findFirst()
                .map(shift -> "From " + Pitch.of(lineLow.name(), lineLow.octave() + shift) + " it fits.");
    }

    private Optional<String> smaller() {
        return step.line().extent().smaller().stream()
                .filter(extent -> fits(step.withLine(step.line().withExtent(extent))))
                .findFirst()
                .map(extent -> Register.said(extent) + (extent.equals(Extent.octaves(1)) ? " fits." : " fit."));
    }

    /** Another distance of the first voice at which it can be played. */
    private Optional<String> otherInterval() {
        if (step.voices().size() != 1) return Optional.empty();
        Voice voice = step.voices().get(0);
        return List.of(-6, -3, -8, 3, 6, 8, -10, 10).stream()
                .map(interval -> voice.at(interval))
                .filter(other -> fits(step.withVoices(List.of(other))))
                .findFirst()
                .map(other -> Words.capital(other.intervalInWords()) + " fits.");
    }

    private boolean fits(Step other) {
        try {
            Step inKey =
                    other.inAnyOctave().withoutWalk().withKey(stretch.stop().key());
            return !new Octaves(inKey, Stretches.of(inKey).get(0), written, player)
                    .fitting()
                    .isEmpty();
        } catch (Refusal e) {
            return false;
        }
    }
}
