package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Pin;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.By;

/** The hand of whoever plays the line of a passage: how it goes through the line, and how else it could. */
public final class LineHand {
    private static final double THOUSAND = 1000;
    private static final int MOST_WAYS = 12;
    private static final int MOST_TRIED = 24;
    private static final int AROUND = 200;

    private final Passage passage;

    /** As the player has it, before a school or a position is asked for. */
    private final Hand own;

    private final Hand hand;
    private final List<NoteToPlay> onsets;
    private final Map<Integer, String> pins = new LinkedHashMap<>();
    private final List<Resting> resting = new ArrayList<>();

    private LineHand(Passage passage, Hand own, Hand hand) {
        this.passage = passage;
        this.own = own;
        this.hand = hand;
        this.onsets = onsets(passage);
        List<Pin> asked = passage.step().hand().pins();
        // What is fixed for one note goes before what is fixed for all of its pitch.
        asked.stream().filter(pin -> pin.note().isEmpty()).forEach(this::pin);
        asked.stream().filter(pin -> pin.note().isPresent()).forEach(this::pin);
    }

    /**
     * A pin that does nothing in this passage.
     *
     * @param sentence why
     */
    public record Resting(Pin pin, String sentence) {}

    /**
     * A way in which one note of the line can be played.
     *
     * @param chosen whether the line goes this way as it stands
     * @param more what it costs more than the line with this note free, in thousandths; never below 0, though what a handbook has
     *     for a scale may cost more by the rules
     */
    public record Choice(Way way, boolean chosen, long more) {}

    /**
     * A school, and what the line is in it.
     *
     * @param asked whether it is the one that is taken
     * @param misfit why the line cannot be played so, and is played otherwise; empty where it can
     */
    public record InSchool(School school, Fingering through, boolean asked, Optional<String> misfit) {}

    /** The hand of a player; empty where there is no model of it. */
    static Optional<LineHand> of(Passage passage, @Nullable Player player) {
        if (player == null) return Optional.empty();
        FingeringChoice wish = passage.step().hand();
        return player.played().map(own -> {
            Hand as = side(passage, own);
            return new LineHand(passage, as, InstrumentHands.asked(as, wish));
        });
    }

    /**
     * How the other hand of a player goes through a further voice of their own; empty where no hand of theirs plays it, and at
     * instruments whose hands do not have fingerings of their own. What the step fixes is the line's.
     *
     * @param part which voice, from 0
     */
    static Optional<Fingering> ofOtherHand(Passage passage, int part, @Nullable Player player) {
        By by = passage.parts().get(part).voice().by();
        if (player == null || by != By.LEFT && by != By.RIGHT) return Optional.empty();
        Passage turned = passage.turnedTo(part, player);
        return player.played()
                .filter(hand -> hand.family() == Hand.Family.KEYS)
                .map(hand -> by == By.LEFT ? InstrumentHands.left(hand) : hand)
                .map(hand -> Fingering.of(hand, onsets(turned), Map.of()));
    }

    private static Hand side(Passage passage, Hand hand) {
        return isLeft(passage) ? InstrumentHands.left(hand) : hand;
    }

    private static boolean isLeft(Passage passage) {
        Step step = passage.step();
        return step.hands().alone().orElse(Hands.ofLine(step.voices())) == By.LEFT;
    }

    private void pin(Pin pin) {
        boolean means = false;
        boolean fits = false;
        for (int i = 0; i < onsets.size(); i++) {
            Pitch written = onsets.get(i).written();
            if (!pin.means(i, written, keyOf(i))) continue;
            means = true;
            if (hand.ways(written).stream().noneMatch(way -> way.id().equals(pin.way()))) continue;
            fits = true;
            pins.put(i, pin.way());
            if (pin.note().isPresent()) sound(i).forEach(same -> pins.put(same, pin.way()));
        }
        if (!fits) resting.add(new Resting(pin, why(pin, means)));
    }

    /** A note and those beside it that are the same one struck again: they stay on one way. */
    private List<Integer> sound(int note) {
        Pitch written = onsets.get(note).written();
        int from = note;
        while (from > 0 && onsets.get(from - 1).written().equals(written)) from--;
        int to = note;
        while (to + 1 < onsets.size() && onsets.get(to + 1).written().equals(written)) to++;
        return IntStream.rangeClosed(from, to).boxed().toList();
    }

    private static String why(Pin pin, boolean means) {
        String note = pin.pitch()
                .map(Pitch::toString)
                .orElseGet(() -> "note " + (pin.note().orElse(0) + 1));
        return "The fingering fixed for " + note
                + (means ? " is none of this instrument." : " rests: the line does not have that note there now.");
    }

    /** Whether a note is fixed to a way. */
    public boolean isPinned(int note, Way way) {
        return way.id().equals(pins.get(note));
    }

    /** What the step would ask with one pin more, in place of those that mean the same notes. */
    public FingeringChoice fixed(Pin pin) {
        FingeringChoice wish = passage.step().hand();
        List<Pin> others =
                wish.pins().stream().filter(other -> !isReplaced(other, pin)).toList();
        List<Pin> all = new ArrayList<>(others);
        all.add(pin);
        return new FingeringChoice(wish.school(), wish.position(), all);
    }

