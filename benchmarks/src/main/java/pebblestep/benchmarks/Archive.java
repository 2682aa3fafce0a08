package pebblestep.benchmarks;

import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandler;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Saves a large studio as an archive from one server, or takes it over into an empty one, and prints how long that took. */
public final class Archive {
    private static final double NANOS_PER_SECOND = 1e9;
    private static final double BYTES_PER_MB = 1e6;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String root;

    private Archive(String root) {
        this.root = root;
    }

    /** Arguments: {@code save} or {@code take}, port, e-mail, password, and the file. */
    public static void main(String[] args) throws Exception {
        Archive archive = new Archive("http://localhost:" + args[1]);
        archive.send("GET", "/api/session", BodyPublishers.noBody(), BodyHandlers.ofString());
        Path file = Path.of(args[4]);
        if (args[0].equals("save")) archive.save(args[2], args[3], file);
        else archive.take(args[2], args[3], file);
    }

    private void save(String email, String password, Path file) throws Exception {
        post("/api/session", "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(email, password));
        Files.deleteIfExists(file);
        long began = System.nanoTime();
        send("POST", "/api/exports/archive", BodyPublishers.ofString("{}"), BodyHandlers.ofFile(file));
        System.out.printf(
                "  archive of the whole studio saved: %.1f s (aim: under 120 s), %.0f MB%n",
                seconds(began), Files.size(file) / BYTES_PER_MB);
    }

    private void take(String email, String password, Path file) throws Exception {
        post(
                "/api/accounts",
                "{\"studio\":\"Arrived\",\"name\":\"Arrived\",\"email\":\"%s\",\"password\":\"%s\"}"
                        .formatted(email, password));
        long began = System.nanoTime();
        String found = send("POST", "/api/archives", BodyPublishers.ofFile(file), BodyHandlers.ofString());
        System.out.printf("  archive brought and looked through: %.1f s%n", seconds(began));
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(found);
        if (!id.find()) throw new IllegalStateException(found);
        long taking = System.nanoTime();
        post("/api/archives/" + id.group(1) + "/take", "");
        System.out.printf(
                "  archive taken over: %.1f s, %.1f s with looking through (aim: under 120 s)%n",
                seconds(taking), seconds(began));
        long desk = System.nanoTime();
        send("GET", "/api/desk", BodyPublishers.noBody(), BodyHandlers.ofString());
        System.out.printf("  first desk after it: %.1f s%n", seconds(desk));
    }

    private static double seconds(long since) {
        return (System.nanoTime() - since) / NANOS_PER_SECOND;
    }

    private String post(String path, String body) throws Exception {
        return send("POST", path, BodyPublishers.ofString(body), BodyHandlers.ofString());
    }

    private <T> T send(String method, String path, BodyPublisher body, BodyHandler<T> reading) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(root + path))
                .method(method, body)
                .header("Content-Type", path.equals("/api/archives") ? "application/octet-stream" : "application/json");
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .forEach(token -> request.header("X-XSRF-TOKEN", token));
        HttpResponse<T> answer = http.send(request.build(), reading);
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(path + " answered " + answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }
}
