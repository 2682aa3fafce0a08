package pebblestep.browser;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Climbs;
import pebblestep.core.fingering.FingeringChoices;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.metronome.PulseGrid.Snap;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Material;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Voiced;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Syllables;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.samples.Draw;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.tempo.SchemeKind;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.Workings;
import pebblestep.documents.bench.ChoicesAsked;
import pebblestep.documents.bench.ClimbAsked;
import pebblestep.documents.bench.ClimbEdit;
import pebblestep.documents.bench.ClimbEditAsked;
import pebblestep.documents.bench.EditAsked;
import pebblestep.documents.bench.FingersAsked;
import pebblestep.documents.bench.FitAsked;
import pebblestep.documents.bench.ForecastAsked;
import pebblestep.documents.bench.ForecastGround;
import pebblestep.documents.bench.GrowthAsked;
import pebblestep.documents.bench.PassageAsked;
import pebblestep.documents.bench.PatternAsked;
import pebblestep.documents.bench.PlanAsked;
import pebblestep.documents.bench.Practice;
import pebblestep.documents.bench.ReadingsAsked;
import pebblestep.documents.bench.SaidAsked;
import pebblestep.documents.bench.SeenPart;
import pebblestep.documents.bench.StepEdit;
import pebblestep.documents.bench.TourAsked;
import pebblestep.documents.bench.WalkOptionsQuery;
import pebblestep.documents.bench.WithAsked;
import pebblestep.documents.practice.PieceDocument;
import pebblestep.exchange.IdentifiedNames;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Random questions of every kind, many that can be answered and some that are refused. */
public final class Questions {
    /** Reads and writes documents as the server does. */
    public static final JsonMapper SERVER = IdentifiedNames.JSON;

    static final LocalDate TODAY = LocalDate.of(2026, 11, 29);
    private static final int SOMETIMES = 3;

    private Questions() {}

    /**
     * A question.
     *
     * @param what which it is
     * @param asked what is asked
     * @param answer what the documents answer
     */
    public record Question(String what, Object asked, Answer answer) {
        /** What is asked, as JSON. */
        public String json() {
            return SERVER.writeValueAsString(asked);
        }

        @Override
        public String toString() {
            return what + " " + json();
        }
    }

    /** Works an answer out, or refuses. */
    @FunctionalInterface
    public interface Answer {
        Object get();
    }

    /** The same with every number as it is read: 72 and 72.0 are one number in JSON. */
    public static String plain(JsonNode node) {
        StringBuilder text = new StringBuilder();
        write(node, text);
        return text.toString();
    }

    private static void write(JsonNode node, StringBuilder text) {
        if (node.isNumber()) {
            BigDecimal number = node.decimalValue();
            text.append(number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString());
        } else if (node.isArray()) {
            text.append('[');
            node.forEach(one -> {
                write(one, text);
                text.append(',');
            });
            text.append(']');
        } else if (node.isObject()) {
            text.append('{');
            node.properties().forEach(field -> {
                text.append(field.getKey()).append(':');
                write(field.getValue(), text);
                text.append(',');
            });
            text.append('}');
        } else {
            text.append(node);
        }
    }

    /** Any question. */
    public static Draw<Question> any() {
        return random -> switch (random.nextInt(27)) {
            case 0, 1 -> edit(random);
            case 2 -> choices(random);
            case 3 -> readings(random);
            case 4 -> {
                if (random.nextBoolean()) {
                    SaidAsked asked = new SaidAsked(step(random), speech(random));
                    yield new Question("said", asked, asked::answer);
                }
                TourAsked asked = new TourAsked(step(random), speech(random));
                yield new Question("tour", asked, asked::answer);
            }
            case 5, 6 -> climb(random);
            case 7 -> climbEdit(random);
            case 8 -> {
                GrowthAsked asked =
                        new GrowthAsked(step(random), climbDocument(random), maybe(random, () -> player(random)));
                yield new Question("growth", asked, asked::answer);
            }
            case 9 -> fit(random);
            case 10 -> {
                PatternAsked asked = new PatternAsked(step(random).line());
                yield new Question("pattern", asked, asked::answer);
            }
            case 11, 12, 13 -> RoomQuestions.today(random);
            case 14 -> RoomQuestions.stand(random);
            case 15 -> random.nextInt(4) == 0 ? RoomQuestions.sound(random) : RoomQuestions.run(random);
            case 16 -> RoomQuestions.takes(random);
            case 17 -> RoomQuestions.caution(random);
            case 18 -> RoomQuestions.taps(random);
            case 19 -> plan(random);
            case 20 -> forecast(random);
            case 21 -> {
                WithAsked asked = new WithAsked(step(random), player(random));
                yield new Question("with", asked, asked::answer);
            }
            case 22 -> {
                WalkOptionsQuery asked = new WalkOptionsQuery(step(random), maybe(random, () -> Draw.of(
                                "ii V I:2", "Dm7 G7 | Cmaj7", "ii 9", "", "IV lydian", "bVII7:4")
                        .from(random)));
                yield new Question("walk-options", asked, asked::answer);
            }
            case 23 -> {
                FingersAsked asked = new FingersAsked(step(random), player(random), random.nextInt(12));
                yield new Question("fingers", asked, asked::answer);
            }
            default -> passage(random);
        };
    }

