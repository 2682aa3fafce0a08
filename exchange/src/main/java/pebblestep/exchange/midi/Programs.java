package pebblestep.exchange.midi;

import java.util.HashMap;
import java.util.Map;
import pebblestep.core.instrument.Instrument;

/** Instruments by the programs of General MIDI (RP-003, 1991), numbered from 0 as they stand in a file. */
final class Programs {
    /** One row a program: its number, and the instruments that play it. */
    private static final String DATA =
            """
            0 piano
            6 harpsichord
            8 celesta
            11 vibraphone
            12 marimba
            13 xylophone
            19 organ
            21 accordion
            24 classical-guitar ukulele mandolin
            33 bass-guitar
            40 violin
            41 viola
            42 cello
            43 double-bass
            46 harp
            56 trumpet trumpet-in-c cornet flugelhorn
            57 trombone bass-trombone
            58 tuba euphonium baritone
            60 horn tenor-horn
            64 soprano-saxophone
            65 alto-saxophone
            66 tenor-saxophone
            67 baritone-saxophone
            68 oboe oboe-d-amore
            69 english-horn
            70 bassoon contrabassoon
            71 clarinet clarinet-in-a clarinet-in-e-flat basset-horn bass-clarinet
            72 piccolo
            73 flute alto-flute bass-flute
            74 soprano-recorder alto-recorder tenor-recorder
            """;

    private static final Map<String, Integer> BY_ID = read();

    private Programs() {}

    /** The program of an instrument; a piano's for those that have none of their own. */
    static int of(Instrument instrument) {
        return BY_ID.getOrDefault(instrument.id(), 0);
    }

    private static Map<String, Integer> read() {
        Map<String, Integer> map = new HashMap<>();
        DATA.lines().forEach(line -> {
            String[] cells = line.split(" ");
            for (int i = 1; i < cells.length; i++) map.put(cells[i], Integer.parseInt(cells[0]));
        });
        return map;
    }
}
