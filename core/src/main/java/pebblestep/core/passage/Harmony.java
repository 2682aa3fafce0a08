package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.harmony.ChordChart;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.pitch.Interval;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.walk.Walk;

/**
 * The chords over a passage: those that were typed for it, bar by bar and from the start again when they are over; else
 * those of the keys it walks through; else, where company is to sound, the one of its key.
 *
 * @param chords in order, none of them overlapping
 */
public record Harmony(List<Over> chords) {
    /** Leaves out what would not last: a line that is over before its first downbeat has no chord there. */
    public Harmony {
        chords = chords.stream().filter(one -> one.from().isLessThan(one.to())).toList();
    }

    /**
     * A chord and how long it lasts.
     *
     * @param from where it begins, from the downbeat of bar 1
     * @param to where it ends
     * @param written as it is read
     * @param concert as it sounds
     */
    public record Over(Fraction from, Fraction to, ChordSymbol written, ChordSymbol concert) {}

    /** The chords over a passage, to the end of its last bar. */
    public static Harmony of(Passage passage) {
        Optional<ChordChart> chart = passage.step().company().chart();
        Fraction end = lastBarEnd(passage);
        if (chart.isPresent()) return new Harmony(typed(chart.get(), passage, end));
        if (!passage.stations().isEmpty()) return new Harmony(ofStations(passage.stations(), end));
        return passage.step().company().sounds() ? new Harmony(ofKey(passage, end)) : new Harmony(List.of());
    }

    /** The chord at a position; empty where there is none. */
    public Optional<Over> at(Fraction position) {
        return chords.stream()
                .filter(one -> one.from().compareTo(position) <= 0 && position.isLessThan(one.to()))
                .findFirst();
    }

    private static Fraction lastBarEnd(Passage passage) {
        Meter meter = passage.step().meter();
        Fraction bars = passage.end().dividedBy(meter.bar());
        return meter.bar().times(-bars.negated().floor());
    }

    private static List<Over> typed(ChordChart chart, Passage passage, Fraction end) {
        boolean namesWritten = passage.step().named() == Step.Named.WRITTEN;
        Interval toWritten =
                passage.concertKey().tonic().upTo(passage.writtenKey().tonic());
        Interval other = namesWritten ? toWritten.negated() : toWritten;
        Fraction bar = passage.step().meter().bar();
        List<Over> chords = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (int i = 0; at.isLessThan(end); i++) {
            List<ChordSymbol> inBar = chart.bars().get(i % chart.bars().size());
            Fraction share = bar.dividedBy(Fraction.of(inBar.size()));
            for (ChordSymbol said : inBar) {
                ChordSymbol moved = other.semitones() == 0 ? said : said.transposed(other);
                chords.add(new Over(at, at.plus(share), namesWritten ? said : moved, namesWritten ? moved : said));
                at = at.plus(share);
            }
        }
        return chords;
    }

    private static List<Over> ofStations(List<Station> stations, Fraction end) {
        List<Over> chords = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            Station station = stations.get(i);
            Fraction to = i + 1 < stations.size() ? stations.get(i + 1).begins() : end;
            if (station.writtenChord().isEmpty() || station.concertChord().isEmpty()) continue;
            chords.add(new Over(
                    station.begins(),
                    to,
                    station.writtenChord().get(),
                    station.concertChord().get()));
        }
        return chords;
    }

    private static List<Over> ofKey(Passage passage, Fraction end) {
        Optional<ChordSymbol> written = ChordSymbol.of(passage.writtenKey(), Walk.isModal(passage.writtenKey()));
        Optional<ChordSymbol> concert = ChordSymbol.of(passage.concertKey(), Walk.isModal(passage.concertKey()));
        return written.isEmpty() || concert.isEmpty()
                ? List.of()
                : List.of(new Over(Fraction.ZERO, end, written.get(), concert.get()));
    }
}
