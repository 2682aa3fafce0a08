package pebblestep.journeys;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ExtensionContext.Store;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import pebblestep.app.PebbleStep;

/** The demo studio and a browser, started once for all journeys. */
public final class Studio implements ParameterResolver {
    private static final Namespace NAMESPACE = Namespace.create(Studio.class);

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Running.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return context.getRoot()
                .getStore(NAMESPACE)
                .getOrComputeIfAbsent(Running.class, key -> new Running(), Running.class);
    }

    /** What runs: the application on a free port, and Debian's Chromium. */
    @SuppressWarnings("deprecation")
    public static final class Running implements Store.CloseableResource {
        static final int LAPTOP_WIDTH = 1280;
        static final int LAPTOP_HEIGHT = 800;
        static final int PHONE_WIDTH = 390;
        static final int PHONE_HEIGHT = 844;
        /** The machines are shared and slow at times; what holds is waited for. */
        static final int PATIENCE_MS = 30_000;

        private final ConfigurableApplicationContext application;
        private final Playwright playwright;
        private final Browser browser;
        final String root;

        Running() {
            SpringApplication pebbleStep = new SpringApplication(PebbleStep.class);
            pebbleStep.addInitializers(context -> ((GenericApplicationContext) context)
                    .registerBean(
                            "turnableClock",
                            Clock.class,
                            () -> TurnableClock.THE_CLOCK,
                            bean -> bean.setPrimary(true)));
            application = pebbleStep.run("--spring.profiles.active=demo", "--server.port=0");
            root = "http://localhost:"
                    + ((ServletWebServerApplicationContext) application)
                            .getWebServer()
                            .getPort();
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(chromium())
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-quic",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
        }

        private static Path chromium() {
            return Stream.of(System.getenv("PATH").split(":"))
                    .map(folder -> Path.of(folder, "chromium"))
                    .filter(Files::isExecutable)
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("Chromium is missing: apt-get install chromium"));
        }

        /** A fresh browser at a laptop's size. */
        Visit laptop() {
            return visit(LAPTOP_WIDTH, LAPTOP_HEIGHT);
        }

        /** A fresh browser at a phone's size. */
        Visit phone() {
            return visit(PHONE_WIDTH, PHONE_HEIGHT);
        }

        /** A fresh phone that keeps what it has loaded, as phones do. */
        Visit keepingPhone() {
            return keepingPhone(root);
        }

        /** The same, for an application that runs elsewhere. */
        Visit keepingPhone(String other) {
            return new Visit(browser.newContext(options(PHONE_WIDTH, PHONE_HEIGHT)), other);
        }

        /** What is kept would also answer where a journey means the network: only the phones above keep anything. */
        private Visit visit(int width, int height) {
            return new Visit(
                    browser.newContext(options(width, height).setServiceWorkers(ServiceWorkerPolicy.BLOCK)), root);
        }

        private static Browser.NewContextOptions options(int width, int height) {
            return new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setReducedMotion(ReducedMotion.REDUCE);
        }

        @Override
        public void close() {
            browser.close();
            playwright.close();
            application.close();
        }
    }

    /** One person's browser; it writes down what went wrong in the pages, and every address they asked for. */
    public static final class Visit implements AutoCloseable {
        final BrowserContext context;
        private final String root;
        final Page page;
        final List<String> troubles = new ArrayList<>();
        final List<String> requests = new ArrayList<>();

        Visit(BrowserContext context, String root) {
            this.context = context;
            this.root = root;
            context.setDefaultTimeout(Running.PATIENCE_MS);
            context.onRequest(request -> requests.add(request.url()));
            context.onWebError(error -> troubles.add(error.error()));
            context.onConsoleMessage(message -> {
                // A refused request is said in the page; the browser's own line about it is no trouble.
                boolean refused = message.text().startsWith("Failed to load resource");
                if (message.type().equals("error") && !refused) troubles.add(message.text());
            });
            page = context.newPage();
        }

        Visit open(String path) {
            page.navigate(root + path);
            return this;
        }

        /** Signs the demo's teacher in, by typing. */
        Visit signIn() {
            open("/sign-in");
            page.getByLabel("E-mail address").fill("ottilie@wrenmouth.example");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                    .first()
                    .fill("low-tide-at-seven");
            page.keyboard().press("Enter");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Maren Saltby"))
                    .waitFor();
            return this;
        }

        /** The path of a demo student's practice link, as the teacher's page of the student shows it. */
        String practicePath(String student) {
            open("/desk");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName(student).setExact(true))
                    .click();
            String url = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Practice link"))
                    .inputValue();
            return url.substring(url.indexOf("/p/"));
        }

        /** The same person in another window. */
        Page window(String path) {
            Page other = context.newPage();
            other.navigate(root + path);
            return other;
        }

        @Override
        public void close() {
            context.close();
        }
    }
}
