package pebblestep.benchmarks;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Speech;
import pebblestep.exchange.StepJson;

/** Two-octave passages worked out by one core: with the landing and its fixes, with the score, and from the document. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PassageBenchmark {
    static final String STEP =
            """
            {"format":"pebble-step/1","key":{"tonic":"Db"},"line":{"octaves":2},
             "rhythm":{"figure":["1/16"]},"tempo":{"bpm":72}}""";

    /** Two further voices through two chords in each of twelve keys. */
    static final String WALK =
            """
            {"format":"pebble-step/1","key":{"tonic":"C"},"line":{"octaves":1},
             "rhythm":{"figure":["1/8"]},"tempo":{"bpm":72},
             "voices":[{"interval":-8,"by":"left"},{"interval":3,"delay":"1/2","by":"company"}],
             "walk":{"order":"fourths","keys":12,
              "progression":[{"degree":"2","form":"dorian"},{"degree":"5","form":"mixolydian"}]}}""";

    private final Player pianist = Player.of(Instruments.of("piano"));
    private final Step walk = StepJson.read(WALK);

    private final Player player = Player.of(Instruments.of("english-horn"));
    private final Step step = StepJson.read(STEP);

    @Benchmark
    public Object passageWithLandingAndSlips() {
        Passage passage = Passage.of(step, player);
        Landing landing = Landing.of(passage.step());
        return new Object[] {
            passage, landing, landing.words(Speech.USUAL).sentence(), landing.fixes(Speech.USUAL), passage.slips()
        };
    }

    @Benchmark
    public Object passageWithScore() {
        Passage passage = Passage.of(step, player);
        return new Object[] {passage, Score.of(passage, player)};
    }

    /** The aim is under 5 ms: over 200 a second. */
    @Benchmark
    public Object twoVoicesThrough24Stations() {
        Passage passage = Passage.of(walk, pianist);
        Landing landing = Landing.of(walk);
        return new Object[] {passage, landing, landing.words(Speech.USUAL).sentence()};
    }

    /** The same with every way to land and with the score. */
    @Benchmark
    public Object twoVoicesThrough24StationsWithFixesAndScore() {
        Passage passage = Passage.of(walk, pianist);
        return new Object[] {passage, Landing.of(walk).fixes(Speech.USUAL), Score.of(passage, pianist)};
    }

    @Benchmark
    public Object documentReadAndChecked() {
        return StepJson.read(STEP);
    }
}
