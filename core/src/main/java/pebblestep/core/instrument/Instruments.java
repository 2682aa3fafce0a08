package pebblestep.core.instrument;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;

/**
 * The dictionary of instruments: data in one place. Transpositions, clefs and ranges are given as standard orchestration
 * handbooks have them, from memory; all ranges are written pitch. To add an instrument, add its row here.
 */
public final class Instruments {
    /** What a written C4 sounds as: the usual name of a transposition. */
    private static final Pitch WRITTEN_C = Pitch.parse("C4");

    /**
     * One row an instrument, under the name of its family: id; name; what a written C4 sounds as; clefs, the usual one
     * first; written ranges of the first octave and a bit, comfortable, and full.
     */
    private static final String DATA =
            """
            # strings
            violin; Violin; C4; treble; G3-B4 G3-E6 G3-A7
            viola; Viola; C4; alto treble; C3-E4 C3-A5 C3-E6
            cello; Cello; C4; bass tenor treble; C2-E3 C2-G4 C2-C6
            double-bass; Double bass; C3; bass tenor treble; E2-A3 E2-G4 E2-G5
            # plucked strings
            classical-guitar; Classical guitar; C3; treble; E3-G4 E3-E6 E3-B6
            bass-guitar; Bass guitar; C3; bass; E2-G3 E2-D4 E2-G4
            mandolin; Mandolin; C4; treble; G3-B4 G3-E6 G3-A6
            ukulele; Ukulele; C4; treble; C4-D5 C4-E5 C4-A5
            harp; Harp; C4; treble bass; C4-G5 C2-C7 C1-G7
            # woodwind
            oboe; Oboe; C4; treble; D4-G5 Bb3-E6 Bb3-A6
            english-horn; English horn; F3; treble; D4-G5 B3-D6 B3-A6
            oboe-d-amore; Oboe d'amore; A3; treble; D4-G5 B3-D6 B3-F6
            bassoon; Bassoon; C4; bass tenor; F2-C4 Bb1-G4 Bb1-Eb5
            contrabassoon; Contrabassoon; C3; bass tenor; F2-C4 Bb1-D4 Bb1-Bb4
            piccolo; Piccolo; C5; treble; D4-G5 D4-G6 D4-C7
            flute; Flute; C4; treble; D4-G5 C4-A6 C4-D7
            alto-flute; Alto flute; G3; treble; D4-G5 C4-G6 C4-C7
            bass-flute; Bass flute; C3; treble; D4-G5 C4-E6 C4-C7
            soprano-recorder; Soprano recorder; C4; treble-8va treble; C5-D6 C5-A6 C5-D7
            alto-recorder; Alto recorder; C4; treble; F4-G5 F4-D6 F4-G6
            tenor-recorder; Tenor recorder; C4; treble; C4-D5 C4-A5 C4-D6
            clarinet; Clarinet in B♭; Bb3; treble; E3-A4 E3-C6 E3-C7
            clarinet-in-a; Clarinet in A; A3; treble; E3-A4 E3-C6 E3-C7
            clarinet-in-e-flat; Clarinet in E♭; Eb4; treble; E3-A4 E3-C6 E3-A6
            basset-horn; Basset horn; F3; treble bass; E3-A4 C3-C6 C3-A6
            bass-clarinet; Bass clarinet in B♭; Bb2; treble; E3-A4 Eb3-C6 Eb3-G6
            soprano-saxophone; Soprano saxophone; Bb3; treble; D4-G5 Bb3-D6 Bb3-F#6
            alto-saxophone; Alto saxophone; Eb3; treble; D4-G5 Bb3-D6 Bb3-F#6
            tenor-saxophone; Tenor saxophone; Bb2; treble; D4-G5 Bb3-D6 Bb3-F#6
            baritone-saxophone; Baritone saxophone; Eb2; treble; D4-G5 Bb3-D6 A3-F#6
            # brass
            trumpet; Trumpet in B♭; Bb3; treble; C4-D5 F#3-A5 F#3-D6
            trumpet-in-c; Trumpet in C; C4; treble; C4-D5 F#3-A5 F#3-D6
            cornet; Cornet in B♭; Bb3; treble; C4-D5 F#3-A5 F#3-C6
            flugelhorn; Flugelhorn in B♭; Bb3; treble; C4-D5 F#3-G5 F#3-C6
            horn; Horn in F; F3; treble bass; G3-C5 C3-G5 F#2-C6
            tenor-horn; Tenor horn in E♭; Eb3; treble; C4-D5 F#3-A5 F#3-C6
            baritone; Baritone in B♭, treble clef; Bb2; treble; C4-D5 F#3-A5 F#3-C6
            trombone; Trombone; C4; bass tenor alto; Bb2-D4 E2-F4 E2-D5
            bass-trombone; Bass trombone; C4; bass tenor; F2-Bb3 C2-F4 Bb1-Bb4
            euphonium; Euphonium, bass clef; C4; bass tenor; Bb2-D4 E2-F4 E2-Bb4
            tuba; Tuba; C4; bass; Bb1-D3 F1-Bb3 D1-F4
            # keyboards
            piano; Piano; C4; treble bass; C4-G5 C2-C7 A0-C8
            harpsichord; Harpsichord; C4; treble bass; C4-G5 C2-C6 F1-F6
            organ; Organ, manual; C4; treble bass; C4-G5 C2-C6 C2-A6
            accordion; Accordion, right hand; C4; treble; C4-G5 G3-G6 F3-A6
            celesta; Celesta; C5; treble bass; C4-G5 C3-C6 C3-C7
            # mallets
            xylophone; Xylophone; C5; treble; C4-G5 C4-C6 F3-C7
            marimba; Marimba; C4; treble bass; C4-G5 A2-C6 C2-C7
            vibraphone; Vibraphone; C4; treble; F3-C5 F3-C6 F3-F6
            glockenspiel; Glockenspiel; C6; treble; C4-G5 G3-A5 G3-C6
            tubular-bells; Tubular bells; C4; treble; C4-E5 C4-F5 C4-F5
            # voices
            treble-voice; Treble voice; C4; treble; D4-E5 C4-F5 A3-A5
            soprano-voice; Soprano voice; C4; treble; D4-F5 C4-A5 B3-C6
            mezzo-soprano-voice; Mezzo-soprano voice; C4; treble; C4-D5 A3-F5 A3-A5
            alto-voice; Alto voice; C4; treble; A3-C5 G3-D5 E3-F5
            tenor-voice; Tenor voice; C4; treble-8vb bass; D3-E4 C3-G4 B2-C5
            baritone-voice; Baritone voice; C4; bass treble-8vb; A2-C4 G2-E4 F2-G4
            bass-voice; Bass voice; C4; bass; G2-A3 E2-D4 D2-E4
            """;

