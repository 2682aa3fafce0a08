package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.app.Client;
import pebblestep.app.RunningApp;
import pebblestep.app.RunningApp.Server;

/** What anybody meets who is not signed in: pages, headers, and closed doors. */
@ExtendWith(RunningApp.class)
class FrontDoorTest {

    private static HttpResponse<String> get(Server server, String path) throws IOException, InterruptedException {
        URI uri = URI.create("http://localhost:" + server.port() + path);
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(uri).build(), HttpResponse.BodyHandlers.ofString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/desk", "/api/session", "/p/some-token"})
    void every_answer_keeps_to_itself(String path, Server server) throws IOException, InterruptedException {
        HttpResponse<String> answer = get(server, path);
        assertThat(answer.headers().firstValue("Content-Security-Policy").orElseThrow())
                .contains("default-src 'self'", "object-src 'none'", "frame-ancestors 'none'")
                .doesNotContain("http:", "https:", " 'unsafe-eval'");
        assertThat(answer.headers().firstValue("Referrer-Policy")).contains("no-referrer");
        assertThat(answer.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
    }

    @Test
    void the_session_cookie_is_out_of_reach_of_scripts_and_of_other_sites(Server server)
            throws IOException, InterruptedException {
        String name = "t" + java.util.UUID.randomUUID();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + server.port() + "/api/session"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"email\":\"" + name + "\",\"password\":\"x\"}"))
                .build();
        Client client = new Client(server.port()).signUp();
        assertThat(client.cookie("PEBBLE")).isPresent();
        HttpResponse<String> wrong = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        assertThat(wrong.statusCode()).isEqualTo(401);
        assertThat(wrong.headers().allValues("Set-Cookie")).noneMatch(cookie -> cookie.startsWith("PEBBLE="));
        assertThat(client.cookieLine()).contains("HttpOnly", "SameSite=Lax");
    }

    @Test
    void health_is_open_and_nothing_else_of_the_inside_is(Client client) {
        assertThat(client.get("/actuator/health").string("status")).isEqualTo("UP");
        assertThat(client.get("/actuator").status()).isIn(401, 403, 404);
        assertThat(client.get("/actuator/env").status()).isIn(401, 403, 404);
        assertThat(client.get("/v3/api-docs").status()).isEqualTo(401);
        assertThat(client.get("/v3/api-docs.yaml").status()).isIn(401, 403, 404);
        assertThat(client.get("/error").status()).isEqualTo(401);
        assertThat(client.get("/h2-console").text()).doesNotContain("jdbc");
    }

    @Test
    void an_address_of_a_file_that_is_not_there_is_not_answered_with_the_page(Client client) {
        assertThat(client.get("/assets/nothing.js").status()).isEqualTo(404);
        assertThat(client.get("/missing.png").status()).isEqualTo(404);
        assertThat(client.get("/../application.yaml").text()).doesNotContain("jdbc");
    }

    @Test
    void any_get_under_the_api_gives_the_csrf_token(Client client) {
        assertThat(client.cookie("XSRF-TOKEN")).isEmpty();
        client.get("/api/session");
        assertThat(client.cookie("XSRF-TOKEN")).isPresent();
    }

    /** The libraries that are shipped, made by the build; one of them is under the LGPL, whose text has to come along. */
    @ParameterizedTest
    @CsvSource({
        "application.txt, org.audiveris:proxymusic",
        "LGPL-3.txt, GNU LESSER GENERAL PUBLIC LICENSE",
        "GPL-3.txt, GNU GENERAL PUBLIC LICENSE"
    })
    void what_is_shipped_comes_with_its_licence(String file, String holds, Server server)
            throws IOException, InterruptedException {
        HttpResponse<String> answer = get(server, "/licences/" + file);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains(holds);
    }
}
