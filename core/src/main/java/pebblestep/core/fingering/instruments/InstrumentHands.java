package pebblestep.core.fingering.instruments;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.Parts;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.bowed.BowedHand;
import pebblestep.core.fingering.bowed.BowedHand.OpenStrings;
import pebblestep.core.fingering.bowed.LowStrings;
import pebblestep.core.fingering.brass.Slide;
import pebblestep.core.fingering.brass.Valves;
import pebblestep.core.fingering.frets.Fretboard;
import pebblestep.core.fingering.frets.Fretboard.FretSchool;
import pebblestep.core.fingering.keyboard.KeyboardHand;
import pebblestep.core.fingering.mallets.Mallets;
import pebblestep.core.fingering.search.ForgivingHand;
import pebblestep.core.fingering.wind.Chart;
import pebblestep.core.fingering.wind.Charts;
import pebblestep.core.fingering.wind.Holes;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.pitch.Pitch;

/** Which instrument is played by which hand: data in one place. To add an instrument of a family, add its row. */
public final class InstrumentHands {
    /**
     * One row: instruments; family; what it needs, as handbooks have it (from memory). Valves: the fundamental as it is read, with
     * partials that are not the usual ones; how many valves, and from which note on the second tube is the usual one. Slide: the
     * fundamental, and triggers. Bowed, and low ones: the open strings, the lowest first. Frets: the open strings from the first on; millimetres, frets.
     * Holes: the chart, and by how many semitones the instrument reads higher.
     */
    private static final String DATA =
            """
            trumpet trumpet-in-c cornet flugelhorn tenor-horn baritone; valves; C3; 3
            horn; valves; C2 9, F2 5 9 10; 3 G#4
            euphonium; valves; Bb1; 4
            tuba; valves; Bb0; 4
            trombone; slide; Bb1
            bass-trombone; slide; Bb1 2
            violin; bowed; G3 D4 A4 E5
            viola; bowed; C3 G3 D4 A4
            tenor-recorder; holes; recorder
            alto-recorder; holes; recorder 5
            soprano-recorder; holes; recorder 12
            flute alto-flute bass-flute piccolo; holes; flute
            soprano-saxophone alto-saxophone tenor-saxophone baritone-saxophone; holes; saxophone
            clarinet clarinet-in-a clarinet-in-e-flat; holes; clarinet
            bass-clarinet basset-horn; holes; low-clarinet
            oboe english-horn oboe-d-amore; holes; oboe
            bassoon contrabassoon; holes; bassoon
            piano harpsichord organ accordion celesta; keys; right
            xylophone marimba vibraphone glockenspiel tubular-bells; mallets; two
            cello; low; C2 G2 D3 A3
            double-bass; low bass; E2 A2 D3 G3
            classical-guitar; frets; E5 B4 G4 D4 A3 E3; 650 19
            bass-guitar; frets; G3 D3 A2 E2; 864 20
            mandolin; frets; E5 A4 D4 G3; 350 17
            ukulele; frets; A4 E4 C4 G4; 380 15
            """;

    /** From the third to the seventh fret of a guitar it is 113 mm, which a usual hand stretches; common practice, no source. */
    private static final double REACH_MM = 115;

    private static final int HIGHEST_POSITION = 14;
    private static final Map<String, Hand> BY_ID = read();

    private InstrumentHands() {}

    /** The hand of an instrument, or of the one that it is fingered like; empty for one of which none is known here. */
    public static Optional<Hand> of(Instrument instrument) {
        return Optional.ofNullable(BY_ID.get(instrument.fingeredLike()));
    }

    /**
     * The hand of an instrument as a player has it, doing what a step asks, with something to say of every note; empty
     * where none is known here.
     */
    public static Optional<Hand> of(Instrument instrument, PlayersHand player, FingeringChoice wish) {
        return of(instrument)
                .map(hand -> asked(hand.of(player), wish))
                .map(hand -> new ForgivingHand(hand, ForgivingHand.byMidi(player.usual())));
    }

