package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.instrument.Level;
import pebblestep.core.line.LineNote;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;

/** Works out a step note by note: stretch by stretch, the line first and then each further voice along with it. */
final class PassageWriter {
    private final Step step;
    private final @Nullable Player player;
    private final List<PassageNote> notes = new ArrayList<>();
    private final List<Station> stations = new ArrayList<>();
    private final List<Singing> voices = new ArrayList<>();

    PassageWriter(Step step, @Nullable Player player) {
        this.step = step;
        this.player = player;
        for (int i = 0; i < step.voices().size(); i++) voices.add(new Singing(i));
    }

    /** A further voice on its way. */
    private final class Singing {
        private final int index;
        private final Voice voice;
        private final @Nullable Player reader;
        private final List<PassageNote> own = new ArrayList<>();
        private final List<Key> keys = new ArrayList<>();
        private final List<Integer> begins = new ArrayList<>();
        private int octaves;
        private boolean placed;

        Singing(int index) {
            this.index = index;
            this.voice = step.voices().get(index);
            this.reader = voice.by().isOwn() ? player : partner(voice).orElse(null);
        }
    }

    /** Where a stretch stands in pitch. */
    private record Placed(Key written, Key concert, int octave, int concertOctave) {}

    private static Optional<Player> partner(Voice voice) {
        return voice.instrument()
                .map(instrument -> Player.of(instrument, Level.COMFORTABLE))
                .map(one -> voice.range().map(one::within).orElse(one));
    }

    Passage written() {
        List<Stretch> stretches = Stretches.of(step);
        Placed first = null;
        for (Stretch stretch : stretches) {
            Placed placed = place(stretch);
            if (first == null) first = placed;
            List<LineNote> line = stretch.alone().line().notes(placed.written.form());
            int from = notes.size();
            for (Timing.Attack attack : stretch.attacks()) {
                notes.add(note(notes.size(), attack, line.get(attack.note()), placed));
            }
            for (Singing voice : voices)
                sing(voice, stretch, line, placed, stretches.getFirst().attacks());
            if (step.walk().isPresent()) stations.add(station(stretch, placed, from));
        }
        Placed start = Objects.requireNonNull(first);
        List<Part> parts = voices.stream().map(this::part).toList();
        Passage all = new Passage(step, start.written, start.concert, notes, stations, parts);
        return step.hands().alone().map(hand -> byOneHand(all, hand)).orElse(all);
    }

    /** What one hand has of it, and those that are played by others. */
    private Passage byOneHand(Passage all, By hand) {
        Optional<Voice> solo = step.solo();
        List<Part> others = all.parts().stream()
                .filter(part -> !part.voice().by().isOwn()
                        || solo.isEmpty() && part.voice().by() == By.SAME_HAND)
                .toList();
        if (solo.isEmpty()) {
            return new Passage(step, all.writtenKey(), all.concertKey(), notes, stations, others);
        }
        Part own = all.parts().get(step.voices().indexOf(solo.get()));
        return new Passage(step, all.writtenKey(), all.concertKey(), own.notes(), all.stationsOf(own), others);
    }

    private Placed place(Stretch stretch) {
        Key key = stretch.stop().key();
        Interval toWritten = Passage.toWritten(player);
        boolean isWritten = step.named() == Step.Named.WRITTEN;
        Key written = isWritten ? key : Passage.transposed(key, toWritten, player);
        Key concert = isWritten ? Passage.transposed(key, toWritten.negated(), player) : key;
        int octave = octave(stretch, written);
        return new Placed(written, concert, octave, concertOctave(written, octave, concert, toWritten.negated()));
    }

    private int octave(Stretch stretch, Key written) {
        if (stretch.index() > 0) {
            return new Octaves(step, stretch, written, player)
                    .next(notes.get(notes.size() - 1).written());
        }
        boolean lineAlone = step.voices().stream().noneMatch(voice -> voice.by().isOwn())
                && step.walk().isEmpty();
        if (!lineAlone) return new Octaves(step, stretch, written, player).first();
        return Register.tonicOctave(written, step, step.line().notes(written.form()), player);
    }

    /**
     * Written and concert tonic may be spelled on other letters than the interval says (Ab for G#), so the concert octave is
     * found by sound.
     */
    private static int concertOctave(Key written, int octave, Key concert, Interval toConcert) {
        int tonicMidi = written.pitchAt(0, Direction.UP, octave).midi() + toConcert.semitones();
        int inOctaveZero = Pitch.of(concert.tonic(), 0).midi();
        return (tonicMidi - inOctaveZero) / 12;
    }

