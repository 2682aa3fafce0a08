package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.FingeringChoices;
import pebblestep.core.harmony.Company;
import pebblestep.core.line.Extent;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.samples.Draw;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Progressions;
import pebblestep.core.walk.Signatures;
import pebblestep.core.walk.Walk;

/** Random steps with further voices, on walks, or both. */
public final class Voiced {
    private Voiced() {}

    /** Any voice, one of a few hundred. */
    public static Draw<Voice> voice() {
        return random -> {
            Voice voice = Voice.at(
                    Draw.of(-10, -8, -6, -3, 1, 3, 6, 8, 10, 15).from(random),
                    Draw.of(By.class).from(random));
            voice = switch (random.nextInt(6)) {
                case 0 -> voice.mirrored();
                case 1 -> voice.on(1 + random.nextInt(2));
                case 2 -> voice.withExtent(Extent.octaves(1 + random.nextInt(2)));
                default -> voice;
            };
            if (random.nextInt(3) == 0) voice = voice.withEntry(entry(random));
            if (random.nextInt(4) == 0) {
                voice = voice.withFigure(Figure.even(Draw.of(Fraction.of(1, 4), Fraction.of(1, 8), Fraction.of(1, 12))
                        .from(random)));
            }
            return voice;
        };
    }

    private static Entry entry(Random random) {
        return random.nextBoolean() ? new Entry.NotesLater(1) : new Entry.Later(Fraction.of(1 + random.nextInt(8), 4));
    }

    /** Any walk of a few keys. */
    public static Draw<Walk> walk() {
        return random -> {
            boolean moved = random.nextInt(3) > 0;
            Keys keys =
                    switch (random.nextInt(3)) {
                        case 0 -> Keys.of(Draw.of(KeyOrder.class).from(random), 1 + random.nextInt(4));
                        case 1 ->
                            new Keys(
                                    Optional.of(Draw.of(KeyOrder.class).from(random)),
                                    List.of(),
                                    Optional.of(2 + random.nextInt(3)),
                                    true,
                                    false);
                        default ->
                            new Keys(
                                    Optional.empty(),
                                    List.of(NoteName.parse("Eb"), NoteName.parse("A")),
                                    Optional.empty(),
                                    false,
                                    random.nextBoolean());
                    };
            Walk plain = moved
                    ? Walk.through(keys)
                    : Walk.over(Progressions.parse("ii V I", NoteName.parse("C")), Keys.HOME);
            return new Walk(
                    plain.keys(),
                    plain.progression(),
                    Draw.of(Join.class).from(random),
                    Optional.empty(),
                    random.nextInt(3) == 0,
                    Draw.of(Signatures.class).from(random));
        };
    }

    /** Any step with one to three further voices. */
    public static Draw<Step> withVoices() {
        return random -> {
            Step step = Steps.any().from(random);
            List<Voice> voices = voice().list(1, 3).from(random);
            return tryVoices(step, voices).orElseGet(() -> step.withVoices(List.of(Voice.at(-8, By.COMPANY))));
        };
    }

    /** Any step on a walk. */
    public static Draw<Step> onWalk() {
        return random -> {
            Step step = Steps.any().from(random);
            try {
                return step.withWalk(walk().from(random));
            } catch (Refusal e) {
                return step.withWalk(Walk.through(Keys.of(KeyOrder.FOURTHS, 3)));
            }
        };
    }

    /** Any step with anything that a step can have beside its line. */
    public static Draw<Step> any() {
        return random -> {
            Step step =
                    random.nextBoolean() ? onWalk().from(random) : Steps.any().from(random);
            if (random.nextBoolean())
                step = tryVoices(step, voice().list(1, 2).from(random)).orElse(step);
            if (random.nextInt(3) == 0) {
                Company chords =
                        Company.NONE.withChords(Draw.of(Company.Style.class).from(random));
                step = step.withCompany(random.nextBoolean() ? chords.withBass() : chords);
            }
            return random.nextInt(4) == 0 ? step.withHand(FingeringChoices.any().from(random)) : step;
        };
    }

    private static Optional<Step> tryVoices(Step step, List<Voice> voices) {
        try {
            return Optional.of(step.withVoices(voices));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    /** The passage of a step at concert pitch; empty where it is refused. */
    public static Optional<Passage> tryPassage(Step step) {
        try {
            return Optional.of(Passage.of(step));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }
}
