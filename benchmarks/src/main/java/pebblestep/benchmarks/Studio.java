package pebblestep.benchmarks;

import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Asks a running server with a large studio what a teacher and students ask, one after the other, and prints how long. */
public final class Studio {
    private static final int FEWER = 60;
    private static final int TIMES = 300;

    /** So long something is asked before it is measured. */
    private static final Duration BEFORE = Duration.ofSeconds(30);

    private static final double NANOS_PER_MILLI = 1e6;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final Random random = new Random(5);
    private final String root;

    private Studio(String root) {
        this.root = root;
    }

    /** A request to measure; asked again and again with other students. */
    private interface Ask {
        HttpRequest next();
    }

    /** Something that a student practises, and the student's link. */
    private record Own(String token, String assignment) {}

    /** Arguments: port, e-mail, password. */
    public static void main(String[] args) throws Exception {
        new Studio("http://localhost:" + args[0]).run(args[1], args[2]);
    }

    private void run(String email, String password) throws Exception {
        ask(get("/api/session"));
        ask(post("/api/session", "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(email, password), null));
        List<Long> ids = new ArrayList<>();
        List<String> tokens = new ArrayList<>();
        for (int page = 0; page < 4; page++) {
            String list = ask(get("/api/students?page=" + page));
            each("\"id\":(\\d+),\"name\"", list).forEach(id -> ids.add(Long.valueOf(id)));
            tokens.addAll(each("\"practicePath\":\"/p/([^\"]+)\"", list));
        }
        printSpeed();
        long started = System.nanoTime();
        ask(get("/api/desk"));
        System.out.printf("  first desk after the start: %.0f ms%n", (System.nanoTime() - started) / NANOS_PER_MILLI);
        measure("desk", 200, () -> get("/api/desk?page=" + random.nextInt(4)));
        measure("desk, one verdict", 200, () -> get("/api/desk?verdict=stuck"));
        measure("key path of one student", 100, () -> get("/api/students/" + any(ids) + "/key-path"));
        measure("students by keys, a page", 0, () -> get("/api/keys?page=" + random.nextInt(4)));
        measure("lesson card", 0, () -> get("/api/students/" + any(ids) + "/lesson"));
        measure("today's list", 50, () -> own(get("/api/practice/today"), any(tokens)));
        List<Own> lists = new ArrayList<>();
        for (int i = 0; i < FEWER; i++) {
            String token = tokens.get(i * tokens.size() / FEWER);
            each("\"assignmentId\":(\\d+)", ask(own(get("/api/practice/today"), token)))
                    .forEach(id -> lists.add(new Own(token, id)));
        }
        measure("a take stored", 20, () -> {
            Own own = any(lists);
            return post("/api/practice/takes", take(own.assignment()), own.token());
        });
        printSpeed();
    }

    private static String take(String assignment) {
        return "{\"clientId\":\"%s\",\"assignmentId\":%s,\"bpm\":60,\"outcome\":\"slips\",\"takenAt\":\"%s\",\"seconds\":20}"
                .formatted(UUID.randomUUID(), assignment, OffsetDateTime.now());
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    /** What is asked is how a server answers that has been running for a while; how it begins is printed beside it. */
    private void measure(String name, int aim, Ask ask) throws Exception {
        int times = aim == 0 ? FEWER : TIMES;
        long[] first = nanos(FEWER, ask);
        long until = System.nanoTime() + BEFORE.toNanos();
        while (System.nanoTime() < until) ask(ask.next());
        long[] nanos = nanos(times, ask);
        System.out.printf(
                "  %s: p50 %.1f ms, p95 %.1f ms%s; the first %d after the start: p95 %.1f ms%n",
                name,
                at(nanos, 0.50),
                at(nanos, 0.95),
                aim == 0 ? "" : " (aim: p95 under " + aim + " ms)",
                FEWER,
                at(first, 0.95));
    }

    /** How long that many answers took, the quickest first. */
    private long[] nanos(int times, Ask ask) throws Exception {
        long[] nanos = new long[times];
        for (int i = 0; i < times; i++) {
            HttpRequest request = ask.next();
            long start = System.nanoTime();
            ask(request);
            nanos[i] = System.nanoTime() - start;
        }
        Arrays.sort(nanos);
        return nanos;
    }

    /** The machines are shared: how fast this one is just now, by something that is always the same. */
    private static void printSpeed() {
        long[] nanos = new long[TIMES];
        long sum = 0;
        for (int i = 0; i < TIMES; i++) {
            long start = System.nanoTime();
            Random numbers = new Random(i);
            for (int k = 0; k < 100_000; k++) sum += numbers.nextInt(100);
            nanos[i] = System.nanoTime() - start;
        }
        Arrays.sort(nanos);
        System.out.printf(
                "  this machine just now: 100,000 random numbers in %.2f ms (p95 %.2f ms)%s%n",
                at(nanos, 0.50), at(nanos, 0.95), sum > 0 ? "" : ", none of them above 0");
    }

    private static double at(long[] sorted, double share) {
        return sorted[(int) Math.ceil(share * sorted.length) - 1] / NANOS_PER_MILLI;
    }

    private String ask(HttpRequest request) throws Exception {
        HttpResponse<String> answer = http.send(request, BodyHandlers.ofString());
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(request.uri() + " answered " + answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    private static List<String> each(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        List<String> found = new ArrayList<>();
        while (matcher.find()) found.add(matcher.group(1));
        return found;
    }

    private HttpRequest get(String path) {
        return HttpRequest.newBuilder(URI.create(root + path)).build();
    }

    private static HttpRequest own(HttpRequest request, String token) {
        return HttpRequest.newBuilder(request, (name, value) -> true)
                .header("Authorization", "Bearer " + token)
                .build();
    }

    private HttpRequest post(String path, String body, String token) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(root + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
        if (token != null) request.header("Authorization", "Bearer " + token);
        return request.build();
    }
}