    /** What the step would ask, did nothing fix this note any more. */
    public FingeringChoice loosened(int note) {
        FingeringChoice wish = passage.step().hand();
        Pitch written = written(note);
        return new FingeringChoice(
                wish.school(),
                wish.position(),
                wish.pins().stream()
                        .filter(pin -> !pin.means(note, written, keyOf(note)))
                        .toList());
    }

    /** One pin of a note goes before another of it; one of every note goes before all of that pitch in the key. */
    private static boolean isReplaced(Pin other, Pin pin) {
        if (pin.note().isPresent()) return other.note().equals(pin.note());
        return other.pitch().equals(pin.pitch())
                && (other.key().isEmpty()
                        || other.key().equals(pin.key())
                        || other.note().isPresent());
    }

    /** The written key that a note is in: of a walk that of its station. */
    public Key keyOf(int note) {
        return passage.writtenKeyAt(note);
    }

    private static List<NoteToPlay> onsets(Passage passage) {
        List<PassageNote> notes = passage.notes();
        boolean[] joined = new boolean[notes.size()];
        for (Slur slur : Slur.of(passage.step(), notes)) {
            for (int i = slur.fromNote(); i < slur.toNote(); i++) joined[i] = true;
        }
        List<NoteToPlay> onsets = new ArrayList<>();
        for (int i = 0; i < notes.size(); i++) {
            PassageNote note = notes.get(i);
            double from = passage.millisAt(note.at());
            double to = i + 1 < notes.size()
                    ? passage.millisAt(notes.get(i + 1).at())
                    : passage.millisAt(note.at().plus(note.value()));
            onsets.add(new NoteToPlay(
                    note.written(),
                    (to - from) / THOUSAND,
                    joined[i],
                    passage.stationOf(i).map(Station::index).orElse(0)));
        }
        return onsets;
    }

    /** The cheapest way through the line, at the tempo of the step, with what is pinned. */
    public Fingering fingering() {
        return Fingering.of(hand, onsets, pins);
    }

    /** Pins that do nothing here. */
    public List<Resting> resting() {
        return List.copyOf(resting);
    }

    /** Why the line cannot be played as the school goes about; empty where it can. */
    public Optional<String> misfit() {
        return hand.misfit(onsets);
    }

    /** The hand as it goes through this line. */
    public Hand hand() {
        return hand;
    }

    /** The written pitch of a note; refuses one that the line does not have. */
    public Pitch written(int note) {
        if (note < 0 || note >= onsets.size()) {
            throw Refusal.of(
                    "note", "The line has notes 0 to " + (onsets.size() - 1) + ", none with the number " + note + ".");
        }
        return onsets.get(note).written();
    }

    /**
     * How one note can be played, each way with what the line becomes by it: what is taken first, then the cheapest. Of ways that
     * look alike, as an open string with the hand waiting here or there, the cheapest stands for all. Of a long line only the
     * notes around are tried: what is further away is played as before.
     */
    public List<Choice> choices(int note) {
        Pitch written = written(note);
        int from = Math.max(0, note - AROUND);
        List<NoteToPlay> near = onsets.subList(from, Math.min(onsets.size(), note + AROUND + 1));
        Map<Integer, String> others = new HashMap<>();
        pins.forEach((at, way) -> {
            if (at >= from && at - from < near.size()) others.put(at - from, way);
        });
        List<Integer> same = sound(note).stream()
                .map(at -> at - from)
                .filter(at -> at >= 0 && at < near.size())
                .toList();
        Way taken = fingering().stops().get(note).way();
        same.forEach(others::remove);
        long least = Fingering.of(hand, near, others).cost();
        List<Choice> choices = new ArrayList<>();
        for (Way way : looks(written, taken)) {
            same.forEach(one -> others.put(one, way.id()));
            long more = Fingering.of(hand, near, others).cost() - least;
            choices.add(new Choice(way, way.equals(taken), Math.max(0, more)));
        }
        Map<Object, Choice> byLook = new LinkedHashMap<>();
        choices.stream()
                .sorted(Comparator.comparing((Choice choice) -> !choice.chosen).thenComparing(Choice::more))
                .forEach(choice -> byLook.putIfAbsent(choice.way().shape().look(), choice));
        return byLook.values().stream().limit(MOST_WAYS).toList();
    }

    /** The ways of a pitch that are worth trying: the plainest ones, and the one that is taken. */
    private List<Way> looks(Pitch written, Way taken) {
        List<Way> looks = new ArrayList<>();
        looks.add(taken);
        hand.ways(written).stream()
                .filter(way -> !way.equals(taken))
                .sorted(Comparator.comparing(Way::cost))
                .limit(MOST_TRIED)
                .forEach(looks::add);
        return looks;
    }

    /** The line in every school of its hand; empty where there is one way to go about. */
    public List<InSchool> schools() {
        List<InSchool> schools = new ArrayList<>();
        String asked = hand.school().map(School::id).orElse("");
        for (School school : own.schools()) {
            Hand there = hand.inSchool(school.id());
            schools.add(new InSchool(
                    school, Fingering.of(there, onsets, Map.of()), school.id().equals(asked), there.misfit(onsets)));
        }
        return schools;
    }
}
