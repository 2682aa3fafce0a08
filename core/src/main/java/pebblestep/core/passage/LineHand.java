package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.hands.Fingering;
import pebblestep.core.hands.Hand;
import pebblestep.core.hands.Handed;
import pebblestep.core.hands.Onset;
import pebblestep.core.voice.By;

/** The hand of whoever plays the line of a passage. */
final class LineHand {
    private static final double THOUSAND = 1000;

    private LineHand() {}

    /** The cheapest fingering at the tempo of the step; empty where there is no model of the hand, or a note has no way. */
    static Optional<Fingering> of(Passage passage, @Nullable Player player) {
        if (player == null) return Optional.empty();
        return Handed.of(player.instrument()).flatMap(hand -> {
            try {
                Hand own = isLeft(passage) ? Handed.left(hand) : hand;
                return Optional.of(Fingering.of(own, onsets(passage), Map.of()));
            } catch (Refusal e) {
                // A range of one's own may go beyond what the model of the instrument knows.
                return Optional.empty();
            }
        });
    }

    private static boolean isLeft(Passage passage) {
        Step step = passage.step();
        return step.hands().alone().orElse(Hands.ofLine(step.voices())) == By.LEFT;
    }

    private static List<Onset> onsets(Passage passage) {
        List<PassageNote> notes = passage.notes();
        List<Slur> slurs = Slur.of(passage.step(), notes);
        List<Onset> onsets = new ArrayList<>();
        for (int i = 0; i < notes.size(); i++) {
            PassageNote note = notes.get(i);
            int at = i;
            double from = passage.millisAt(note.at());
            double to = i + 1 < notes.size()
                    ? passage.millisAt(notes.get(i + 1).at())
                    : passage.millisAt(note.at().plus(note.value()));
            boolean slurred = slurs.stream().anyMatch(slur -> slur.joins(at));
            onsets.add(new Onset(note.written(), (to - from) / THOUSAND, slurred));
        }
        return onsets;
    }
}
