package pebblestep.exchange.musicxml;

import java.util.Set;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.util.StreamReaderDelegate;
import pebblestep.core.Refusal;

/**
 * A score as it goes by, of which one part is let through: the other parts come as empty ones, and what no line can have, such as
 * layout, does not come at all. Whoever builds a tree of it holds a small part of the file, however large the file is.
 *
 * <p>Refuses files with more elements than a score has, and texts and attributes that are longer than any in a score.
 */
final class OnePart extends StreamReaderDelegate {
    /** Elements of the part that are let through: about 15,000 notes. */
    static final int MOST_ELEMENTS = 100_000;

    /** Elements of the whole file: a long score for a large orchestra has some 800,000. */
    static final int MOST_SEEN = 1_500_000;

    static final int MOST_PARTS = 200;
    private static final int DEEPEST = 30;
    private static final int LONGEST_TEXT = 4_000;

    /** Elements of a score that say how it looks or how it is played back. */
    private static final Set<String> UNREAD = Set.of(
            "defaults",
            "credit",
            "identification",
            "part-group",
            "score-instrument",
            "midi-device",
            "midi-instrument",
            "print",
            "direction-type",
            "figured-bass",
            "grouping",
            "link",
            "bookmark",
            "listening",
            "type",
            "dot",
            "accidental",
            "time-modification",
            "stem",
            "notehead",
            "notehead-text",
            "beam",
            "play",
            "listen",
            "instrument",
            "footnote",
            "level");

    /** Elements that count by being there. */
    private static final Set<String> UNREAD_WITHIN = Set.of("lyric", "harmony");

    private final int part;
    private int depth;
    private int parts;
    private int seen;
    private int letThrough;
    private long text;

    /** Whether what is within the element that was just let through is passed over. */
    private boolean isEmptied;

    /**
     * A reader of a score.
     *
     * @param part which of its parts is let through, from 0
     */
    OnePart(XMLStreamReader score, int part) {
        super(score);
        this.part = part;
    }

    @Override
    public int next() throws XMLStreamException {
        int event = isEmptied ? passOver() : super.next();
        while (event == START_ELEMENT && UNREAD.contains(getLocalName())) {
            count();
            passOver();
            event = super.next();
        }
        switch (event) {
            case START_ELEMENT -> start();
            case END_ELEMENT -> {
                isEmptied = false;
                depth--;
                text = 0;
            }
            case CHARACTERS, CDATA, SPACE -> {
                text += getTextLength();
                if (text > LONGEST_TEXT) throw strange("A text in it is longer than any in a score.");
            }
            default -> {}
        }
        return event;
    }

    private void start() {
        count();
        String name = getLocalName();
        boolean isPart = depth == 1 && name.equals("part");
        if (isPart && ++parts > MOST_PARTS) throw strange("It has more than " + MOST_PARTS + " parts.");
        if (++letThrough > MOST_ELEMENTS) throw strange("One of its parts is longer than any that could be a line.");
        int attributes = 0;
        for (int i = 0; i < getAttributeCount(); i++)
            attributes += getAttributeValue(i).length();
        if (attributes > LONGEST_TEXT) throw strange("An attribute in it is longer than any in a score.");
        if (++depth > DEEPEST) throw strange("Its elements lie deeper within each other than those of a score.");
        isEmptied = isPart && parts - 1 != part || UNREAD_WITHIN.contains(name);
        text = 0;
    }

    private void count() {
        if (++seen > MOST_SEEN) throw strange("It has more elements than any score.");
    }

    /** Goes to the end of the element that has just begun. */
    private int passOver() throws XMLStreamException {
        int within = 1;
        while (within > 0) {
            int event = super.next();
            if (event == START_ELEMENT) {
                count();
                within++;
            } else if (event == END_ELEMENT) {
                within--;
            }
        }
        return END_ELEMENT;
    }

    private static Refusal strange(String why) {
        return Refusal.of("This score cannot be read. " + why).fits("Export the part that you need by itself.");
    }
}
