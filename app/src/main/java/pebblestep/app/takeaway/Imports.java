package pebblestep.app.takeaway;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineRequest;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.platform.FewAtOnce;
import pebblestep.app.platform.Problems;
import pebblestep.app.takeaway.ImportViews.FoundHand;
import pebblestep.app.takeaway.ImportViews.FoundKind;
import pebblestep.app.takeaway.ImportViews.FoundStep;
import pebblestep.app.takeaway.ImportViews.FoundView;
import pebblestep.app.takeaway.ImportViews.KeyChoice;
import pebblestep.app.takeaway.ImportViews.Reading;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.climb.Ascent;
import pebblestep.core.melody.KeyFinder;
import pebblestep.core.melody.Melody;
import pebblestep.core.melody.MelodyStep;
import pebblestep.core.passage.Passage;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.StepDocuments;
import pebblestep.exchange.FoundMusic;
import pebblestep.exchange.RoutineJson;
import pebblestep.exchange.midi.MidiReader;
import pebblestep.exchange.musicxml.MusicXmlReader;
import tools.jackson.databind.json.JsonMapper;

/** Reads files that are brought in, and keeps what was found in memory until it is taken or an hour is over. */
@Service
class Imports {
    private static final Duration KEPT = Duration.ofHours(1);
    private static final int MOST_KEPT = 500;
    private static final int LONGEST_NAME = 80;
    private static final int AT_ONCE = 2;
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    /** Emptied at each start, as archives lie there too. */
    private static final String FOLDER = "incoming";

    private final FewAtOnce reading =
            FewAtOnce.of(AT_ONCE, PATIENCE, "Other files are being read. Try again in a moment.");

    private final RoutineService routines;
    private final PebbleProperties properties;
    private final JsonMapper json;
    private final Clock clock;
    private final Map<UUID, Waiting> waiting = new ConcurrentHashMap<>();

    /** What was found and not taken yet. */
    private record Waiting(long studio, String title, List<Ascent> steps, Instant since) {}

