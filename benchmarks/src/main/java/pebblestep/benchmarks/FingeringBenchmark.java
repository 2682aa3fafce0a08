package pebblestep.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;

/** Sixty notes fingered, straight up and down through the comfortable range; the aim is over 500 a second: under 2 ms each. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class FingeringBenchmark {
    private static final int NOTES = 60;
    private static final double SECONDS = 0.25;
    private static final int[] MAJOR = {2, 2, 1, 2, 2, 2, 1};

    @Param({
        "trumpet",
        "horn",
        "trombone",
        "bass-trombone",
        "violin",
        "cello",
        "double-bass",
        "classical-guitar",
        "piano",
        "oboe",
        "bassoon",
        "clarinet",
        "alto-saxophone",
        "flute",
        "marimba"
    })
    private String instrument;

    private Hand hand;
    private List<NoteToPlay> line;

    /** Lays the line out. */
    @Setup
    public void line() {
        Instrument played = Instruments.of(instrument);
        hand = InstrumentHands.of(played, PlayersHand.USUAL, FingeringChoice.NONE)
                .orElseThrow();
        List<Pitch> rising = new ArrayList<>();
        int midi = played.comfortable().lowest().midi();
        for (int i = 0; midi <= played.comfortable().highest().midi(); i++) {
            rising.add(Pitch.commonlyNamed(midi));
            midi += MAJOR[i % MAJOR.length];
        }
        line = new ArrayList<>();
        int turn = 2 * rising.size() - 2;
        for (int i = 0; i < NOTES; i++) {
            int at = i % turn;
            line.add(NoteToPlay.of(rising.get(Math.min(at, turn - at)), SECONDS));
        }
    }

    @Benchmark
    public Object sixtyNotes() {
        return Fingering.of(hand, line, Map.of());
    }
}
