package pebblestep.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the documents say that the code says as well: they are held against each other. {@code ./pebble api} writes the tables anew. */
class DocsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern ENDPOINT = Pattern.compile("`(?:(GET|POST|PUT|DELETE)\\s)?(/api/[^`\\s?]*)");
    private static final Pattern KNOWS = Pattern.compile("/\\*\\*(.*?)\\*/", Pattern.DOTALL);
    private static final Pattern QUESTION = Pattern.compile("case \"([a-z-]+)\" ->");

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> documents() throws IOException {
        try (Stream<Path> docs = Files.list(ROOT.resolve("docs"))) {
            return Stream.concat(
                            docs.filter(file -> file.toString().endsWith(".md")),
                            Stream.of(ROOT.resolve("README.md"), ROOT.resolve("CONTRIBUTING.md")))
                    .toList();
        }
    }

    /** A path with whatever stands for an id left open. */
    private static String open(String path) {
        return path.replaceAll("\\{[^}]*}|(?<=/)(\\d+|[A-Z]+)(?=/|$)", "{}").replaceAll("/$", "");
    }

    @Test
    void every_endpoint_that_is_named_is_there() throws IOException {
        JsonNode paths = JsonMapper.builder()
                .build()
                .readTree(text(ROOT.resolve("web/openapi.json")))
                .get("paths");
        Map<String, Set<String>> known = new HashMap<>();
        paths.forEachEntry((path, methods) -> methods.propertyNames()
                .forEach(method -> known.computeIfAbsent(open(path), any -> new HashSet<>())
                        .add(method.toUpperCase())));
        List<String> gone = new ArrayList<>();
        int named = 0;
        for (Path document : documents()) {
            Matcher endpoint = ENDPOINT.matcher(text(document));
            while (endpoint.find()) {
                String path = endpoint.group(2);
                if (path.endsWith("…")) continue;
                named++;
                Set<String> methods = known.getOrDefault(open(path), Set.of());
                boolean there = endpoint.group(1) == null ? !methods.isEmpty() : methods.contains(endpoint.group(1));
                if (!there)
                    gone.add(document.getFileName() + ": " + endpoint.group().substring(1));
            }
        }
        assertThat(named).isGreaterThan(40);
        assertThat(gone).isEmpty();
    }

    @Test
    void every_question_of_the_page_is_described() {
        String page = text(ROOT.resolve("browser/src/main/java/pebblestep/browser/Page.java"));
        Set<String> asked = new TreeSet<>();
        for (Matcher question = QUESTION.matcher(page); question.find(); ) asked.add(question.group(1));
        Set<String> described = new TreeSet<>();
        text(ROOT.resolve("docs/core-in-the-page.md"))
                .lines()
                .filter(line -> line.startsWith("| `"))
                .map(line -> line.split("\\|")[1])
                .forEach(names -> Stream.of(names.split(","))
                        .map(name -> name.strip().replace("`", ""))
                        .forEach(described::add));
        assertThat(asked).hasSizeGreaterThan(20);
        assertThat(described).isEqualTo(asked);
    }

    /** What each package knows, as its own page says it. */
    @ParameterizedTest
    @CsvSource({"core, core/src/main/java/pebblestep/core", "app, app/src/main/java/pebblestep/app"})
    void every_package_stands_in_the_table(String module, String sources) throws IOException {
        Path from = ROOT.resolve(sources);
        String table;
        try (Stream<Path> pages = Files.walk(from)) {
            table = pages.filter(file -> file.endsWith("package-info.java")
                            && !file.getParent().equals(from))
                    .map(file -> row(from, file))
                    .sorted()
                    .collect(Collectors.joining("\n", "| package | knows |\n|---|---|\n", "\n"));
        }
        Path document = ROOT.resolve("CONTRIBUTING.md");
        String said = text(document);
        String begins = "<!-- packages of " + module + " -->\n";
        int at = said.indexOf(begins) + begins.length();
        int end = said.indexOf("<!-- end -->", at);
        assertThat(said).contains(begins);
        if (Boolean.getBoolean("pebble.writeApi")) {
            Files.writeString(document, said.substring(0, at) + table + said.substring(end));
        } else {
            assertThat(said.substring(at, end))
                    .as("the packages of " + module + " in CONTRIBUTING.md: run ./pebble api and commit it")
                    .isEqualTo(table);
        }
    }

    private static String row(Path from, Path page) {
        Matcher knows = KNOWS.matcher(text(page));
        assertThat(knows.find()).as(page.toString()).isTrue();
        String words = knows.group(1)
                .replaceAll("\\n\\s*\\* ?", " ")
                .replaceAll("\\s+", " ")
                .replaceAll("\\{@(?:link|code) ([^}]*)}", "`$1`")
                .strip();
        return "| `" + from.relativize(page.getParent()).toString().replace('/', '.') + "` | " + words + " |";
    }
}
