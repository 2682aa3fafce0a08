package pebblestep.exchange.musicxml;

import jakarta.xml.bind.JAXBElement;
import java.math.BigInteger;
import java.util.OptionalInt;
import java.util.Set;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Fret;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Technical;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Marking;

/** The fingering that stands at a note: the elements fingering, string, fret, open-string and thumb-position of the standard. */
final class FingerMarks {
    private static final Set<String> OWN = Set.of("fingering", "string", "fret", "open-string", "thumb-position");
    private static final int LONGEST = 12;
    private static final int MOST = 60;

    private FingerMarks() {}

    /** Whether a mark at a note says nothing but fingers. */
    static boolean isOnlyFingers(Object mark) {
        return mark instanceof Technical technical
                && technical.getUpBowOrDownBowOrHarmonic().stream().allMatch(one -> OWN.contains(name(one)));
    }

    /** What stands at a note; an empty marking where nothing does, or nothing that could be one. */
    static Marking of(Note note) {
        String finger = "";
        OptionalInt string = OptionalInt.empty();
        OptionalInt fret = OptionalInt.empty();
        for (var notations : note.getNotations()) {
            for (Object mark : notations.getTiedOrSlurOrTuplet()) {
                if (!(mark instanceof Technical technical)) continue;
                for (JAXBElement<?> one : technical.getUpBowOrDownBowOrHarmonic()) {
                    // Of fingers that are written one above the other the first is meant for now.
                    if (finger.isEmpty()) finger = finger(one);
                    if (one.getValue() instanceof org.audiveris.proxymusic.String on) string = number(on.getValue());
                    if (one.getValue() instanceof Fret on) fret = number(on.getValue());
                }
            }
        }
        return new Marking(finger, string, fret);
    }

    private static String finger(JAXBElement<?> one) {
        return switch (name(one)) {
            case "open-string" -> "0";
            case "thumb-position" -> "T";
            case "fingering" -> one.getValue() instanceof Fingering said ? shown(said.getValue()) : "";
            default -> "";
        };
    }

    private static String shown(@Nullable String text) {
        return text == null || text.length() > LONGEST ? "" : text;
    }

    private static OptionalInt number(@Nullable BigInteger value) {
        boolean means = value != null && value.signum() >= 0 && value.compareTo(BigInteger.valueOf(MOST)) <= 0;
        return means && value != null ? OptionalInt.of(value.intValue()) : OptionalInt.empty();
    }

    private static String name(JAXBElement<?> one) {
        return one.getName().getLocalPart();
    }
}
