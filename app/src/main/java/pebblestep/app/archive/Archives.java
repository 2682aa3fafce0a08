package pebblestep.app.archive;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import pebblestep.app.archive.ArchiveViews.ArchiveState;
import pebblestep.app.archive.ArchiveViews.ArchiveView;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.platform.FewAtOnce;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.exchange.archive.ArchiveFile;
import pebblestep.exchange.archive.Manifest;

/** Archives that were brought: looked through, kept beside the data for an hour, and taken over one at a time. */
@Service
class Archives {
    private static final Logger LOG = LoggerFactory.getLogger(Archives.class);
    private static final String FOLDER = "incoming";
    private static final Duration KEPT = Duration.ofHours(1);
    private static final int MOST_KEPT = 4;
    private static final int MOST_NAMED = 20;
    private static final int MOST_ROWS = 6_000_000;

    /** What a row of a table is; what stands behind the number is not counted. */
    private static final Map<String, String[]> IN_WORDS = Map.of(
            CarriedTable.STUDENTS,
            new String[] {"student", ""},
            CarriedTable.INSTRUMENTS,
            new String[] {"instrument", " of its own"},
            CarriedTable.ROUTINES,
            new String[] {"routine", ""},
            CarriedTable.STEPS,
            new String[] {"step", ""},
            CarriedTable.PLANS,
            new String[] {"key plan", ""},
            CarriedTable.ASSIGNMENTS,
            new String[] {"step", " given"},
            CarriedTable.TAKES,
            new String[] {"take", ""},
            "words_to_teacher",
            new String[] {"word", " to the teacher"},
            "lesson_notes",
            new String[] {"lesson note", ""},
            "required_scales",
            new String[] {"required scale", ""});

    private final ArchiveIn in;
    private final ReadBack readBack;
    private final StudentService students;
    private final PebbleProperties properties;
    private final Clock clock;
    private final Map<UUID, Brought> brought = new ConcurrentHashMap<>();

    /** A large archive fills a transaction and a disk: one after the other. */
    private final FewAtOnce taking =
            FewAtOnce.of(1, Duration.ZERO, "Another archive is being taken over. Try again in a minute.");

    private final FewAtOnce lookingThrough =
            FewAtOnce.of(1, Duration.ofSeconds(20), "Another archive is being looked through. Try again in a minute.");

