package pebblestep.benchmarks;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.CookieManager;
import java.net.HttpURLConnection;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;

/** Asks a running server on this machine, from 16 clients at once, and prints how long the answers took. */
public final class Loopback {
    private static final int CLIENTS = 16;
    private static final int WARM_UP = 400;
    private static final int REQUESTS = 1_000;
    private static final int FEWER = 150;

    /** Two octaves in three values at eleven tempos over three spans: ninety-nine rungs and fewer. */
    private static final String CLIMB =
            """
            {"axes":[{"axis":"tempo","from":60,"to":100,"scheme":{"type":"fixed","by":4}},
             {"axis":"value","rungs":[{"figure":["1/4"]},{"figure":["1/8"]},{"figure":["1/16"]}]},
             {"axis":"span","rungs":[{"span":5},{"octaves":1},{"octaves":2}]}],"restart":60}""";

    /** What is asked for: a body is posted, nothing is got. */
    private record Call(String name, String path, String body, int times) {}

    private static final List<Call> CALLS = List.of(
            new Call(
                    "POST /api/passages",
                    "/api/passages",
                    "{\"step\":" + PassageBenchmark.STEP + ",\"instrument\":\"english-horn\"}",
                    REQUESTS),
            new Call(
                    "POST /api/climbs, three axes",
                    "/api/climbs",
                    "{\"step\":" + PassageBenchmark.STEP + ",\"climb\":" + CLIMB + "}",
                    FEWER),
            new Call("GET /api/assignments/1/forecast", "/api/assignments/1/forecast", "", FEWER),
            new Call("GET /api/desk, the demo's", "/api/desk", "", FEWER),
            new Call("GET /api/routines, the shelf", "/api/routines", "", FEWER));
    private static final double NANOS_PER_MILLI = 1e6;

    private Loopback() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("http.maxConnections", Integer.toString(CLIENTS));
        String root = "http://localhost:" + args[0];
        ExecutorService pool = Executors.newFixedThreadPool(CLIENTS);
        for (Call call : CALLS) {
            run(pool, root, args[1], args[2], call, Math.min(WARM_UP, call.times));
            long start = System.nanoTime();
            long[] nanos = run(pool, root, args[1], args[2], call, call.times);
            double seconds = (System.nanoTime() - start) / 1e9;
            Arrays.sort(nanos);
            System.out.printf(
                    "%s, %d clients, %d requests: %.0f a second; p50 %.1f ms, p95 %.1f ms, p99 %.1f ms%n",
                    call.name,
                    CLIENTS,
                    nanos.length,
                    nanos.length / seconds,
                    at(nanos, 0.50),
                    at(nanos, 0.95),
                    at(nanos, 0.99));
        }
        pool.shutdown();
    }

    private static double at(long[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)] / NANOS_PER_MILLI;
    }

    private static long[] run(ExecutorService pool, String root, String email, String password, Call call, int each)
            throws Exception {
        List<Callable<long[]>> clients = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) clients.add(() -> client(root, email, password, call, each));
        List<long[]> all = new ArrayList<>();
        for (Future<long[]> future : pool.invokeAll(clients)) all.add(future.get());
        return all.stream().flatMapToLong(Arrays::stream).toArray();
    }

    /** One client: a plain connection that is kept open, so that the measuring takes little of the machine. */
    private static long[] client(String root, String email, String password, Call call, int each)
            throws IOException, InterruptedException {
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        http.send(HttpRequest.newBuilder(URI.create(root + "/api/session")).build(), BodyHandlers.discarding());
        String signIn = "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(email, password);
        HttpRequest entering = HttpRequest.newBuilder(URI.create(root + "/api/session"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(signIn))
                .build();
        int signedIn = http.send(entering, BodyHandlers.discarding()).statusCode();
        if (signedIn != 200) throw new IllegalStateException("Signing in answered " + signedIn);
        String cookie = cookies.getCookieStore().getCookies().stream()
                .map(one -> one.getName() + "=" + one.getValue())
                .collect(Collectors.joining("; "));
        String token = cookie.replaceAll(".*XSRF-TOKEN=([^;]*).*", "$1");
        byte[] body = call.body.getBytes(StandardCharsets.UTF_8);
        long[] nanos = new long[each];
        for (int i = 0; i < each; i++) {
            long start = System.nanoTime();
            HttpURLConnection request =
                    (HttpURLConnection) URI.create(root + call.path).toURL().openConnection();
            request.setRequestProperty("Cookie", cookie);
            request.setRequestProperty("X-XSRF-TOKEN", token);
            if (body.length > 0) {
                request.setRequestMethod("POST");
                request.setDoOutput(true);
                request.setRequestProperty("Content-Type", "application/json");
                request.setFixedLengthStreamingMode(body.length);
                request.getOutputStream().write(body);
            }
            int status = request.getResponseCode();
            if (status != 200) throw new IllegalStateException(call.name + " answered " + status);
            try (InputStream answer = request.getInputStream()) {
                answer.transferTo(OutputStream.nullOutputStream());
            }
            nanos[i] = System.nanoTime() - start;
        }
        return nanos;
    }
}
