package pebblestep.journeys;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import pebblestep.app.PebbleStep;
import pebblestep.app.TurnableClock;
import pebblestep.app.keyplans.DayTurn;

/** The demo studio and a browser, started once for all journeys of a shard. */
public final class Studio implements ParameterResolver {
    /** Kept as long as this JVM: where journeys run in shards, each class of a shard is a run of its own to JUnit. */
    private static final class Once {
        private static final Running RUNNING = new Running();

        static {
            Runtime.getRuntime().addShutdownHook(new Thread(RUNNING::close, "studio closes"));
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Running.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return Once.RUNNING;
    }

    /**
     * Waits until the second beat of the count-in is heard, or the first note: a second press right after the first is
     * not meant as one to stop, so that a journey that stops waits for more than the first beat.
     */
    static void sounding(Page page) {
        page.waitForFunction("() => Number(document.querySelector('[data-count]')?.dataset.count) > 1"
                + " || document.querySelector('.lit') !== null");
    }

    /** Two pictures and a timer: what the page does at once, and what it puts off until it has drawn, is done by then. */
    static final String DRAWN =
            "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done))))";

    /** What runs: the application on a free port, and Debian's Chromium. */
    public static final class Running {
        /** The one without windows starts and draws with less work. */
        private static final List<String> CHROMIUMS = List.of("chromium-headless-shell", "chromium");

        static final int LAPTOP_WIDTH = 1280;
        static final int LAPTOP_HEIGHT = 800;
        static final int PHONE_WIDTH = 390;
        static final int PHONE_HEIGHT = 844;
        /** The machines are shared and slow at times; what holds is waited for. */
        static final int PATIENCE_MS = 30_000;

        private final ConfigurableApplicationContext application;
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
            application =
                    pebbleStep.run("--spring.profiles.active=demo", "--server.port=0", "--pebble.password-strength=4");
            TurnableClock.onTurn(() -> application.getBean(DayTurn.class).look());
            root = "http://localhost:"
                    + ((ServletWebServerApplicationContext) application)
                            .getWebServer()
                            .getPort();
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(chromium())
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-quic",
                                    "--disable-gpu",
                                    "--disable-dev-shm-usage",
                                    "--mute-audio",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
        }

        private static Path chromium() {
            return CHROMIUMS.stream()
                    .flatMap(name -> Stream.of(System.getenv("PATH").split(":")).map(folder -> Path.of(folder, name)))
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

        /** A fresh laptop that keeps what it has loaded. */
        Visit keepingLaptop() {
            return new Visit(browser.newContext(options(LAPTOP_WIDTH, LAPTOP_HEIGHT)), root);
        }

        /** What is kept would also answer where a journey means the network: only those above keep anything. */
        private Visit visit(int width, int height) {
            return new Visit(
                    browser.newContext(options(width, height).setServiceWorkers(ServiceWorkerPolicy.BLOCK)), root);
        }

        private static Browser.NewContextOptions options(int width, int height) {
            return new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setReducedMotion(ReducedMotion.REDUCE);
        }

        /** Ends the application; the browser ends with the process that it talks to. */
        void close() {
            application.close();
        }
    }

    /** One person's browser; it writes down what went wrong in the pages, and every address they asked for. */
    public static final class Visit implements AutoCloseable {
        private static final AtomicInteger PICTURE = new AtomicInteger();
        final BrowserContext context;
        final String root;
        final Page page;
        final List<String> troubles = new ArrayList<>();
        final List<String> requests = new ArrayList<>();
        private final Set<Request> underWay = new HashSet<>();

        Visit(BrowserContext context, String root) {
            this.context = context;
            this.root = root;
            context.setDefaultTimeout(Running.PATIENCE_MS);
            context.onRequest(request -> {
                requests.add(request.url());
                underWay.add(request);
            });
            context.onRequestFinished(underWay::remove);
            context.onRequestFailed(underWay::remove);
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

        /** Goes to another room within the page that is open, as a link there does, and waits until all of it has come. */
        Visit go(String path) {
            page.evaluate(
                    "path => { history.pushState(null, '', path); dispatchEvent(new PopStateEvent('popstate')); }",
                    path);
            quiet();
            return this;
        }

        /** Waits until the page asks for nothing any more and has drawn what it has. */
        void quiet() {
            for (int i = 0; i < 3; i++) {
                page.evaluate(DRAWN);
                page.waitForCondition(underWay::isEmpty);
            }
            PlaywrightAssertions.assertThat(
                            page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Loading")))
                    .hasCount(0);
        }

        /** Signs the demo's teacher in, by the API. */
        Visit signIn() {
            APIRequestContext api = context.request();
            api.get(root + "/api/session");
            String token = context.cookies().stream()
                    .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                    .findFirst()
                    .orElseThrow()
                    .value;
            APIResponse answer = api.post(
                    root + "/api/session",
                    RequestOptions.create()
                            .setHeader("X-XSRF-TOKEN", token)
                            .setData(Map.of("email", "ottilie@wrenmouth.example", "password", "low-tide-at-seven")));
            if (!answer.ok()) throw new AssertionError(answer.text());
            return this;
        }

        /** Signs the demo's teacher in, by typing. */
        Visit signInByHand() {
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

        /** The path of a demo student's practice link, as the API tells it to their teacher. */
        String practicePath(String student) {
            return student(student).group(2);
        }

        /** Opens the page of a student, and tells the path of their practice link. */
        String atStudent(String student) {
            Matcher found = student(student);
            open("/students/" + found.group(1));
            page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Practice link"))
                    .waitFor();
            return found.group(2);
        }

        private Matcher student(String name) {
            String students = context.request().get(root + "/api/students").text();
            Matcher found = Pattern.compile("\"id\":(\\d+),\"name\":\"" + name + "\".*?\"practicePath\":\"([^\"]+)\"")
                    .matcher(students);
            if (!found.find()) throw new AssertionError("There is no " + name + ": " + students);
            return found;
        }

        /** The same person in another window. */
        Page window(String path) {
            Page other = context.newPage();
            other.navigate(root + path);
            return other;
        }

        /**
         * Closes the browser; where {@code -Dpebble.pictures=DIR} is given, what was on its pages last is kept there as
         * a picture each, to see what a failed journey saw.
         */
        @Override
        public void close() {
            String pictures = System.getProperty("pebble.pictures");
            if (pictures != null)
                for (Page open : context.pages())
                    open.screenshot(new Page.ScreenshotOptions()
                            .setPath(Path.of(pictures, "last-" + PICTURE.incrementAndGet() + ".png")));
            context.close();
        }
    }
}
