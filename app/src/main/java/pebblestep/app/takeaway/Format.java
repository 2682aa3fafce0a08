package pebblestep.app.takeaway;

import pebblestep.core.Identified;
import pebblestep.exchange.midi.MidiFile;
import pebblestep.exchange.musicxml.MusicXml;

/** A kind of file to take away. */
enum Format implements Identified {
    MUSICXML("musicxml", MusicXml.MEDIA_TYPE),
    MXL("mxl", MusicXml.COMPRESSED_MEDIA_TYPE),
    MIDI("mid", MidiFile.MEDIA_TYPE),
    WAV("wav", "audio/wav"),
    ROUTINE("json", "application/json"),
    STEP("json", "application/json"),
    CLIMB("json", "application/json");

    private final String ending;
    private final String mediaType;

    Format(String ending, String mediaType) {
        this.ending = ending;
        this.mediaType = mediaType;
    }

    /** What the name of such a file ends in. */
    String ending() {
        return ending;
    }

    String mediaType() {
        return mediaType;
    }
}
