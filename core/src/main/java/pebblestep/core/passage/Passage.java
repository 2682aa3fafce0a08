package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.line.LineNote;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Syllables;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.SixAccidentals;
import pebblestep.core.scale.Slip;
import pebblestep.core.scale.Slips;
import pebblestep.core.scale.SolFa;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;

/**
 * A step worked out note by note, for one player: the one result that every screen, sound and file uses.
 *
 * @param step the step it was made from
 * @param writtenKey the key on paper, of a walk the first
 * @param concertKey the key that sounds, of a walk the first
 * @param notes those of the line in playing order, never empty
 * @param stations the keys of a walk in order; empty for a step that stays in its own
 * @param parts the further voices in order
 */
public record Passage(
        Step step, Key writtenKey, Key concertKey, List<PassageNote> notes, List<Station> stations, List<Part> parts) {
    public Passage {
        notes = List.copyOf(notes);
        stations = List.copyOf(stations);
        parts = List.copyOf(parts);
    }

    /** The passage of a step at concert pitch, for no instrument in particular. */
    public static Passage of(Step step) {
        return of(step, null);
    }

    /**
     * The passage of a step for a player, or at concert pitch without one; refuses a line that does not fit them, and what
     * they cannot play at once.
     */
    public static Passage of(Step step, @Nullable Player player) {
        return new PassageWriter(step, player).written();
    }

    /** How the line is fingered by whoever plays it; empty where their hand is not known here. */
    public Optional<Fingering> fingering(@Nullable Player player) {
        return hand(player).map(LineHand::fingering);
    }

    /** The hand of whoever plays the line; empty where it is not known here. */
    public Optional<LineHand> hand(@Nullable Player player) {
        return LineHand.of(this, player);
    }

    /** How the other hand of the player goes through one of the further voices, from 0; empty where none of theirs does. */
    public Optional<Fingering> otherHand(int part, @Nullable Player player) {
        return LineHand.ofOtherHand(this, part, player);
    }

    /** Refuses a step that does not fit a player, as {@link #of} would; of a line alone without working out its rhythm. */
    public static void requireFits(Step step, Player player) {
        if (!step.voices().isEmpty() || step.walk().isPresent()) {
            of(step, player);
            return;
        }
        Register.tonicOctave(
                writtenKey(step, player), step, step.line().notes(step.key().form()), player);
    }

    /** The pitch of a note of a line in a key, with the tonic of its range in that octave. */
    static Pitch pitch(Key key, LineNote note, int octave) {
        Pitch inForm = key.pitchAt(note.index(), note.direction(), octave);
        return note.alteration() == 0 ? inForm : inForm.plus(Interval.of(0, note.alteration()));
    }

    /** The key that a player reads, or the concert key without one. */
    public static Key writtenKey(Step step, @Nullable Player player) {
        return step.named() == Step.Named.WRITTEN ? step.key() : transposed(step.key(), toWritten(player), player);
    }

    /** The key that a player reads for one that is named so. */
    public static Key writtenKey(Key key, Step.Named named, @Nullable Player player) {
        return named == Step.Named.WRITTEN ? key : transposed(key, toWritten(player), player);
    }

    /**
     * The keys that a player reads in a step, each once in the order they come: of a walk all that it goes through.
     *
     * @param first the key that they read first
     */
    public static List<Key> writtenKeys(Step step, Key first) {
        return stationKeys(step, first).stream().distinct().toList();
    }

    /** The same for each station in turn, a key that comes again as often as it comes. */
    public static List<Key> stationKeys(Step step, Key first) {
        if (step.walk().isEmpty()) return List.of(first);
        Interval by = step.key().tonic().upTo(first.tonic());
        return step.walk().get().stops(step.key()).stream()
                .map(stop -> stop.key().transposed(by))
                .toList();
    }

    static Interval toWritten(@Nullable Player player) {
        return player == null ? Interval.UNISON : player.instrument().toWritten();
    }

    static Key transposed(Key key, Interval interval, @Nullable Player player) {
        return key.transposed(interval, player == null ? SixAccidentals.BY_INTERVAL : player.six());
    }

    public PassageNote first() {
        return notes.get(0);
    }

    public PassageNote last() {
        return notes.get(notes.size() - 1);
    }

    /** The lowest written pitch of all that the player of the line has. */
    public Pitch lowest() {
        return own().map(PassageNote::written).min(Pitch::compareTo).orElseThrow();
    }

    /** The highest written pitch of all that the player of the line has. */
    public Pitch highest() {
        return own().map(PassageNote::written).max(Pitch::compareTo).orElseThrow();
    }

    private Stream<PassageNote> own() {
        return Stream.concat(
                notes.stream(),
                parts.stream().filter(part -> part.voice().by().isOwn()).flatMap(part -> part.notes().stream()));
    }

    /** Number of the last bar in which an attack stands, of any voice; a pickup adds none. */
    public int bars() {
        return Math.max(1, step.meter().barOf(lastAttack()));
    }

    /** The last attack of any voice. */
    public Fraction lastAttack() {
        Fraction last = last().at();
        for (Part part : parts) {
            Fraction other = part.notes().get(part.notes().size() - 1).at();
            if (last.isLessThan(other)) last = other;
        }
        return last;
    }

    /** Where the last note of all voices ends. */
    public Fraction end() {
        Fraction end = last().at().plus(last().value());
        for (Part part : parts) if (end.isLessThan(part.end())) end = part.end();
        return end;
    }

    /** Bar in which the first attack of any voice stands: 0 for a pickup, else 1. */
    public int firstBar() {
        return step.meter().barOf(begins());
    }

    /** The first attack of any voice. */
    public Fraction begins() {
        Fraction begins = first().at();
        for (Part part : parts) {
            Fraction other = part.notes().get(0).at();
            if (other.isLessThan(begins)) begins = other;
        }
        return begins;
    }

    /** Milliseconds from the first attack to a position, at the step's tempo and with its swing. */
    public double millisAt(Fraction position) {
        return step.tempo().millis(asPlayed(position).minus(asPlayed(first().at())));
    }

    /** Where a written position is played, swing and all: exact whole notes from the downbeat of bar 1. */
    public Fraction asPlayed(Fraction position) {
        return step.rhythm().swing().sounding(position, step.rhythm().swung());
    }

    /** Milliseconds from the first attack to the end of the last note of all voices. */
    public double durationMillis() {
        return millisAt(end());
    }

    /** The fastest steady rate of the figure. */
    public double notesPerSecond() {
        return step.tempo().notesPerSecond(quickest());
    }

    /** The shortest time from one attack to the next, in whole notes. */
    public Fraction quickest() {
        Fraction quickest = step.figure().quickest();
        for (int i = 1; i < notes.size(); i++) {
            Fraction apart = notes.get(i).at().minus(notes.get(i - 1).at());
            if (i == 1 || apart.isLessThan(quickest)) quickest = apart;
        }
        return quickest;
    }

    /**
     * Neighbouring notes of the line worth alternating alone before the run: those of the key, in written pitch, and
     * those that the instrument makes awkward, each once.
     */
    public List<AwkwardSpot> awkward(@Nullable Player player) {
        return AwkwardSpots.of(this, player);
    }

    /** The stations as the player of a further voice has them. */
    List<Station> stationsOf(Part part) {
        return stations.stream().map(station -> station.of(part)).toList();
    }

    /**
     * The same for whoever plays a further voice: that is the line now, and the line takes its place among the voices. Refuses a
     * voice that there is not.
     *
     * @param index which voice, from 0
     * @param lead who plays the line
     */
    public Passage turnedTo(int index, @Nullable Player lead) {
        if (index < 0 || index >= parts.size()) {
            throw Refusal.of(
                    "part",
                    "This step has " + parts.size() + " further voices; there is no voice " + (index + 1) + ".");
        }
        Part own = parts.get(index);
        Voice other = Voice.at(1, By.PARTNER);
        List<Key> keys = stations.isEmpty()
                ? List.of(writtenKey)
                : stations.stream().map(Station::writtenKey).toList();
        List<Integer> begins = stations.isEmpty()
                ? List.of(0)
                : stations.stream().map(Station::from).toList();
        Part line = new Part(index, other, Optional.ofNullable(lead), 0, keys, begins, notes);
        List<Part> others = new ArrayList<>(parts);
        others.set(index, line);
        return new Passage(step, own.writtenKeys().get(0), concertKey, own.notes(), stationsOf(own), others);
    }

    /** The key on paper in which a note of the line stands, by its index: of a walk the station's. */
    public Key writtenKeyAt(int note) {
        return stationOf(note).map(Station::writtenKey).orElse(writtenKey);
    }

    /** The station in which a note of the line stands, by its index; empty for a step that does not walk. */
    public Optional<Station> stationOf(int note) {
        return stations.stream()
                .filter(station -> station.from() <= note && note <= station.to())
                .findFirst();
    }

    /** The likely slips in the first key, in written pitch. */
    public List<Slip> slips() {
        return Slips.of(writtenKey);
    }

    /** The syllable on which a note is sung, in the key that it stands in: of a walk that of its station. */
    public String syllable(PassageNote note, Syllables school) {
        return SolFa.of(
                note.degree(), note.written().name(), writtenKeyAt(note.index()).form(), school);
    }
}
