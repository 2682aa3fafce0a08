package pebblestep.documents.practice;

import java.io.ByteArrayOutputStream;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Base64;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.sound.Hearing;
import pebblestep.core.sound.Programme;
import pebblestep.core.sound.Synth;
import pebblestep.core.sound.Track;
import pebblestep.core.sound.WaveFile;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.FileName;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/**
 * A sound file, made without the studio: what it would be, and then its bytes, a stretch at a time.
 *
 * @param whose for whom it is, by name
 * @param title what all of it is called; what the first step is called without
 * @param heard what sounds; the click, or the drums that a step has, where nothing is chosen
 * @param times how often each rung is played
 * @param ladder whether every rung from the one on is played
 * @param from the second from which on its bytes are wanted, a multiple of {@link #SECONDS}; nothing but what it would be without
 */
public record SoundAsked(
        @Nullable String whose,
        @Nullable String title,
        SpeechDocument speech,
        LocalDate day,
        @Nullable PlayerDocument player,
        List<SoundPart> pieces,
        List<Track> heard,
        int times,
        boolean ladder,
        @Nullable Integer from) {
    /** How many seconds come at once. */
    public static final int SECONDS = 30;

    /** Samples of a second. */
    public static final int RATE = 44_100;

    /**
     * A step that sounds.
     *
     * @param climb how it grows; absent where it stands alone
     * @param at the rung that is played first; the step itself without
     */
    public record SoundPart(StepDocument step, @Nullable ClimbDocument climb, @Nullable String at) {
        private Ascent ascent() {
            Step read = StepDocuments.read(step);
            return climb == null ? Ascent.alone(read) : Ascent.of(read, ClimbDocuments.read(climb));
        }

        private @Nullable Position position(Ascent ascent) {
            if (at == null) return null;
            return Fields.at("at", () -> {
                Position there = Position.parse(at);
                ascent.climb().require(there);
                return there;
            });
        }
    }

    /**
     * What the file would be, and a stretch of it.
     *
     * @param name a plain one: student, title, date
     * @param bytes how large it is
     * @param lasts how long it sounds, in words
     * @param data the bytes that were asked for, in Base64 (RFC 4648); the first stretch begins with the head of the file
     * @param next the second at which the next stretch begins; absent where this is the last
     */
    public record SoundAnswer(String name, long bytes, String lasts, @Nullable String data, @Nullable Integer next) {}

    /** Makes it; refuses no steps at all, more than an hour, and what a player does not have. */
    public SoundAnswer answer() {
        Player by = player == null ? null : player.read();
        Set<Track> tracks = heard.isEmpty() ? Set.of() : EnumSet.copyOf(heard);
        Programme programme = programme(new Hearing(tracks, times, ladder), by);
        Synth synth = new Synth(programme, Hearing.reference(by), RATE);
        WaveFile wave = new WaveFile(RATE, synth.length());
        String name = FileName.of(whose, title == null ? first() : title, day, "wav");
        Duration lasts = Duration.ofMillis((long) Math.ceil(programme.seconds() * 1000));
        if (from == null) return new SoundAnswer(name, wave.bytes(), InMinutes.of(lasts), null, null);
        if (from < 0 || from % SECONDS != 0 || from > Programme.MOST_MINUTES * 60) {
            throw Refusal.of(
                    "from", "Bytes come from a multiple of " + SECONDS + " seconds on, not from " + from + ".");
        }
        long begin = (long) from * RATE;
        long end = begin + (long) SECONDS * RATE;
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        if (from == 0) add(data, wave.head());
        synth.play(begin, end, (samples, count) -> add(data, WaveFile.body(samples, count)));
        return new SoundAnswer(
                name,
                wave.bytes(),
                InMinutes.of(lasts),
                Base64.getEncoder().encodeToString(data.toByteArray()),
                end < synth.length() ? Integer.valueOf(from + SECONDS) : null);
    }

    /** What the page is compiled with has no shorter way. */
    private static void add(ByteArrayOutputStream to, byte[] bytes) {
        to.write(bytes, 0, bytes.length);
    }

    private String first() {
        return StepWords.title(StepDocuments.read(pieces.getFirst().step), speech.read());
    }

    private Programme programme(Hearing hearing, @Nullable Player by) {
        Programme all = null;
        for (int i = 0; i < pieces.size(); i++) {
            SoundPart part = pieces.get(i);
            String index = Integer.toString(i);
            Programme one = Fields.under(
                    "pieces",
                    () -> Fields.under(index, () -> hearing.of(part.ascent(), part.position(part.ascent()), by)));
            all = all == null ? one : all.then(one);
        }
        if (all == null) throw Refusal.of("pieces", "There is nothing to play.").fits("Choose at least one step.");
        return all;
    }
}