    private static Question plan(Random random) {
        PlanAsked asked = new PlanAsked(
                Stream.generate(() -> new PlanAsked.PlanStep(step(random), climbDocument(random)))
                        .limit(1 + random.nextInt(2))
                        .toList(),
                List.of(new PlanAsked.PlanReader(
                        3, "Jory Fell", Draw.of(Level.class).from(random), PlayerDocument.of(anyPlayer(random)))),
                random.nextInt(4) == 0 ? null : Draw.of(KeyOrder.class).from(random),
                maybe(random, () -> Draw.of("D", "Bb", "F#", "H").from(random)),
                maybe(random, () -> Draw.of("C F Bb", "C, C", "x", " , ").from(random)),
                random.nextBoolean(),
                Draw.of(Named.class).from(random),
                Draw.of(FormSet.class).from(random),
                Draw.of(KeyPlan.Pace.class).from(random),
                TODAY,
                speech(random));
        return new Question("plan", asked, asked::answer);
    }

    private static Question forecast(Random random) {
        Rooms.Scene scene = Rooms.any().from(random);
        PieceDocument piece = Draw.of(scene.given().pieces()).from(random);
        ForecastGround ground = new ForecastGround(
                piece.assignmentId(),
                piece.title(),
                piece.step(),
                piece.climb(),
                scene.given().player(),
                piece.progress(),
                piece.progress().recent().stream()
                        .filter(day -> day.clean() > 0)
                        .map(day -> new ForecastGround.BestPart(day.day(), day.best()))
                        .toList(),
                maybe(random, () -> random.nextInt(1, 101) / 100.0),
                random.nextBoolean()
                        ? null
                        : new ForecastGround.GoalPart(
                                BigDecimal.valueOf(random.nextInt(40, 200)),
                                scene.days().getFirst().plusDays(random.nextInt(-9, 90))),
                1 + random.nextInt(5),
                1 + random.nextInt(40),
                new SeenPart(random.nextInt(50), random.nextInt(80), random.nextInt(300)),
                scene.given().speech());
        ForecastAsked asked = new ForecastAsked(
                ground,
                new ForecastAsked.WhatIf(
                        maybe(
                                random,
                                () -> new Practice(
                                        maybe(random, () -> random.nextInt(0, 60)),
                                        maybe(random, () -> random.nextInt(0, 8)),
                                        maybe(
                                                random,
                                                () -> scene.days().getFirst().plusDays(random.nextInt(99))))),
                        maybe(random, () -> BigDecimal.valueOf(random.nextInt(10, 200))),
                        maybe(random, () -> climbDocument(random))),
                scene.days().getFirst());
        return new Question("forecast", asked, asked::answer);
    }

    private static Question passage(Random random) {
        Workings.Extra[] all = Workings.Extra.values();
        PassageAsked asked = new PassageAsked(
                step(random),
                player(random),
                random.nextBoolean()
                        ? null
                        : Stream.of(step(random), step(random))
                                .map(StepDocument::key)
                                .toList(),
                speech(random),
                Stream.of(all).filter(one -> random.nextInt(SOMETIMES) > 0).toList());
        return new Question("passage", asked, asked::answer);
    }

    private static Question edit(Random random) {
        EditAsked asked = new EditAsked(step(random), stepEdit(random));
        return new Question("edit", asked, asked::answer);
    }

    private static StepEdit stepEdit(Random random) {
        Draw<Form> forms = Draw.of(Forms.all());
        return new StepEdit(
                maybe(random, () -> forms.from(random).id()),
                maybe(random, () -> Draw.of(Meter.all()).from(random).toString()),
                maybe(random, () -> Draw.of(Material.patterns()).from(random).id()),
                maybe(random, () -> Draw.of("0", "1/4", "3/16", "1/12", "5/8").from(random)),
                maybe(
                        random,
                        () -> new StepEdit.Nudge(
                                random.nextInt(-3, 4), Draw.of(Snap.class).from(random))),
                maybe(
                        random,
                        () -> new StepEdit.Near(
                                random.nextDouble(-1.5, 1.5),
                                Draw.of(Snap.class).from(random))),
                maybe(random, () -> random.nextInt(-2, 3)),
                maybe(random, () -> random.nextInt(-400, 400)),
                maybe(random, () -> BigDecimal.valueOf(random.nextInt(0, 5000), 1)),
                maybe(random, () -> Draw.of(ArticulationKind.class).from(random)),
                maybe(random, () -> Draw.of(Metronome.Clicks.class).from(random)),
                maybe(random, () -> random.nextInt(1, 6)),
                maybe(random, () -> random.nextInt(1, 6)),
                maybe(random, random::nextBoolean),
                maybe(
                        random,
                        () -> new StepEdit.LegChange(
                                random.nextInt(2), maybe(random, () -> List.of("1/8")), maybe(random, () -> "1/16"))));
    }

