package pebblestep.app;

import java.time.Clock;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import pebblestep.app.keyplans.DayTurn;

/**
 * Starts the real application once for all tests of this JVM, on a free port and an in-memory database; tests talk HTTP to it. Tests run
 * in two JVMs, and in those each class is a run of its own to JUnit, so that it is kept here.
 */
public final class RunningApp implements BeforeAllCallback, ParameterResolver {
    private static final class Once {
        private static final Server SERVER = Server.start();

        static {
            Runtime.getRuntime().addShutdownHook(new Thread(SERVER::close, "application closes"));
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        server();
    }

    private static Server server() {
        return Once.SERVER;
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        return type == Server.class || type == Client.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        Server server = server();
        return parameter.getParameter().getType() == Server.class ? server : new Client(server.port());
    }

    /** The running application; closed when the last test is over. */
    public record Server(ConfigurableApplicationContext context, int port) {
        static Server start() {
            SpringApplication application = new SpringApplication(PebbleStep.class);
            application.addInitializers(context -> ((GenericApplicationContext) context)
                    .registerBean(
                            "turnableClock",
                            Clock.class,
                            () -> TurnableClock.THE_CLOCK,
                            bean -> bean.setPrimary(true)));
            ConfigurableApplicationContext context = application.run(
                    "--server.port=0",
                    "--spring.datasource.url=jdbc:h2:mem:tests;DB_CLOSE_DELAY=-1",
                    "--pebble.data=target/test-data-" + System.getProperty("surefire.forkNumber", "1"),
                    // One connection has to do: a request that needs a second one while it holds the first would wait
                    // for ever, and fails here after five seconds.
                    "--spring.datasource.hikari.maximum-pool-size=1",
                    "--spring.flyway.url=jdbc:h2:mem:tests;DB_CLOSE_DELAY=-1",
                    "--spring.flyway.user=sa",
                    "--spring.datasource.hikari.connection-timeout=5000",
                    "--pebble.confirm-addresses=false",
                    "--pebble.password-strength=4",
                    "--pebble.mail-inside=true",
                    "--pebble.sign-ups-per-hour=10000");
            TurnableClock.onTurn(() -> context.getBean(DayTurn.class).look());
            return new Server(
                    context,
                    ((ServletWebServerApplicationContext) context)
                            .getWebServer()
                            .getPort());
        }

        void close() {
            context.close();
        }
    }
}
