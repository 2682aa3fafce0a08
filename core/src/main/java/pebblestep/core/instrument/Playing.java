package pebblestep.core.instrument;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Parts;
import pebblestep.core.pitch.Pitch;

/** What an instrument can sound at once. All pitches are written ones. */
public sealed interface Playing {
    /** Why these notes cannot be played at one moment by one hand; empty where they can. */
    Optional<String> cannot(List<Pitch> together);

    /** Whether the left and the right hand play lines of their own. */
    default boolean hasHands() {
        return false;
    }

    /** One note at a time: winds and voices. */
    record One() implements Playing {
        @Override
        public Optional<String> cannot(List<Pitch> together) {
            return together.size() < 2 ? Optional.empty() : Optional.of("it plays one note at a time");
        }
    }

    /** Two hands, each with a reach in semitones. */
    record Hands(int reach) implements Playing {
        @Override
        public boolean hasHands() {
            return true;
        }

        @Override
        public Optional<String> cannot(List<Pitch> together) {
            Pitch low = together.stream().min(Pitch::compareTo).orElseThrow();
            Pitch high = together.stream().max(Pitch::compareTo).orElseThrow();
            return high.midi() - low.midi() <= reach
                    ? Optional.empty()
                    : Optional.of(low + " and " + high + " are too far apart for one hand");
        }
    }

    /**
     * Strings, each with one note at a time.
     *
     * @param open the open strings, lowest first
     * @param reach semitones that the fingers reach along the strings
     * @param bowed whether only neighbouring strings sound together
     */
    record Strings(List<Pitch> open, int reach, boolean bowed) implements Playing {
        /** Semitones up a string that are played in double notes. */
        private static final int HIGHEST = 19;

        public Strings {
            open = List.copyOf(open);
        }

        @Override
        public Optional<String> cannot(List<Pitch> together) {
            if (together.size() < 2) return Optional.empty();
            List<Pitch> rising = together.stream().sorted().toList();
            if (rising.size() > open.size() || !fits(rising, 0, 0, List.of())) return Optional.of(why(rising));
            return Optional.empty();
        }

        /** Whether the notes from one on lie on strings from another on, within reach of those that are stopped already. */
        private boolean fits(List<Pitch> notes, int note, int string, List<Integer> stopped) {
            if (note == notes.size()) return true;
            for (int s = string; s <= open.size() - (notes.size() - note); s++) {
                int up = notes.get(note).midi() - open.get(s).midi();
                boolean adjacent = note == 0 || s == string || !bowed;
                if (!adjacent || up < 0 || up > HIGHEST || !isReached(up, stopped)) continue;
                List<Integer> now = new ArrayList<>(stopped);
                if (up > 0) now.add(up);
                if (fits(notes, note + 1, s + 1, now)) return true;
            }
            return false;
        }

        private boolean isReached(int up, List<Integer> stopped) {
            return up == 0 || stopped.stream().allMatch(other -> Math.abs(other - up) <= reach);
        }

        private String why(List<Pitch> rising) {
            Pitch low = rising.getFirst();
            Pitch high = rising.getLast();
            boolean second = open.size() > 1 && high.midi() < open.get(1).midi();
            return low + " and " + high
                    + (second
                            ? " both lie on the " + open.getFirst().name() + " string"
                            : " lie on no two strings within reach");
        }
    }

    /**
     * One row an instrument: ids; bowed or plucked and the open strings from the lowest, or hands; semitones of reach. Tunings as handbooks of
     * orchestration have them, reaches as teachers know them (from memory; common practice, no source).
     */
    String DATA =
            """
            violin; bowed G3 D4 A4 E5; 9
            viola; bowed C3 G3 D4 A4; 7
            cello; bowed C2 G2 D3 A3; 5
            double-bass; bowed E2 A2 D3 G3; 3
            classical-guitar; plucked E3 A3 D4 G4 B4 E5; 4
            bass-guitar; plucked E2 A2 D3 G3; 4
            mandolin; plucked G3 D4 A4 E5; 7
            ukulele; plucked C4 E4 G4 A4; 5
            piano harpsichord organ celesta harp; hands; 16
            xylophone marimba vibraphone glockenspiel tubular-bells; hands; 24
            accordion; hand; 16
            """;

    /** What an instrument can sound at once; empty for one of a studio's own, of which nothing is known. */
    static Optional<Playing> of(Instrument instrument) {
        Playing known = Known.BY_ID.get(instrument.id());
        if (known != null) return Optional.of(known);
        return Instruments.has(instrument.id()) ? Optional.of(new One()) : Optional.empty();
    }

    /** The rows as values. */
    final class Known {
        private static final Map<String, Playing> BY_ID = read();

        private Known() {}

        private static Map<String, Playing> read() {
            Map<String, Playing> byId = new LinkedHashMap<>();
            for (String line : Parts.lines(DATA)) {
                List<String> cells =
                        Parts.of(line, ";").stream().map(String::strip).toList();
                int reach = Integer.parseInt(cells.get(2));
                for (String id : Parts.words(cells.get(0))) byId.put(id, playing(cells.get(1), reach));
            }
            return byId;
        }

        private static Playing playing(String cell, int reach) {
            return switch (cell) {
                case "hands" -> new Hands(reach);
                case "hand" -> new Hand(reach);
                default -> {
                    List<String> words = Parts.words(cell);
                    List<Pitch> open = words.stream().skip(1).map(Pitch::parse).toList();
                    yield new Strings(open, reach, words.getFirst().equals("bowed"));
                }
            };
        }
    }

    /** One hand alone. */
    record Hand(int reach) implements Playing {
        @Override
        public Optional<String> cannot(List<Pitch> together) {
            return new Hands(reach).cannot(together);
        }
    }
}