    Imports(RoutineService routines, PebbleProperties properties, JsonMapper json, Clock clock) {
        this.routines = routines;
        this.properties = properties;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What a file holds; refuses what is none of the formats that are read, and what cannot be a line. However many bring one at once, few
     * lie in memory: the others lie on the disk until it is their turn.
     */
    FoundView found(long studio, InputStream body, String name, Reading reading) throws IOException {
        Path brought = Files.createTempFile(folder(), "file", ".brought");
        try {
            Files.copy(body, brought, StandardCopyOption.REPLACE_EXISTING);
            return this.reading.during(() -> found(studio, Files.readAllBytes(brought), name, reading));
        } finally {
            Files.deleteIfExists(brought);
        }
    }

    private Path folder() throws IOException {
        return Files.createDirectories(properties.data().resolve(FOLDER));
    }

    private FoundView found(long studio, byte[] file, String name, Reading reading) {
        if (name.toLowerCase(Locale.ROOT).endsWith(".csv")) {
            throw Refusal.of("file", "A table is not read here.")
                    .fits("Students come in under Students, Read a list; required scales at a student, Add goals.");
        }
        if (isJson(file)) {
            RoutineJson.Routine routine = RoutineJson.read(new String(file, StandardCharsets.UTF_8));
            routine.steps().forEach(ascent -> Passage.of(ascent.step()));
            String title = routine.title().isBlank() ? withoutEnding(name) : routine.title();
            return view(studio, FoundKind.ROUTINE, title, null, List.of(), routine.steps(), null, null);
        }
        FoundMusic music = isMidi(file)
                ? MidiReader.read(file, reading.part())
                : MusicXmlReader.read(file, reading.part(), reading.voice());
        String title = music.melody().title().isBlank()
                ? withoutEnding(name)
                : music.melody().title();
        Melody melody = music.melody().titled(title);
        List<KeyFinder.Found> keys = KeyFinder.of(melody);
        Key key = chosen(reading, keys);
        BroughtHand hand = BroughtHand.of(music, reading.instrument());
        Ascent ascent = Ascent.alone(MelodyStep.of(melody, key).withHand(hand.wish()));
        Passage.of(ascent.step());
        List<KeyChoice> choices = keys.stream()
                .map(one -> new KeyChoice(
                        one.key().tonic().id(),
                        one.key().form().id(),
                        one.inWords(),
                        one.key().equals(key)))
                .toList();
        return view(studio, FoundKind.MUSIC, title, music, choices, List.of(ascent), close(key, keys), hand.view());
    }

    private FoundView view(
            long studio,
            FoundKind kind,
            String title,
            @Nullable FoundMusic music,
            List<KeyChoice> keys,
            List<Ascent> steps,
            @Nullable String close,
            @Nullable FoundHand hand) {
        UUID id = keep(new Waiting(studio, title, steps, clock.instant()));
        return new FoundView(
                id,
                kind,
                title,
                music == null ? List.of() : music.parts(),
                music == null ? 0 : music.part(),
                music == null ? 0 : music.voices(),
                music == null ? 0 : music.voice(),
                keys,
                steps.stream()
                        .map(ascent ->
                                new FoundStep(StepDocuments.write(ascent.step()), ClimbDocuments.write(ascent.climb())))
                        .toList(),
                music == null ? List.of() : music.left(),
                close,
                kind == FoundKind.ROUTINE ? differences(studio, title, steps) : List.of(),
                hand);
    }

    /** Which keys fit nearly as well as the one it is read in, where that is the likeliest. */
    private static @Nullable String close(Key key, List<KeyFinder.Found> keys) {
        List<KeyFinder.Found> near = KeyFinder.close(keys);
        if (near.isEmpty() || !key.equals(keys.getFirst().key())) return null;
        return "It may as well be in "
                + Words.either(near.stream().map(KeyFinder.Found::inWords).toList()) + ".";
    }

    /** How a routine differs from the one of that title that the studio has; nothing where it has none. */
    private List<String> differences(long studio, String title, List<Ascent> steps) {
        return routines.titled(studio, title)
                .map(here -> RoutineDifference.between(
                        here.steps().stream()
                                .map(step -> Ascent.of(
                                        StepDocuments.read(step.document()), ClimbDocuments.read(step.climb())))
                                .toList(),
                        steps))
                .orElse(List.of());
    }

    /** Keeps what was found as a routine of the studio; refuses what is not there any more. */
    RoutineView take(long studio, UUID id, @Nullable String title) {
        Waiting found = waiting.get(id);
        if (found == null || found.studio() != studio) throw Problems.notFound("file");
        List<RoutineStep> steps = found.steps().stream()
                .map(ascent -> new RoutineStep(
                        null,
                        json.valueToTree(StepDocuments.write(ascent.step())),
                        json.valueToTree(ClimbDocuments.write(ascent.climb()))))
                .toList();
        RoutineView taken =
                routines.add(studio, new RoutineRequest(title == null ? found.title() : title, null, steps));
        waiting.remove(id);
        return taken;
    }

    private UUID keep(Waiting found) {
        Instant gone = clock.instant().minus(KEPT);
        waiting.values().removeIf(one -> one.since().isBefore(gone));
        while (waiting.size() >= MOST_KEPT) {
            waiting.entrySet().stream()
                    .min(Comparator.comparing(entry -> entry.getValue().since()))
                    .ifPresent(oldest -> waiting.remove(oldest.getKey()));
        }
        UUID id = UUID.randomUUID();
        waiting.put(id, found);
        return id;
    }

    private static Key chosen(Reading reading, List<KeyFinder.Found> keys) {
        if (reading.tonic() == null || reading.form() == null)
            return keys.getFirst().key();
        try {
            return Key.of(NoteName.parse(reading.tonic()), Forms.of(reading.form()));
        } catch (Refusal e) {
            throw e.at("tonic");
        }
    }

    private static boolean isJson(byte[] file) {
        for (byte one : file) if (!Character.isWhitespace(one)) return one == '{';
        return false;
    }

    private static boolean isMidi(byte[] file) {
        return file.length > 4 && file[0] == 'M' && file[1] == 'T' && file[2] == 'h' && file[3] == 'd';
    }

    private static String withoutEnding(String name) {
        List<String> endings = new ArrayList<>(List.of(".musicxml", ".mxl", ".xml", ".midi", ".mid", ".json"));
        String plain = name.replaceAll("[\\p{Cntrl}]+", " ").strip();
        for (String ending : endings) {
            if (plain.toLowerCase(Locale.ROOT).endsWith(ending))
                plain = plain.substring(0, plain.length() - ending.length());
        }
        return plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME) : plain;
    }
}
