package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.passage.Harmony;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Station;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Swing;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.By;
import pebblestep.core.walk.Signatures;
import pebblestep.core.walk.Walk;

/** Lays a passage out on staves: which voice stands on which, and in which clefs. */
final class ScoreWriter {
    private static final int MIDDLE_C = 60;

    private final Passage passage;
    private final @Nullable Player player;
    private final StaffWriter.Frame frame;
    private final @Nullable Signatures signatures;

    ScoreWriter(Passage passage, @Nullable Player player) {
        this.passage = passage;
        this.player = player;
        Meter meter = passage.step().meter();
        int first = passage.firstBar();
        Fraction end = passage.end();
        int bars = 1;
        while (meter.downbeat(first + bars).isLessThan(end)) bars++;
        this.frame = new StaffWriter.Frame(
                meter, first, passage.begins(), bars, !passage.parts().isEmpty());
        this.signatures = passage.step().walk().map(Walk::signatures).orElse(null);
    }

    /** The line and all that is played with it. */
    Score all() {
        List<Part> heads =
                parts(part -> part.voice().by() == By.SAME_HAND && part.voice().isStruckTogether());
        List<Part> layers = parts(part -> part.voice().by() == By.SAME_HAND && !heads.contains(part) || isEqual(part));
        Optional<Part> second = layers.stream().findFirst();
        List<Part> others = parts(part -> !heads.contains(part)
                && !second.equals(Optional.of(part))
                && part.voice().by() != By.COMPANY);
        Optional<By> alone = passage.step().hands().alone();
        boolean two = alone.isPresent()
                || others.stream().anyMatch(part -> isHand(part.voice().by()));
        By hand = alone.orElse(others.stream().anyMatch(part -> part.voice().by() == By.RIGHT) ? By.LEFT : By.RIGHT);
        List<OtherStaff> staves = new ArrayList<>();
        for (Part part : others) {
            boolean above = part.voice().by() == By.RIGHT;
            staves.add(new OtherStaff(part.index(), part.voice().by(), above, part(part)));
        }
        return score(heads, second.orElse(null), two ? clefs(hand) : clefs(passage.notes(), player), staves);
    }

    private List<Part> parts(Predicate<Part> which) {
        return passage.parts().stream().filter(which).toList();
    }

    private static boolean isHand(By by) {
        return by == By.LEFT || by == By.RIGHT;
    }

    /** Whether a partner reads as the player of the line does, so that both stand on one staff. */
    private boolean isEqual(Part part) {
        if (part.voice().by() != By.PARTNER || passage.parts().size() > 1) return false;
        Optional<Instrument> own = Optional.ofNullable(player).map(Player::instrument);
        return part.voice().instrument().equals(own);
    }

    /** The line alone. */
    Score line() {
        return score(List.of(), null, clefs(passage.notes(), player), List.of());
    }

    private Score score(List<Part> heads, @Nullable Part second, List<Clef> readable, List<OtherStaff> staves) {
        Markings markings = Markings.of(passage.step(), passage.notes());
        StaffWriter staff =
                new StaffWriter(frame, passage.notes(), heads, Optional.ofNullable(second), markings, readable);
        List<Key> keys = passage.stations().stream().map(Station::writtenKey).toList();
        Signs signs = Signs.of(frame, passage.writtenKey(), passage.stations(), keys, signatures);
        return new Score(
                signs.at(0),
                frame.meter(),
                staff.written(signs, Harmony.of(passage).chords()),
                markings.slurs(),
                staff.ottavas(),
                instruction(),
                staves,
                staves.stream().anyMatch(one -> isHand(one.by())));
    }

    /** A further voice on a staff of its own. */
    Score part(Part part) {
        boolean together = part.voice().isStruckTogether();
        Markings markings = together ? Markings.of(passage.step(), part.notes()) : Markings.NONE;
        List<Clef> readable = isHand(part.voice().by())
                ? clefs(part.voice().by())
                : clefs(part.notes(), part.player().orElse(null));
        StaffWriter staff = new StaffWriter(frame, part.notes(), List.of(), Optional.empty(), markings, readable);
        List<Key> keys = passage.stations().isEmpty() ? List.of() : part.writtenKeys();
        Signs signs = Signs.of(frame, part.writtenKeys().getFirst(), passage.stations(), keys, signatures);
        return new Score(
                signs.at(0),
                frame.meter(),
                staff.written(signs, List.of()),
                markings.slurs(),
                staff.ottavas(),
                Optional.empty(),
                List.of(),
                false);
    }

    /** The clefs of a hand: treble first for the right one, bass first for the left. */
    private List<Clef> clefs(By hand) {
        List<Clef> readable = player == null
                ? List.of(Clef.TREBLE, Clef.BASS)
                : player.instrument().clefs();
        Clef usual = hand == By.LEFT ? Clef.BASS : Clef.TREBLE;
        if (!readable.contains(usual)) return readable;
        List<Clef> ordered = new ArrayList<>(List.of(usual));
        for (Clef clef : readable) if (clef != usual) ordered.add(clef);
        return ordered;
    }

    private static List<Clef> clefs(List<PassageNote> notes, @Nullable Player reader) {
        if (reader != null) return reader.instrument().clefs();
        double mean =
                notes.stream().mapToInt(note -> note.written().midi()).average().orElseThrow();
        return List.of(mean < MIDDLE_C ? Clef.BASS : Clef.TREBLE, Clef.TREBLE);
    }

    /** What is said in words over the first note: the share of the bow, and swing. */
    private Optional<String> instruction() {
        List<String> words = new ArrayList<>();
        Swing swing = passage.step().rhythm().swing();
        if (!swing.isStraight()) words.add("swing " + swing);
        passage.step()
                .articulation()
                .bowShare()
                .ifPresent(
                        share -> words.add(share.equals(Fraction.ONE) ? "whole bow each" : share + " of the bow each"));
        return words.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", words));
    }
}
