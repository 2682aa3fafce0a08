package pebblestep.exchange.calendar;

/** Lines of 75 octets at most (RFC 5545, 3.1). The library folds by characters, of which a sign of the staff has three. */
final class Folding {
    private static final int MOST_OCTETS = 75;
    private static final String END = "\r\n";

    private Folding() {}

    /** The same content, folded by octets and never within a character. */
    static String inOctets(String text) {
        String unfolded = text.replaceAll(END + "[ \t]", "");
        StringBuilder folded = new StringBuilder(text.length() + text.length() / 20);
        for (String line : unfolded.split(END)) {
            int octets = 0;
            for (int i = 0; i < line.length(); ) {
                int point = line.codePointAt(i);
                int wide = width(point);
                if (octets + wide > MOST_OCTETS) {
                    folded.append(END).append(' ');
                    octets = 1;
                }
                folded.appendCodePoint(point);
                octets += wide;
                i += Character.charCount(point);
            }
            folded.append(END);
        }
        return folded.toString();
    }

    /** Octets of a character in UTF-8. */
    private static int width(int point) {
        if (point < 0x80) return 1;
        if (point < 0x800) return 2;
        return point < 0x10000 ? 3 : 4;
    }
}
