package pebblestep.bench;

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

    @Benchmark
    public Object documentReadAndChecked() {
        return StepJson.read(STEP);
    }
}
