package pebblestep.bench;

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

/** Asks a running server on this machine for passages, from 16 clients at once, and prints how long the answers took. */
public final class Loopback {
    private static final int CLIENTS = 16;
    private static final int WARM_UP = 400;
    private static final int REQUESTS = 1_000;
    private static final double NANOS_PER_MILLI = 1e6;

    private Loopback() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("http.maxConnections", Integer.toString(CLIENTS));
        String root = "http://localhost:" + args[0];
        ExecutorService pool = Executors.newFixedThreadPool(CLIENTS);
        run(pool, root, args[1], args[2], WARM_UP);
        long start = System.nanoTime();
        long[] nanos = run(pool, root, args[1], args[2], REQUESTS);
        double seconds = (System.nanoTime() - start) / 1e9;
        pool.shutdown();
        Arrays.sort(nanos);
        System.out.printf(
                "POST /api/passages, %d clients, %d requests: %.0f a second; p50 %.1f ms, p95 %.1f ms, p99 %.1f ms%n",
                CLIENTS, nanos.length, nanos.length / seconds, at(nanos, 0.50), at(nanos, 0.95), at(nanos, 0.99));
    }

    private static double at(long[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)] / NANOS_PER_MILLI;
    }

    private static long[] run(ExecutorService pool, String root, String email, String password, int each)
            throws Exception {
        List<Callable<long[]>> clients = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) clients.add(() -> client(root, email, password, each));
        List<long[]> all = new ArrayList<>();
        for (Future<long[]> future : pool.invokeAll(clients)) all.add(future.get());
        return all.stream().flatMapToLong(Arrays::stream).toArray();
    }

    /** One client: a plain connection that is kept open, so that the measuring takes little of the machine. */
    private static long[] client(String root, String email, String password, int each)
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
        byte[] body = ("{\"step\":" + PassageBenchmark.STEP + ",\"instrument\":\"english-horn\"}")
                .getBytes(StandardCharsets.UTF_8);
        long[] nanos = new long[each];
        for (int i = 0; i < each; i++) {
            long start = System.nanoTime();
            HttpURLConnection request = (HttpURLConnection)
                    URI.create(root + "/api/passages").toURL().openConnection();
            request.setRequestMethod("POST");
            request.setDoOutput(true);
            request.setRequestProperty("Content-Type", "application/json");
            request.setRequestProperty("Cookie", cookie);
            request.setRequestProperty("X-XSRF-TOKEN", token);
            request.setFixedLengthStreamingMode(body.length);
            request.getOutputStream().write(body);
            int status = request.getResponseCode();
            if (status != 200) throw new IllegalStateException("A passage answered " + status);
            try (InputStream answer = request.getInputStream()) {
                answer.transferTo(OutputStream.nullOutputStream());
            }
            nanos[i] = System.nanoTime() - start;
        }
        return nanos;
    }
}