    private static final Map<String, Instrument> ALL = read(DATA);

    private Instruments() {}

    /** Every instrument, in the order of the list. */
    public static List<Instrument> all() {
        return List.copyOf(ALL.values());
    }

    /** Whether there is an instrument of that id. */
    public static boolean has(String id) {
        return ALL.containsKey(id);
    }

    /** The instrument of that id; refuses ids that are not in the dictionary and names those that are. */
    public static Instrument of(String id) {
        Instrument instrument = ALL.get(id);
        if (instrument == null) {
            throw Refusal.of("instrument", "There is no instrument \"" + id + "\" here.")
                    .fits("One of: " + String.join(", ", ALL.keySet()) + ".");
        }
        return instrument;
    }

    private static Map<String, Instrument> read(String data) {
        Map<String, Instrument> byId = new LinkedHashMap<>();
        String family = "";
        for (String line : Parts.lines(data)) {
            if (line.startsWith("# ")) {
                family = line.substring(2);
                continue;
            }
            Instrument instrument = instrument(
                    family, Parts.of(line, ";").stream().map(String::strip).toList());
            byId.put(instrument.id(), instrument);
        }
        return byId;
    }

    private static Instrument instrument(String family, List<String> cells) {
        List<String> ranges = Parts.words(cells.get(4));
        return new Instrument(
                cells.get(0),
                cells.get(1),
                family,
                Interval.between(WRITTEN_C, Pitch.parse(cells.get(2))),
                Parts.words(cells.get(3)).stream().map(Clef::of).toList(),
                PitchRange.parse(ranges.get(0)),
                PitchRange.parse(ranges.get(1)),
                PitchRange.parse(ranges.get(2)),
                cells.get(0));
    }
}
