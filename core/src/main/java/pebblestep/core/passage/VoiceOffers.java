package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Playing;
import pebblestep.core.line.Extent;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;

/** The voices that teachers add to a line most, as they suit an instrument (common practice, no source). */
public final class VoiceOffers {
    private static final Fraction TRIPLET = Fraction.of(1, 12);
    private static final Fraction EIGHTH = Fraction.of(1, 8);

    private VoiceOffers() {}

    /**
     * A voice to add.
     *
     * @param name what it is called
     * @param voice the voice
     * @param refused why it cannot be added to this step; empty where it can
     */
    public record Offer(String name, Voice voice, Optional<String> refused) {}

    /** What is offered for a step, for a player or for nobody in particular; each tried with it. */
    public static List<Offer> of(Step step, @Nullable Player player) {
        Optional<Playing> playing = player == null ? Optional.empty() : Playing.of(player.instrument());
        List<Offer> offers = new ArrayList<>();
        boolean hands = playing.map(Playing::hasHands).orElse(true);
        boolean many = !(playing.orElse(null) instanceof Playing.One);
        if (hands) hands(step, offers);
        if (many) {
            offer("Thirds below", Voice.at(-3, By.SAME_HAND), offers);
            offer("Sixths below", Voice.at(-6, By.SAME_HAND), offers);
            offer("Octaves below", Voice.at(-8, By.SAME_HAND), offers);
        }
        Fraction bar = step.meter().bar();
        Voice round = Voice.at(1, By.COMPANY).withEntry(new Entry.Later(bar));
        offer("A round after a bar, from the loudspeaker", round, offers);
        Voice partner = Voice.at(1, By.PARTNER).withEntry(new Entry.Later(bar));
        offer("A round after a bar, with a partner", reading(partner, player), offers);
        offer("A partner a third below", reading(Voice.at(-3, By.PARTNER), player), offers);
        offer("The tonic held beneath", Voice.at(-8, By.COMPANY).on(1), offers);
        return offers.stream().map(one -> tried(one, step, player)).toList();
    }

    private static void hands(Step step, List<Offer> offers) {
        offer("Hands together, an octave apart", Voice.at(-8, By.LEFT), offers);
        offer("Contrary motion", Voice.at(1, By.LEFT).mirrored(), offers);
        offer("Hands a tenth apart", Voice.at(-10, By.LEFT), offers);
        offer("Hands a sixth apart", Voice.at(-6, By.LEFT), offers);
        offer("Left hand holds the tonic", Voice.at(-8, By.LEFT).on(1), offers);
        boolean three = step.figure().even().equals(Optional.of(TRIPLET))
                && step.line().extent().equals(Extent.octaves(3));
        if (!three) return;
        Voice two = Voice.at(-8, By.LEFT).withFigure(Figure.even(EIGHTH)).withExtent(Extent.octaves(2));
        offer("Two against three", two, offers);
    }

    /** A partner who has the same instrument until another is chosen. */
    private static Voice reading(Voice voice, @Nullable Player player) {
        return player == null ? voice : voice.on(player.instrument());
    }

    private static void offer(String name, Voice voice, List<Offer> offers) {
        offers.add(new Offer(name, voice, Optional.empty()));
    }

    private static Offer tried(Offer offer, Step step, @Nullable Player player) {
        List<Voice> voices = new ArrayList<>(step.voices());
        voices.add(offer.voice());
        try {
            Passage.of(step.withVoices(voices), player);
            return offer;
        } catch (Refusal e) {
            return new Offer(offer.name(), offer.voice(), Optional.of(e.getMessage()));
        }
    }
}
