package pebblestep.core.quiz;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.fingering.words.ShapeWords;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;

/**
 * Questions about the fingers of a player: which of four hands plays a note of a key. At a keyboard any finger plays any note, so
 * that there it is the finger which the scale takes.
 *
 * @param hand whose fingers are asked for
 * @param range what they read, as written
 */
public record FingerQuiz(Hand hand, PitchRange range) {
    /** Notes of a key that are asked for: those that cost the hand most. */
    private static final int MOST_OF_A_KEY = 4;

    private static final int CHOICES = 4;
    private static final int OCTAVE = 12;
    private static final int MIDDLE = 4;
    private static final int MOST_OCTAVES = 2;
    private static final double SECONDS = 0.2;
    private static final Pitch KEYBOARD_FROM = Pitch.parse("C4");

    /** Semitones to the notes whose fingers are offered beside the right ones, the nearest first. */
    private static final List<Integer> BESIDE = List.of(1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 7, -7, 9, -9);

    /**
     * One of the hands to choose from.
     *
     * @param way its id
     */
    public record Choice(String way, Shape shape) {
        /** In words. */
        public String inWords() {
            return ShapeWords.of(shape);
        }
    }

    /** The questions about a key, the note that costs the hand most first; none where it has no fingers to ask for. */
    public List<Question> about(Key key) {
        if (hand.family() == Hand.Family.MALLETS) return List.of();
        Map<Pitch, Integer> dear = new LinkedHashMap<>();
        List<Fingering.Stop> stops = line(key);
        for (int i = 0; i < stops.size(); i++) {
            Fingering.Stop stop = stops.get(i);
            if (stop.way().shape() instanceof Shape.Beyond) continue;
            int before = i == 0 ? 0 : stops.get(i - 1).moveCost();
            dear.merge(stop.onset().written(), stop.way().cost() + Math.max(before, stop.moveCost()), Math::max);
        }
        return dear.entrySet().stream()
                .sorted(Map.Entry.<Pitch, Integer>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .filter(pitch -> choices(key, pitch).size() > 1)
                .limit(MOST_OF_A_KEY)
                .map(pitch -> new Question(QuestionKind.FINGER, key, Optional.of(pitch)))
                .toList();
    }

    /** The question, as it is asked of this player. */
    public String text(Question question) {
        return hand.family() == Hand.Family.KEYS && question.pitch().isPresent()
                ? "Which finger of the right hand takes " + question.pitch().get() + " in the scale of "
                        + question.key() + "?"
                : question.text();
    }

    /** The scale of a key in the range, up and down, as the hand goes through it; empty where the range has none of it. */
    private List<Fingering.Stop> line(Key key) {
        List<Pitch> up = up(key);
        if (up.isEmpty()) return List.of();
        List<NoteToPlay> onsets = new ArrayList<>();
        up.forEach(pitch -> onsets.add(NoteToPlay.of(pitch, SECONDS)));
        up.reversed().stream().skip(1).forEach(pitch -> onsets.add(NoteToPlay.of(pitch, SECONDS)));
        return Fingering.of(hand, onsets, new HashMap<>()).stops();
    }

    /** From the lowest tonic of the range on, two octaves at most. */
    private List<Pitch> up(Key key) {
        List<NoteName> names = key.notes(Direction.UP);
        List<Pitch> up = new ArrayList<>();
        // At a keyboard the right hand begins in the middle, as scales are learned.
        int below = hand.family() == Hand.Family.KEYS && range.contains(KEYBOARD_FROM)
                ? KEYBOARD_FROM.midi() - 1
                : range.lowest().midi() - 1;
        for (int i = 0; i <= names.size() * MOST_OCTAVES; i++) {
            Pitch next = above(names.get(i % names.size()), below);
            if (!range.contains(next)) return up;
            up.add(next);
            below = next.midi();
        }
        return up;
    }

    /** The lowest pitch of that name above a note number. */
    private static Pitch above(NoteName name, int midi) {
        int octaves = Math.floorDiv(midi - Pitch.of(name, MIDDLE).midi(), OCTAVE) + 1;
        return Pitch.of(name, MIDDLE + octaves);
    }

    /** The hands to choose from, in an order that says nothing; the right one is among them. Refuses a note that the hand cannot play. */
    public List<Choice> choices(Question question) {
        Pitch pitch = asked(question);
        List<Choice> choices = choices(question.key(), pitch);
        if (choices.isEmpty()) throw Refusal.of("pitch", pitch + " has no fingering on this instrument.");
        return choices;
    }

    private List<Choice> choices(Key key, Pitch pitch) {
        List<Way> own = hand.ways(pitch);
        if (own.isEmpty() || own.getFirst().shape() instanceof Shape.Beyond) return List.of();
        if (hand.family() == Hand.Family.KEYS) return choices(own);
        List<Way> offered = new ArrayList<>(List.of(own.getFirst()));
        Set<Object> looks = new LinkedHashSet<>();
        own.forEach(way -> looks.add(seen(way)));
        for (int by : BESIDE) {
            if (offered.size() == CHOICES) break;
            Optional<Way> other =
                    hand.ways(Pitch.commonlyNamed(pitch.midi() + by)).stream().findFirst();
            if (other.isEmpty() || other.get().shape() instanceof Shape.Beyond) continue;
            boolean plays =
                    own.stream().anyMatch(way -> way.id().equals(other.get().id()));
            if (!plays && looks.add(seen(other.get()))) offered.add(other.get());
        }
        return choices(offered);
    }

    /** What tells two hands apart in a picture: of valves and slides not which partial sounds. */
    private static Object seen(Way way) {
        return switch (way.shape()) {
            case Shape.Valved one -> List.of(one.valves(), one.thumb());
            case Shape.Slid one -> List.of(one.position(), one.raised(), one.triggers());
            default -> way.shape().look();
        };
    }

    private static List<Choice> choices(List<Way> ways) {
        return ways.stream()
                .sorted(Comparator.comparing(Way::id))
                .map(way -> new Choice(way.id(), way.shape()))
                .toList();
    }

    /**
     * Marks a hand that was chosen, by its id: any that plays the note is right, at a keyboard the one that the scale takes. Refuses
     * one that was not offered.
     */
    public Question.Mark mark(Question question, String way) {
        Pitch pitch = asked(question);
        List<Choice> offered = choices(question);
        Choice chosen = chosen(offered, way);
        Set<String> right = right(question.key(), pitch);
        String answer = offered.stream()
                .filter(choice -> right.contains(choice.way()))
                .map(Choice::inWords)
                .findFirst()
                .orElse("another");
        boolean isRight = right.contains(chosen.way());
        return new Question.Mark(
                isRight,
                answer,
                isRight
                        ? "Right: " + pitch + " is " + answer + "."
                        : "Not quite: " + pitch + " is " + answer + ", not " + chosen.inWords() + ".");
    }

    /** The one that was chosen; refuses one that was not offered. */
    public Choice chosen(Question question, String way) {
        return chosen(choices(question), way);
    }

    private static Choice chosen(List<Choice> offered, String way) {
        return offered.stream()
                .filter(choice -> choice.way().equals(way))
                .findFirst()
                .orElseThrow(() ->
                        Refusal.of("answer", "That is none of the fingerings.").fits("Press one of them."));
    }

    private Set<String> right(Key key, Pitch pitch) {
        Set<String> right = new LinkedHashSet<>();
        if (hand.family() == Hand.Family.KEYS) {
            line(key).stream()
                    .filter(stop -> stop.onset().written().equals(pitch))
                    .forEach(stop -> right.add(stop.way().id()));
        } else {
            hand.ways(pitch).forEach(way -> right.add(way.id()));
        }
        return right;
    }

    private static Pitch asked(Question question) {
        return question.pitch().orElseThrow(() -> Refusal.of("kind", "This question asks for no fingers."));
    }
}
