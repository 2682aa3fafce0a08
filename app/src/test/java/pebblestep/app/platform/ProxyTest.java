package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import pebblestep.app.PebbleStep;

/** Behind a proxy that ends TLS, cookies are sent by TLS alone and browsers are told to come by TLS. */
class ProxyTest {
    private static ConfigurableApplicationContext start(String... more) {
        String[] args = new String[more.length + 3];
        args[0] = "--server.port=0";
        args[1] = "--spring.datasource.url=jdbc:h2:mem:proxy" + System.nanoTime();
        args[2] = "--pebble.data=target/proxy-data";
        System.arraycopy(more, 0, args, 3, more.length);
        return new SpringApplication(PebbleStep.class).run(args);
    }

    private static HttpResponse<String> get(ConfigurableApplicationContext app, String path, String forwardedFor)
            throws IOException, InterruptedException {
        int port = ((ServletWebServerApplicationContext) app).getWebServer().getPort();
        try (HttpClient client = HttpClient.newHttpClient()) {
            return client.send(
                    HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                            .header("X-Forwarded-Proto", "https")
                            .header("X-Forwarded-For", forwardedFor)
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        }
    }

    @Test
    void from_the_named_proxy_the_headers_are_believed() throws Exception {
        try (ConfigurableApplicationContext app = start("--pebble.proxies=127.0.0.1,::1", "--pebble.metrics=true")) {
            HttpResponse<String> answer = get(app, "/api/session", "203.0.113.9");
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
            assertThat(answer.headers().allValues("Set-Cookie"))
                    .isNotEmpty()
                    .allMatch(cookie -> cookie.contains("Secure"));
            assertThat(get(app, "/actuator/prometheus", "203.0.113.9").statusCode())
                    .as("numbers are for this machine alone")
                    .isIn(401, 403);
            assertThat(get(app, "/actuator/prometheus", "127.0.0.1").body()).contains("jvm_memory_used_bytes");
        }
    }

    @Test
    void from_anybody_else_they_are_not() throws Exception {
        try (ConfigurableApplicationContext app = start()) {
            HttpResponse<String> answer = get(app, "/api/session", "203.0.113.9");
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
            assertThat(answer.headers().allValues("Set-Cookie"))
                    .isNotEmpty()
                    .noneMatch(cookie -> cookie.contains("Secure"));
            assertThat(get(app, "/actuator/prometheus", "127.0.0.1").statusCode())
                    .as("not asked for")
                    .isIn(401, 403);
        }
    }
}