    private static Question choices(Random random) {
        StepDocument step = step(random);
        ChoicesAsked asked =
                new ChoicesAsked(step.key(), step.line(), step.rhythm().meter(), random.nextInt(12), speech(random));
        return new Question("choices", asked, asked::answer);
    }

    private static Question readings(Random random) {
        ReadingsAsked asked = new ReadingsAsked(
                step(random),
                Stream.generate(() -> new ReadingsAsked.ReaderPart(
                                random.nextInt(1000), PlayerDocument.of(anyPlayer(random))))
                        .limit(random.nextInt(5))
                        .toList(),
                maybe(random, () -> true));
        return new Question("readings", asked, asked::answer);
    }

    private static Question climb(Random random) {
        ClimbDocument climb = climbDocument(random);
        ClimbAsked asked = new ClimbAsked(
                step(random),
                climb,
                player(random),
                maybe(random, () -> random.nextInt(1, 101) / 100.0),
                maybe(random, () -> climb.axes().stream()
                        .map(axis -> random.nextInt(3))
                        .toList()),
                maybe(random, () -> climbDocument(random)),
                maybe(
                        random,
                        () -> new Practice(
                                maybe(random, () -> random.nextInt(0, 60)),
                                maybe(random, () -> random.nextInt(0, 8)),
                                maybe(random, () -> TODAY.plusDays(random.nextInt(400))))),
                new SeenPart(random.nextInt(50), random.nextInt(80), random.nextInt(300)),
                TODAY,
                speech(random));
        return new Question("climb", asked, asked::answer);
    }

    private static Question climbEdit(Random random) {
        Draw<Integer> places = Draw.ints(0, 2);
        ClimbEditAsked asked = new ClimbEditAsked(
                maybe(random, () -> step(random)),
                climbDocument(random),
                new ClimbEdit(
                        maybe(random, () -> Draw.of(AxisKind.class).from(random)),
                        maybe(random, () -> places.from(random)),
                        maybe(random, () -> new ClimbEdit.RungAt(places.from(random), places.from(random))),
                        maybe(random, () -> Draw.of(SchemeKind.class).from(random)),
                        maybe(random, () -> new BigDecimal("2.5")),
                        maybe(
                                random,
                                () -> new ClimbEdit.PatternAt(places.from(random), places.from(random), "thirds")),
                        maybe(
                                random,
                                () -> new ClimbEdit.JoinedAt(
                                        places.from(random),
                                        places.from(random),
                                        Draw.of(ArticulationKind.class).from(random)))),
                maybe(random, () -> player(random)));
        return new Question("climb-edit", asked, asked::answer);
    }

    private static Question fit(Random random) {
        FitAsked asked = new FitAsked(
                random.nextInt(0, 60),
                maybe(random, () -> random.nextInt(0, 9)),
                Stream.generate(() -> new FitAsked.FitStep(step(random), climbDocument(random), null))
                        .limit(1 + random.nextInt(3))
                        .toList(),
                speech(random));
        return new Question("fit", asked, asked::answer);
    }

    private static StepDocument step(Random random) {
        Step step =
                random.nextBoolean() ? Steps.any().from(random) : Voiced.any().from(random);
        return StepDocuments.write(step.withTitle(
                Draw.of("", "Tide \"out\"", "♭ and \\ and\ttab", "Ebbe — Flut").from(random)));
    }

    private static ClimbDocument climbDocument(Random random) {
        return ClimbDocuments.write(Climbs.any().from(random).climb());
    }

    private static SpeechDocument speech(Random random) {
        return new SpeechDocument(
                Draw.of(CountSchool.class).from(random),
                Draw.of(ValueNames.class).from(random),
                maybe(random, () -> Draw.of(Syllables.class).from(random)));
    }

    private static @Nullable PlayerDocument player(Random random) {
        return maybe(random, () -> PlayerDocument.of(anyPlayer(random)));
    }

    private static Player anyPlayer(Random random) {
        Player player = Player.of(
                Draw.of(Instruments.all()).from(random), Draw.of(Level.class).from(random));
        return random.nextInt(SOMETIMES) == 0
                ? player.withHand(FingeringChoices.hand().from(random))
                : player;
    }

    interface Made<T> {
        @Nullable
        T get();
    }

    static <T> @Nullable T maybe(Random random, Made<T> made) {
        return random.nextInt(SOMETIMES) == 0 ? made.get() : null;
    }
}
