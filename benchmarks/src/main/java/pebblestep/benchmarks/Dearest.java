package pebblestep.benchmarks;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Asks a running server for the dearest things that it does not refuse, one after the other, and prints what each took. */
public final class Dearest {
    private static final Pattern ID = Pattern.compile("\"id\":(\\d+)");
    private static final int STUDENTS = 50;

    /** Three values and two spans at 161 tempos: 966 rungs. */
    private static final String BIG =
            """
            {"axes":[{"axis":"value","rungs":[{"figure":["1/4"]},{"figure":["1/8"]},{"figure":["1/16"]}]},
             {"axis":"span","rungs":[{"octaves":1},{"octaves":2}]},
             {"axis":"tempo","from":40,"to":200,"scheme":{"type":"fixed","by":1}}]}""";

    private static final String SMALL =
            "{\"axes\":[{\"axis\":\"tempo\",\"from\":60,\"to\":100,\"scheme\":{\"type\":\"fixed\",\"by\":8}}]}";

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String root;

    private Dearest(String root) {
        this.root = root;
    }

    public static void main(String[] args) throws Exception {
        Dearest asking = new Dearest("http://localhost:" + args[0]);
        asking.send("GET", "/api/session", "");
        asking.send("POST", "/api/session", "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(args[1], args[2]));
        asking.ask();
    }

    private void ask() throws Exception {
        timed("save a routine of 44 steps with climbs of 966 rungs", "/api/routines", routine(44, BIG));
        String twenty = send("POST", "/api/routines", routine(20, SMALL));
        List<String> students = new ArrayList<>();
        for (int i = 0; i < STUDENTS; i++) {
            students.add(
                    id(send("POST", "/api/students", "{\"name\":\"Many %d\",\"instrument\":\"oboe\"}".formatted(i))));
        }
        String today = LocalDate.now().toString();
        String all = String.join(",", students);
        String group = "{\"routineId\":%s,\"studentIds\":[%s],\"startsOn\":\"%s\",\"minutesADay\":5}"
                .formatted(id(twenty), all, today);
        timed("preview 20 steps for 50 students", "/api/assignments/group/preview", group);
        timed("give 20 steps to 50 students", "/api/assignments/group", group);
        String three = send("POST", "/api/routines", routine(3, SMALL));
        String plan =
                ("{\"routineId\":%s,\"studentIds\":[%s],\"order\":\"fourths\",\"start\":\"C\",\"thereAndBack\":false,"
                                + "\"named\":\"written\",\"forms\":\"as-given\",\"pace\":\"day\",\"startsOn\":\"%s\",\"minutesADay\":5}")
                        .formatted(id(three), String.join(",", students.subList(0, 23)), today);
        timed("a key plan for 23 students at a key a day", "/api/key-plans", plan);
        long start = System.nanoTime();
        send("GET", "/api/desk", "");
        said("the desk of those students, read for the first time", start);
        timed(
                "what a smaller range would touch",
                "/api/students/" + students.get(0) + "/touched",
                "{\"name\":\"Many 0\",\"instrument\":\"oboe\",\"level\":\"first-octave\"}");
        files(id(send("POST", "/api/routines", routine(10, SMALL))));
    }

    /** Files of a routine of ten steps, each asked for twice: the first reads the classes that write it. */
    private void files(String ten) throws Exception {
        for (String when : List.of("the first time", "again")) {
            long start = System.nanoTime();
            long bytes = file("/api/exports/musicxml", "{\"routine\":" + ten + ",\"instrument\":\"oboe\"}");
            System.out.printf(
                    "ten steps as MusicXML, %s: %.0f ms, %d kB (aim: under 200 ms)%n",
                    when, (System.nanoTime() - start) / 1e6, bytes / 1000);
        }
        String sound = "{\"step\":" + PassageBenchmark.STEP
                + ",\"options\":{\"times\":%d,\"heard\":[\"click\",\"line\",\"chords\",\"bass\",\"drone\"]}}";
        for (int times : new int[] {10, 90}) {
            long start = System.nanoTime();
            long bytes = file("/api/exports/wav", sound.formatted(times));
            System.out.printf(
                    "%.1f minutes of WAV, line, click, chords, bass and drone: %.0f ms (aim: ten minutes under 5000 ms)%n",
                    bytes / 88_200.0 / 60, (System.nanoTime() - start) / 1e6);
        }
    }

    /** How many bytes a file has. */
    private long file(String path, String body) throws IOException, InterruptedException {
        HttpResponse<java.io.InputStream> answer =
                http.send(request("POST", path, body), HttpResponse.BodyHandlers.ofInputStream());
        if (answer.statusCode() >= 300) throw new IllegalStateException(path + ": " + answer.statusCode());
        try (java.io.InputStream in = answer.body()) {
            return in.transferTo(java.io.OutputStream.nullOutputStream());
        }
    }

    private static String routine(int steps, String climb) {
        String one = "{\"document\":" + PassageBenchmark.STEP + ",\"climb\":" + climb + "}";
        return "{\"title\":\"Dear\",\"steps\":[" + String.join(",", Collections.nCopies(steps, one)) + "]}";
    }

    private void timed(String name, String path, String body) throws Exception {
        long start = System.nanoTime();
        send("POST", path, body);
        said(name, start);
    }

    private static void said(String name, long start) {
        System.out.printf("%s: %.0f ms (aim: under 2000 ms)%n", name, (System.nanoTime() - start) / 1e6);
    }

    private String send(String method, String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(request(method, path, body), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 300) throw new IllegalStateException(path + ": " + answer.body());
        return answer.body();
    }

    private HttpRequest request(String method, String path, String body) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(one -> one.getName().equals("XSRF-TOKEN"))
                .map(one -> one.getValue())
                .findFirst()
                .orElse("");
        return HttpRequest.newBuilder(URI.create(root + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private static String id(String answer) {
        Matcher id = ID.matcher(answer);
        if (!id.find()) throw new IllegalStateException(answer);
        return id.group(1);
    }
}
