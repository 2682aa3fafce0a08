package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.harmony.Company.Style;
import pebblestep.core.harmony.Voicings;
import pebblestep.core.passage.Harmony;
import pebblestep.core.passage.Passage;
import pebblestep.core.pitch.Interval;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * The chords and the bass that may sound with a passage, as a player beside it would play them: both are always planned, and
 * the step or whoever listens says which of them sound.
 *
 * @param style how the chords are played
 * @param chords in order, at the same moment from the lowest up
 * @param bass in order
 */
public record CompanyPlan(Style style, List<Tone> chords, List<Tone> bass) {
    private static final int OCTAVE = 12;

    /** The bass lies from E1's octave on: from F1 to below F2, its fifth on either side. */
    private static final int LOWEST_BASS = 29;

    private static final Fraction HALF = Fraction.of(1, 2);

    public CompanyPlan {
        chords = List.copyOf(chords);
        bass = List.copyOf(bass);
    }

    /**
     * One note.
     *
     * @param at exact position from the downbeat of bar 1
     * @param value exact length
     * @param midi its sound as a MIDI note number
     */
    public record Tone(Fraction at, Fraction value, int midi) {}

    /** The plan of one repetition in the style that the step asks for; held chords where it asks for none. */
    public static CompanyPlan of(Passage passage) {
        return of(passage, passage.step().company().chords().orElse(Style.PAD));
    }

    /** The plan of one repetition in a style. */
    public static CompanyPlan of(Passage passage, Style style) {
        List<Harmony.Over> harmony = Harmony.of(passage).chords();
        List<List<Integer>> voiced =
                Voicings.of(harmony.stream().map(Harmony.Over::concert).toList());
        Meter meter = passage.step().meter();
        List<Tone> chords = new ArrayList<>();
        List<Tone> bass = new ArrayList<>();
        for (int i = 0; i < harmony.size(); i++) {
            Harmony.Over over = harmony.get(i);
            switch (style) {
                case PAD -> held(over, voiced.get(i), chords);
                case BROKEN -> broken(over, voiced.get(i), meter, chords);
                case COMPED -> comped(over, voiced.get(i), meter, chords);
            }
            bass(over, meter, bass);
        }
        chords.sort(Comparator.comparing(Tone::at).thenComparing(Tone::midi));
        return new CompanyPlan(style, chords, bass);
    }

    private static void held(Harmony.Over over, List<Integer> notes, List<Tone> chords) {
        Fraction value = over.to().minus(over.from());
        for (int midi : notes) chords.add(new Tone(over.from(), value, midi));
    }

    /** Up through the notes and back, two to a beat, three where the beat divides in three. */
    private static void broken(Harmony.Over over, List<Integer> notes, Meter meter, List<Tone> chords) {
        int[] order = {0, 1, 2, 3, 2, 1};
        int next = 0;
        for (Fraction beat = over.from(); beat.isLessThan(over.to()); beat = meter.nextBeat(beat)) {
            int number = meter.beatOf(beat);
            int parts = meter.isTernary(number) ? 3 : 2;
            Fraction part = meter.lengthOf(number).dividedBy(Fraction.of(parts));
            for (int i = 0; i < parts; i++) {
                Fraction at = meter.beatStart(beat).plus(part.times(i));
                if (at.isLessThan(over.from()) || !at.isLessThan(over.to())) continue;
                chords.add(new Tone(at, part, notes.get(order[next++ % order.length])));
            }
        }
    }

    /** Short, on the beats that answer: 2, 4 and so on; where a chord has none of them, as it begins. */
    private static void comped(Harmony.Over over, List<Integer> notes, Meter meter, List<Tone> chords) {
        List<Fraction> strokes = new ArrayList<>();
        for (Fraction beat = firstBeat(over.from(), meter); beat.isLessThan(over.to()); beat = meter.nextBeat(beat)) {
            if (meter.beatOf(beat) % 2 == 0) strokes.add(beat);
        }
        if (strokes.isEmpty()) strokes.add(over.from());
        for (Fraction at : strokes) {
            Fraction value = meter.lengthOf(meter.beatOf(at)).times(HALF);
            for (int midi : notes) chords.add(new Tone(at, value, midi));
        }
    }

    private static Fraction firstBeat(Fraction from, Meter meter) {
        Fraction beat = meter.beatStart(from);
        return beat.equals(from) ? beat : meter.nextBeat(from);
    }

    /** The root as the chord begins and at every bar, its fifth in the middle of the bar; each until the next. */
    private static void bass(Harmony.Over over, Meter meter, List<Tone> bass) {
        int root = lowest(over.concert());
        List<Tone> own = new ArrayList<>();
        add(own, over.from(), root);
        Fraction bar = meter.downbeat(meter.barOf(over.from()));
        for (; bar.isLessThan(over.to()); bar = bar.plus(meter.bar())) {
            if (over.from().isLessThan(bar)) add(own, bar, root);
            Fraction middle = bar.plus(meter.positionOf(meter.beats() / 2 + 1));
            boolean within = over.from().isLessThan(middle) && middle.isLessThan(over.to());
            Integer fifth = fifth(over.concert(), root);
            if (within && meter.beats() > 1 && fifth != null) add(own, middle, fifth);
        }
        for (int i = 0; i < own.size(); i++) {
            Fraction to = i + 1 < own.size() ? own.get(i + 1).at() : over.to();
            Tone tone = own.get(i);
            bass.add(new Tone(tone.at(), to.minus(tone.at()), tone.midi()));
        }
    }

    private static void add(List<Tone> tones, Fraction at, int midi) {
        tones.add(new Tone(at, Fraction.ZERO, midi));
    }

    private static int lowest(ChordSymbol chord) {
        return LOWEST_BASS + Math.floorMod(chord.lowest().pitchClass() - LOWEST_BASS, OCTAVE);
    }

    /** The chord's fifth nearest to its bass; null for chords without one, and over a bass that is not the root. */
    private static @Nullable Integer fifth(ChordSymbol chord, int root) {
        if (chord.bass().isPresent()) return null;
        Optional<Interval> fifth = chord.quality().tones().stream()
                .filter(tone -> tone.steps() == 4)
                .findFirst();
        if (fifth.isEmpty()) return null;
        int above = root + fifth.get().semitones();
        return above > LOWEST_BASS + OCTAVE ? above - OCTAVE : above;
    }
}