    private static PassageNote note(int index, Timing.Attack attack, LineNote note, Placed placed) {
        return new PassageNote(
                index,
                attack.note(),
                Passage.pitch(placed.written, note, placed.octave),
                Passage.pitch(placed.concert, note, placed.concertOctave),
                placed.written.degreeAt(note.index(), note.direction()).altered(note.alteration()),
                note.direction(),
                attack.at(),
                attack.value());
    }

    private Station station(Stretch stretch, Placed placed, int from) {
        Optional<ChordSymbol> chord = stretch.stop().chord();
        return new Station(
                stretch.index(),
                placed.written,
                placed.concert,
                chord.map(one -> on(one, placed.written)),
                chord.map(one -> on(one, placed.concert)),
                from,
                notes.size() - 1,
                step.walk().orElseThrow().join().countsBars() ? stretch.shift() : stretch.from(),
                notes.get(from).at(),
                stretch.end(),
                stretch.joined());
    }

    /** A chord on the tonic of a key. */
    private static ChordSymbol on(ChordSymbol chord, Key key) {
        return ChordSymbol.of(key.tonic(), chord.quality());
    }

    private void sing(
            Singing singing, Stretch stretch, List<LineNote> line, Placed placed, List<Timing.Attack> beginning) {
        try {
            Voice voice = singing.voice;
            List<LineNote> own = VoiceNotes.of(voice, stretch.alone(), line);
            Fraction later = VoiceTiming.delay(voice.entry(), beginning);
            Placed at = voice.by().isOwn() ? placed : forPartner(singing, own, placed);
            singing.keys.add(at.written);
            singing.begins.add(singing.own.size());
            for (Timing.Attack attack : VoiceTiming.of(voice, stretch)) {
                singing.own.add(
                        note(singing.own.size(), attack.moved(attack.station(), later), own.get(attack.note()), at));
            }
            if (singing.own.size() > Timing.MOST_ATTACKS) {
                throw Refusal.of("figure", "This voice has over " + Timing.MOST_ATTACKS + " attacks.")
                        .fits("Choose longer values.");
            }
        } catch (Refusal e) {
            throw e.under(Integer.toString(singing.index)).under("voices");
        }
    }

    /** Where a partner's part stands: as it is derived where that fits them, else octaves from there, the nearest first. */
    private Placed forPartner(Singing singing, List<LineNote> own, Placed placed) {
        Player reader = singing.voice.by() == By.PARTNER ? singing.reader : null;
        Key written = Passage.transposed(placed.concert, Passage.toWritten(reader), reader);
        List<Integer> sounding = own.stream()
                .map(note -> Passage.pitch(placed.concert, note, placed.concertOctave)
                        .midi())
                .toList();
        int octaves = 0;
        if (reader != null) {
            octaves = singing.placed && fits(sounding, singing.octaves, reader)
                    ? singing.octaves
                    : nearest(sounding, reader, singing.voice);
            if (!singing.placed) singing.octaves = octaves;
            singing.placed = true;
        }
        int concertOctave = placed.concertOctave + octaves;
        int tonic = placed.concert.pitchAt(0, Direction.UP, concertOctave).midi()
                + Passage.toWritten(reader).semitones();
        int octave = Math.floorDiv(tonic - Pitch.of(written.tonic(), 0).midi(), 12);
        return new Placed(written, placed.concert, octave, concertOctave);
    }

    private static boolean fits(List<Integer> sounding, int octaves, Player reader) {
        int toWritten = Passage.toWritten(reader).semitones() + 12 * octaves;
        int low = sounding.stream().mapToInt(Integer::intValue).min().orElseThrow() + toWritten;
        int high = sounding.stream().mapToInt(Integer::intValue).max().orElseThrow() + toWritten;
        return reader.range().lowest().midi() <= low
                && high <= reader.range().highest().midi();
    }

    private static int nearest(List<Integer> sounding, Player reader, Voice voice) {
        for (int octaves : new int[] {0, -1, 1, -2, 2, -3, 3, -4, 4}) {
            if (fits(sounding, octaves, reader)) return octaves;
        }
        throw Refusal.of(
                        "range",
                        "In no octave does this voice fit the partner's "
                                + reader.instrument().name() + ", "
                                + reader.range().lowest() + " to "
                                + reader.range().highest() + ".")
                .fits("Choose a shorter line or another partner.");
    }

    private Part part(Singing singing) {
        return new Part(
                singing.index,
                singing.voice,
                Optional.ofNullable(singing.reader),
                singing.octaves,
                singing.keys,
                singing.begins,
                singing.own);
    }
}