    /** The same for a player who plays no higher than a note; what they say of their hand goes before what follows from that. */
    public static Optional<Hand> upTo(Pitch highest, Instrument instrument, PlayersHand player) {
        return of(instrument)
                .map(hand -> hand.upTo(highest).of(player))
                .map(hand -> new ForgivingHand(hand, ForgivingHand.byMidi(player.usual())));
    }

    /** A hand doing what a step asks of it; what it does not know changes nothing. */
    public static Hand asked(Hand hand, FingeringChoice wish) {
        Hand schooled = wish.school().map(hand::inSchool).orElse(hand);
        return wish.position().map(schooled::inPosition).orElse(schooled);
    }

    /** The same hand, or at a keyboard the left one. */
    public static Hand left(Hand hand) {
        if (hand instanceof ForgivingHand every) return new ForgivingHand(left(every.hand()), every.usual());
        return hand instanceof KeyboardHand ? new KeyboardHand(false) : hand;
    }

    private static Map<String, Hand> read() {
        Map<String, Hand> byId = new LinkedHashMap<>();
        for (String line : Parts.lines(DATA)) {
            List<String> cells = Parts.of(line, ";").stream().map(String::strip).toList();
            Hand hand = hand(cells);
            for (String id : Parts.words(cells.get(0))) byId.put(id, hand);
        }
        return byId;
    }

    private static Hand hand(List<String> cells) {
        List<String> words = Parts.words(cells.get(2));
        return switch (cells.get(1)) {
            case "valves" -> valves(cells.get(2), Parts.words(cells.get(3)));
            case "slide" ->
                new Slide(Pitch.parse(words.getFirst()), words.size() > 1 ? Integer.parseInt(words.get(1)) : 0);
            case "bowed" -> new BowedHand(pitches(words), HIGHEST_POSITION, OpenStrings.PREFER, 0);
            case "holes" ->
                new Holes(new Chart(chart(words.getFirst()), words.size() > 1 ? Integer.parseInt(words.get(1)) : 0));
            case "keys" -> new KeyboardHand(true);
            case "mallets" -> new Mallets(false);
            case "low", "low bass" ->
                new LowStrings(pitches(words), cells.get(1).endsWith("bass"), LowStrings.WITH_THUMB, 0);
            case "frets" -> {
                List<String> sizes = Parts.words(cells.get(3));
                yield new Fretboard(
                        pitches(words),
                        Double.parseDouble(sizes.get(0)),
                        Integer.parseInt(sizes.get(1)),
                        REACH_MM,
                        FretSchool.FINGER_A_FRET,
                        0);
            }
            default -> throw new IllegalArgumentException("There is no family " + cells.get(1) + ".");
        };
    }

    private static String chart(String name) {
        return switch (name) {
            case "flute" -> Charts.FLUTE;
            case "saxophone" -> Charts.SAXOPHONE;
            case "recorder" -> Charts.RECORDER;
            case "oboe" -> Charts.OBOE;
            case "bassoon" -> Charts.BASSOON;
            case "low-clarinet" -> Charts.CLARINET + Charts.LOW_CLARINET;
            default -> Charts.CLARINET;
        };
    }

    private static List<Pitch> pitches(List<String> words) {
        return words.stream().map(Pitch::parse).toList();
    }

    private static Hand valves(String tubes, List<String> count) {
        List<Valves.Tube> read = new ArrayList<>();
        for (String tube : Parts.of(tubes, ",")) {
            List<String> words = Parts.words(tube.strip());
            Set<Integer> spare = new HashSet<>();
            for (String word : words.subList(1, words.size())) spare.add(Integer.valueOf(word));
            read.add(new Valves.Tube(Pitch.parse(words.getFirst()), spare));
        }
        return new Valves(read, Integer.parseInt(count.getFirst()), false, pitches(count.subList(1, count.size())));
    }
}
