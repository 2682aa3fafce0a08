package pebblestep.app.takeaway;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.app.takeaway.ImportViews.FoundHand;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Pin;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.exchange.FoundMusic;

/**
 * What the fingerings at the notes of a file become: ways that are fixed in the step.
 *
 * @param wish what the step asks of the hand by them
 * @param view what is said about them; null where the file has none
 */
record BroughtHand(FingeringChoice wish, @Nullable FoundHand view) {
    /**
     * Reads them for an instrument, by its id; without one for that after which the part is called. Refuses one that there is not, and one
     * whose hand is not known.
     */
    static BroughtHand of(FoundMusic music, @Nullable String instrument) {
        if (music.marked().isEmpty()) return new BroughtHand(FingeringChoice.NONE, null);
        Optional<Instrument> whose =
                instrument == null ? named(music.parts().get(music.part())) : Optional.of(Instruments.of(instrument));
        int all = music.marked().size();
        if (whose.isEmpty()) {
            return new BroughtHand(
                    FingeringChoice.NONE,
                    new FoundHand(
                            null,
                            Words.capital(Words.spelled(all, "fingering"))
                                    + (all == 1 ? " stands" : " stand")
                                    + " at the notes. Choose the instrument, to keep them."));
        }
        Hand hand = InstrumentHands.of(whose.get())
                .orElseThrow(() ->
                        Refusal.of("instrument", "How a " + whose.get().name() + " is fingered is not known here."));
        List<Pin> pins = music.marked().stream()
                .flatMap(
                        one -> one
                                .marking()
                                .in(hand, one.written())
                                .map(way -> Pin.at(one.note(), one.written(), way.id()))
                                .stream())
                .toList();
        List<Pin> kept = pins.subList(0, Math.min(FingeringChoice.MOST_PINS, pins.size()));
        String many = Words.spelled(kept.size(), "fingering");
        String words =
                (kept.size() == all && all > 1 ? "All " + many : Words.capital(many) + (all > 1 ? " of " + all : ""))
                        + (kept.size() == 1 ? " is" : " are") + " fixed in the step"
                        + (pins.size() < all ? "; the others are none of this instrument" : "")
                        + (kept.size() < pins.size() ? "; a step has " + FingeringChoice.MOST_PINS + " at most" : "")
                        + ".";
        return new BroughtHand(
                new FingeringChoice(Optional.empty(), Optional.empty(), kept),
                new FoundHand(whose.get().id(), words));
    }

    /** The instrument with a hand after which a part is called: {@code Alto saxophone 1}, {@code Violin II}. */
    private static Optional<Instrument> named(String part) {
        String said = part.toLowerCase(Locale.ROOT);
        return Instruments.all().stream()
                .filter(one -> saidOf(one, said) > 0 && InstrumentHands.of(one).isPresent())
                .sorted(Comparator.comparing((Instrument one) -> saidOf(one, said))
                        .reversed())
                .findFirst();
    }

    /** How many letters of an instrument's name are said: all of it, or what it is without its key. */
    private static int saidOf(Instrument instrument, String said) {
        String name = instrument.name().toLowerCase(Locale.ROOT);
        String plain = name.split(" in ", 2)[0];
        if (said.contains(name)) return name.length();
        return said.contains(plain) ? plain.length() : 0;
    }
}
