package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Form;

/**
 * Degrees as a teacher types them: {@code 1 2 3 1 | 2 3 4 2}. A degree is the number of a note of the form, counted from
 * the bottom of the range; b or # before it alters it from what the form has there; ' behind it plays it an octave higher
 * and , an octave lower, as often as they stand. Numbers beyond the octave go on counting: in a seven-note form 8 and 1'
 * are the same. Bar lines are for the reader and change nothing.
 */
public final class FreeDegrees {
    private static final int MOST_NOTES = 500;
    private static final int HIGHEST = 50;
    private static final int MOST_MARKS = 3;

    private final String text;
    private final List<Typed> typed;

    /**
     * One typed degree.
     *
     * @param number the note of the form, from 1
     * @param alteration semitones by which it leaves the form
     * @param octaves octaves it is moved by its marks
     */
    public record Typed(int number, int alteration, int octaves) {
        /** Scale index above the bottom of the range. */
        int index(Form form) {
            return number - 1 + octaves * form.size();
        }
    }

    private FreeDegrees(String text, List<Typed> typed) {
        this.text = text;
        this.typed = List.copyOf(typed);
    }

    /** Reads typed degrees; refuses anything else with the character (from 1) at which it stops being readable. */
    public static FreeDegrees parse(String text) {
        return new Reader(text).read();
    }

    /** The degrees in order. */
    public List<Typed> typed() {
        return typed;
    }

    int lowest(Form form) {
        return typed.stream().mapToInt(one -> one.index(form)).min().orElseThrow();
    }

    int highest(Form form) {
        return typed.stream().mapToInt(one -> one.index(form)).max().orElseThrow();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FreeDegrees degrees && degrees.text.equals(text);
    }

    @Override
    public int hashCode() {
        return text.hashCode();
    }

    /** As it was typed; {@link #parse} reads it. */
    @Override
    public String toString() {
        return text;
    }

    /** Walks through the text once. */
    private static final class Reader {
        private final String text;
        private int at;

        Reader(String text) {
            this.text = text;
        }

        FreeDegrees read() {
            List<Typed> typed = new ArrayList<>();
            for (skip(); at < text.length(); skip()) {
                typed.add(degree());
                if (typed.size() > MOST_NOTES) throw wrong("A line has at most " + MOST_NOTES + " typed notes.");
            }
            if (typed.isEmpty()) throw wrong("Type at least one degree.");
            return new FreeDegrees(text, typed);
        }

        private void skip() {
            while (at < text.length() && (text.charAt(at) == '|' || Character.isWhitespace(text.charAt(at)))) at++;
        }

        private Typed degree() {
            int start = at;
            int alteration = 0;
            while (at < text.length() && (text.charAt(at) == 'b' || text.charAt(at) == '#')) {
                alteration += text.charAt(at++) == 'b' ? -1 : 1;
            }
            if (at - start > 2 || at - start == 2 && alteration == 0) {
                throw wrong(start, "A degree is altered by b, bb, # or ##.");
            }
            int number = number();
            int octaves = 0;
            int marks = at;
            while (at < text.length() && (text.charAt(at) == '\'' || text.charAt(at) == ',')) {
                octaves += text.charAt(at++) == '\'' ? 1 : -1;
            }
            if (at - marks > MOST_MARKS) throw wrong(marks, "A degree is moved by at most " + MOST_MARKS + " octaves.");
            if (at < text.length() && text.charAt(at) != '|' && !Character.isWhitespace(text.charAt(at))) {
                throw wrong("\"" + text.charAt(at) + "\" cannot stand here; put a space between degrees.");
            }
            return new Typed(number, alteration, octaves);
        }

        private int number() {
            int start = at;
            while (at < text.length() && Character.isDigit(text.charAt(at)) && at - start < 3) at++;
            if (at == start) {
                String found = at < text.length() ? "\"" + text.charAt(at) + "\"" : "the end";
                throw wrong("A degree is expected here, such as 5 or b3; found " + found + ".");
            }
            int number = Integer.parseInt(text.substring(start, at));
            if (number < 1 || number > HIGHEST) {
                throw wrong(start, "Degrees run from 1 to " + HIGHEST + ", not " + number + ".");
            }
            return number;
        }

        private Refusal wrong(String sentence) {
            return wrong(at, sentence);
        }

        private Refusal wrong(int position, String sentence) {
            return Refusal.of("line.degrees", "At character " + (position + 1) + ": " + sentence)
                    .at(position + 1);
        }
    }
}
