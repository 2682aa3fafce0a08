package pebblestep.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.PebbleStep;

/** What may be wrong with the data at a start is said in two sentences, and changes nothing. */
class StartTest {
    @TempDir
    Path folder;

    private Path data;

    @BeforeEach
    void a_folder() {
        data = folder.resolve("data");
    }

    private ConfigurableApplicationContext start(String... more) {
        String[] usual = {
            "--server.port=0",
            "--pebble.data=" + data,
            "--pebble.password-strength=4",
            "--pebble.confirm-addresses=false"
        };
        return new SpringApplication(PebbleStep.class)
                .run(Stream.concat(Arrays.stream(usual), Arrays.stream(more)).toArray(String[]::new));
    }

    private static Client client(ConfigurableApplicationContext app) {
        return new Client(
                ((ServletWebServerApplicationContext) app).getWebServer().getPort());
    }

    /** A studio with a student; the answer is the student's link. */
    private String practiceLink() {
        try (ConfigurableApplicationContext app = start()) {
            Client teacher = client(app).signUp();
            return Given.student(teacher, "Ada", "oboe").string("practicePath");
        }
    }

    private Map<String, String> files() throws IOException {
        Map<String, String> files = new TreeMap<>();
        try (Stream<Path> all = Files.list(data)) {
            for (Path file : all.toList()) {
                if (Files.isRegularFile(file)) files.put(file.getFileName().toString(), StartCheck.print(file));
            }
        }
        return files;
    }

    /** The start is refused in these words, on two lines at most, and the files are as they were. */
    private void refused(String... words) throws IOException {
        Map<String, String> before = files();
        PrintStream usual = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            assertThatThrownBy(this::start).isInstanceOf(CannotStart.class);
        } finally {
            System.setErr(usual);
        }
        assertThat(said.toString(StandardCharsets.UTF_8).strip())
                .contains(words)
                .doesNotContain("\tat ")
                .doesNotContain("Exception");
        assertThat(said.toString(StandardCharsets.UTF_8).lines()).hasSizeLessThan(3);
        assertThat(files()).isEqualTo(before);
    }

    @Test
    void what_a_start_writes_only_its_owner_can_read_and_a_second_start_finds_it() throws IOException {
        String link = practiceLink();
        Set<PosixFilePermission> folderRights = Files.getPosixFilePermissions(data);
        assertThat(folderRights)
                .containsExactlyInAnyOrder(
                        PosixFilePermission.OWNER_READ,
                        PosixFilePermission.OWNER_WRITE,
                        PosixFilePermission.OWNER_EXECUTE);
        for (String name : DataFolder.kept()) {
            assertThat(Files.getPosixFilePermissions(data.resolve(name)))
                    .as(name)
                    .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
        }
        try (ConfigurableApplicationContext app = start()) {
            assertThat(client(app).byLink(link).get("/api/practice/today").status())
                    .isEqualTo(200);
            refused("Another Pebble Step is running", "Stop it first");
        }
    }

    @Test
    void a_key_of_the_wrong_size_and_a_missing_one_are_told_and_can_be_given_up() throws IOException {
        String link = practiceLink();
        Files.write(data.resolve(DataFolder.KEY), new byte[31]);
        refused("31 bytes where it has 32", "--pebble.new-links=true");
        Files.delete(data.resolve(DataFolder.KEY));
        refused("is missing", "Put it back from a backup");
        try (ConfigurableApplicationContext app = start("--pebble.new-links=true")) {
            assertThat(client(app).byLink(link).get("/api/practice/today").status())
                    .as("every link is a new one")
                    .isEqualTo(401);
        }
        start().close();
    }

    @Test
    void a_key_without_its_database_and_one_of_another_are_told() throws IOException {
        practiceLink();
        byte[] key = Files.readAllBytes(data.resolve(DataFolder.KEY));
        byte[] database = Files.readAllBytes(data.resolve(DataFolder.DATABASE));
        Files.write(data.resolve(DataFolder.DATABASE), new byte[0]);
        refused("no database beside it", "./pebble restore FILE");
        Files.delete(data.resolve(DataFolder.DATABASE));
        refused("no database beside it", "to begin anew");
        Files.write(data.resolve(DataFolder.DATABASE), database);
        key[0] ^= 1;
        Files.write(data.resolve(DataFolder.KEY), key);
        refused("belongs to another database", "from the same backup");
    }

    @Test
    void a_start_before_anybody_has_made_a_studio_can_be_repeated() {
        start().close();
        start().close();
        assertThat(practiceLink()).startsWith("/p/");
    }

    @Test
    void a_damaged_database_is_told() throws IOException {
        practiceLink();
        byte[] database = Files.readAllBytes(data.resolve(DataFolder.DATABASE));
        Arrays.fill(database, (byte) 'x');
        Files.write(data.resolve(DataFolder.DATABASE), database);
        refused("is damaged and cannot be opened", "Put the last backup in its place");
    }

    @Test
    void a_folder_that_is_a_file_is_told() throws IOException {
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("file"), "");
        data = folder.resolve("file");
        assertThatThrownBy(this::start)
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("is no folder. Move it away");
    }

    /** The key alone does not make a link: an emptied studio has the same first student, and another identity. */
    @Test
    void a_link_opens_no_room_of_another_studio_under_the_same_key() throws IOException {
        String link = practiceLink();
        Files.delete(data.resolve(DataFolder.DATABASE));
        byte[] key = Files.readAllBytes(data.resolve(DataFolder.KEY));
        Files.delete(data.resolve(DataFolder.KEY));
        try (ConfigurableApplicationContext app = start()) {
            client(app).signUp();
        }
        Files.write(data.resolve(DataFolder.KEY), key);
        try (ConfigurableApplicationContext app = start("--pebble.new-links=true")) {
            Client teacher = client(app).signUp();
            Answer student = Given.student(teacher, "Somebody Else", "oboe");
            assertThat(student.id()).isEqualTo(1);
            assertThat(client(app).byLink(link).get("/api/practice/today").status())
                    .isEqualTo(401);
        }
    }
}