    private final ExecutorService after = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("standings").daemon().factory());

    Archives(ArchiveIn in, ReadBack readBack, StudentService students, PebbleProperties properties, Clock clock) {
        this.in = in;
        this.readBack = readBack;
        this.students = students;
        this.properties = properties;
        this.clock = clock;
    }

    /** One that was brought. */
    private static final class Brought {
        private final long studio;
        private final Path file;
        private final ArchiveView found;
        private final Instant since;
        private volatile ArchiveState state = ArchiveState.FOUND;
        private volatile long done;
        private volatile boolean givenUp;
        private volatile ArchiveIn.@Nullable Arrived arrived;

        private Brought(long studio, Path file, ArchiveView found, Instant since) {
            this.studio = studio;
            this.file = file;
            this.found = found;
            this.since = since;
        }

        private ArchiveView view() {
            return new ArchiveView(
                    found.id(),
                    state,
                    found.holds(),
                    found.title(),
                    found.made(),
                    found.becomes(),
                    found.counts(),
                    found.alike(),
                    done,
                    found.rows());
        }
    }

    /** Looks an archive through; refuses one that is not whole, and keeps it for an hour. */
    ArchiveView bring(long studio, InputStream body) throws IOException {
        forget();
        if (brought.values().stream().filter(one -> one.studio == studio).count() >= MOST_KEPT) {
            brought.values().stream()
                    .filter(one -> one.studio == studio && one.state != ArchiveState.TAKING)
                    .min(java.util.Comparator.comparing(one -> one.since))
                    .ifPresent(this::drop);
        }
        Path folder = Files.createDirectories(properties.data().resolve(FOLDER));
        Path file = Files.createTempFile(folder, "archive", ".zip");
        try {
            try (OutputStream out = Files.newOutputStream(file)) {
                body.transferTo(out);
            }
            UUID id = UUID.randomUUID();
            ArchiveView found = lookingThrough.during(() -> found(studio, id, file));
            Brought one = new Brought(studio, file, found, clock.instant());
            brought.put(id, one);
            return one.view();
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(file);
            throw e;
        }
    }

    private ArchiveView found(long studio, UUID id, Path path) throws IOException {
        try (ArchiveFile file = ArchiveFile.open(path, CarriedTable.names())) {
            Manifest manifest = file.manifest();
            long rows =
                    manifest.tables().stream().mapToLong(Manifest.Table::lines).sum();
            if (rows > MOST_ROWS) {
                throw Refusal.of(
                                "file",
                                "This archive says that it has " + rows + " rows, which is more than can be read.")
                        .fits("At most " + MOST_ROWS + ".");
            }
            file.check();
            Set<String> here = new HashSet<>();
            students.everybody(studio).forEach(student -> here.add(student.name()));
            List<String> alike = new ArrayList<>();
            file.read(CarriedTable.STUDENTS, (line, row) -> {
                String name = row.path("name").asString("");
                if (here.contains(name) && alike.size() < MOST_NAMED) alike.add(name);
            });
            List<String> counts = manifest.tables().stream()
                    .filter(table -> table.lines() > 0)
                    .flatMap(table -> Optional.ofNullable(IN_WORDS.get(table.name())).stream()
                            .map(words -> Words.counted(table.lines(), words[0]) + words[1]))
                    .toList();
            return new ArchiveView(
                    id,
                    ArchiveState.FOUND,
                    manifest.holds().equals(ArchiveOut.OF_STUDENT) ? ArchiveOut.OF_STUDENT : ArchiveOut.OF_STUDIO,
                    manifest.title(),
                    manifest.made(),
                    manifest.table(ArchiveOut.STUDIO).isPresent() && in.isEmpty(studio),
                    counts,
                    alike,
                    0,
                    rows);
        }
    }

    private Brought find(long studio, UUID id) {
        Brought one = brought.get(id);
        if (one == null || one.studio != studio) throw Problems.notFound("archive");
        return one;
    }

    /** How far it has come. */
    ArchiveView look(long studio, UUID id) {
        return find(studio, id).view();
    }

    /** Takes it over; refuses one that is being taken or was, and keeps nothing where it cannot keep all. */
    ArchiveView take(long studio, UUID id) throws IOException {
        Brought one = find(studio, id);
        return taking.during(() -> taken(studio, one));
    }

    private ArchiveView taken(long studio, Brought one) throws IOException {
        synchronized (one) {
            if (one.state != ArchiveState.FOUND) throw Problems.conflict("This archive was taken over already.");
            one.state = ArchiveState.TAKING;
        }
        one.givenUp = false;
        ArchiveIn.Arrived arrived;
        try (ArchiveFile file = ArchiveFile.open(one.file, CarriedTable.names())) {
            arrived = in.take(studio, file, done -> {
                one.done = done;
                if (one.givenUp) throw Refusal.of("file", "This was given up; nothing of it was kept.");
            });
        } catch (IOException | RuntimeException e) {
            one.done = 0;
            one.state = ArchiveState.FOUND;
            throw e;
        }
        one.arrived = arrived;
        one.state = ArchiveState.TAKEN;
        after.execute(() -> stand(studio, arrived.assignments()));
        return one.view();
    }

    private void stand(long studio, List<Long> assignments) {
        try {
            ReadBack.parts(assignments).forEach(part -> readBack.stand(studio, part));
        } catch (RuntimeException e) {
            // It is worked out when it is asked for.
            LOG.warn("How far students of an archive have come was not kept: {}", e.toString());
        }
    }

    /** Gives up while it is taken over, or lets go of it. */
    void giveUp(long studio, UUID id) {
        Brought one = find(studio, id);
        one.givenUp = true;
        if (one.state != ArchiveState.TAKING) drop(one);
    }

    /** Takes back what came in. */
    ArchiveView undo(long studio, UUID id) {
        Brought one = find(studio, id);
        synchronized (one) {
            ArchiveIn.Arrived arrived = one.arrived;
            if (one.state != ArchiveState.TAKEN || arrived == null) {
                throw Problems.conflict("There is nothing to take back.");
            }
            in.undo(studio, arrived);
            one.arrived = null;
            one.state = ArchiveState.UNDONE;
        }
        return one.view();
    }

    private void drop(Brought one) {
        brought.remove(one.found.id());
        try {
            Files.deleteIfExists(one.file);
        } catch (IOException e) {
            LOG.warn("An archive that was brought could not be deleted: {}", e.toString());
        }
    }

    /** Lets go of what nobody took. */
    @Scheduled(initialDelayString = "PT15M", fixedDelayString = "PT15M")
    void forget() {
        Instant gone = clock.instant().minus(KEPT);
        brought.values().stream()
                .filter(one -> one.since.isBefore(gone) && one.state != ArchiveState.TAKING)
                .forEach(this::drop);
    }

    /** What lay there when the application ended is nobody's any more. */
    @jakarta.annotation.PostConstruct
    void empty() throws IOException {
        Path folder = properties.data().resolve(FOLDER);
        if (!Files.isDirectory(folder)) return;
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) Files.deleteIfExists(file);
        }
    }

    @PreDestroy
    void close() {
        after.shutdownNow();
    }
}
