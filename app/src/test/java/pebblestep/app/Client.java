package pebblestep.app;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser without a screen: keeps cookies, sends the CSRF token back, or carries the token of a practice link. */
public final class Client {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final int port;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private String bearer;
    private final java.util.Map<String, String> others = new java.util.HashMap<>();
    private boolean csrf = true;
    private String sessionCookie = "";

    public Client(int port) {
        this.port = port;
    }

    /** An answer: status, and the body as JSON. */
    public record Answer(int status, String type, String text) {
        public JsonNode json() {
            return JSON.readTree(text);
        }

        /** A field, or what a pointer points to; empty where there is none. */
        public String string(String field) {
            return (field.startsWith("/") ? json().at(field) : json().path(field)).asString("");
        }

        /** The same answer, of which only a part is looked at. */
        public Answer part(String pointer) {
            return new Answer(status, type, json().at(pointer).toString());
        }

        public long id() {
            return json().get("id").asLong();
        }
    }

    /** A client that nobody has signed in on yet. */
    public Client another() {
        return new Client(port);
    }

    /** A client that comes by a practice link, given as the path or the token. */
    public Client byLink(String practicePath) {
        Client client = another();
        client.bearer = practicePath.substring(practicePath.lastIndexOf('/') + 1);
        return client;
    }

    /** Says something else with every request. */
    public Client saying(String header, String value) {
        others.put(header, value);
        return this;
    }

    public Client withoutCsrf() {
        csrf = false;
        return this;
    }

    /** Makes a new studio and is its teacher from then on. */
    public Client signUp() {
        String name = "t" + UUID.randomUUID().toString().substring(0, 8);
        get("/api/session");
        Answer answer = post(
                "/api/accounts",
                """
                {"studio":"Studio %s","name":"Teacher %s","email":"%s@example.test","password":"long-enough-1"}"""
                        .formatted(name, name, name));
        if (answer.status() != 201) throw new AssertionError(answer);
        return this;
    }

    public Answer get(String path) {
        return send("GET", path, null, "application/json");
    }

    public Answer post(String path, String body) {
        return send("POST", path, body, "application/json");
    }

    public Answer post(String path) {
        return send("POST", path, "", "application/json");
    }

    public Answer put(String path, String body) {
        return send("PUT", path, body, "application/json");
    }

    public Answer delete(String path) {
        return send("DELETE", path, null, "application/json");
    }

    public Answer send(String method, String path, String body, String contentType) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        if (body != null) request.header("Content-Type", contentType);
        others.forEach(request::header);
        if (bearer != null) request.header("Authorization", "Bearer " + bearer);
        cookie("XSRF-TOKEN").filter(token -> csrf).ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            response.headers().allValues("Set-Cookie").stream()
                    .filter(cookie -> cookie.startsWith("PEBBLE="))
                    .forEach(cookie -> sessionCookie = cookie);
            return new Answer(
                    response.statusCode(),
                    response.headers().firstValue("Content-Type").orElse(""),
                    response.body());
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    /** The file that is answered to a request; fails where none is. */
    public byte[] download(String path, String body) {
        HttpResponse<byte[]> response = exchange(
                path,
                HttpRequest.BodyPublishers.ofString(body),
                "application/json",
                HttpResponse.BodyHandlers.ofByteArray());
        if (response.statusCode() != 200) throw new AssertionError(response.statusCode() + new String(response.body()));
        return response.body();
    }

    /** Sends a file as the body. */
    public Answer upload(String path, byte[] file) {
        HttpResponse<String> response = exchange(
                path,
                HttpRequest.BodyPublishers.ofByteArray(file),
                "application/octet-stream",
                HttpResponse.BodyHandlers.ofString());
        return new Answer(
                response.statusCode(),
                response.headers().firstValue("Content-Type").orElse(""),
                response.body());
    }

    private <T> HttpResponse<T> exchange(
            String path, HttpRequest.BodyPublisher body, String type, HttpResponse.BodyHandler<T> reading) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .POST(body)
                .header("Content-Type", type);
        cookie("XSRF-TOKEN").filter(token -> csrf).ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        if (bearer != null) request.header("Authorization", "Bearer " + bearer);
        try {
            return http.send(request.build(), reading);
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    /** The whole line with which the session cookie was last set. */
    public String cookieLine() {
        return sessionCookie;
    }

    public java.util.Optional<String> cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst();
    }
}
