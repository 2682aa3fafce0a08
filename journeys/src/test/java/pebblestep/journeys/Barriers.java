package pebblestep.journeys;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.assertj.core.api.Assertions;

/** Looks for what keeps people out: the serious and critical findings of axe-core, in both colour schemes. */
final class Barriers {
    /** Whether nothing is on its way from one look to another; what goes round for ever is not waited for. */
    private static final String SETTLED =
            """
            () => document.getAnimations().every((one) =>
              one.playState !== 'running' || one.effect?.getComputedTiming().iterations === Infinity)""";

    /**
     * Runs in the page itself: the builder of axe-core takes every result out of the page and opens another one to put
     * them together, which costs many times the looking.
     */
    private static final String FOUND =
            """
            async (rules) => {
              const options = { resultTypes: ['violations'] };
              if (rules.length > 0) options.runOnly = { type: 'rule', values: rules };
              const { violations } = await axe.run(document, options);
              return violations
                .filter((rule) => rule.impact === 'serious' || rule.impact === 'critical')
                .map((rule) => rule.id + ': ' + rule.nodes.slice(0, 4)
                  .map((node) => node.html + ' ' + node.any.map((one) => one.message)).join('; '));
            }""";

    /** What a scheme changes is colours; everything else is the same in both. */
    private static final List<String> OF_COLOURS = List.of("color-contrast", "link-in-text-block");

    private static final String AXE = read();

    private Barriers() {}

    private static String read() {
        try (InputStream axe = Objects.requireNonNull(AxeBuilder.class.getResourceAsStream("/axe.min.js"))) {
            return new String(axe.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Fails where a screen keeps somebody out. */
    static void look(Page page, String screen) {
        look(page, screen, ColorScheme.LIGHT, List.of());
        look(page, screen, ColorScheme.DARK, OF_COLOURS);
    }

    private static void look(Page page, String screen, ColorScheme scheme, List<String> rules) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        // The page changes its colours a moment after the system has; a picture in between is of neither.
        page.waitForFunction(
                "scheme => document.documentElement.dataset.mantineColorScheme === scheme",
                scheme.name().toLowerCase(Locale.ROOT));
        page.waitForFunction(SETTLED);
        if (page.evaluate("() => typeof axe") instanceof String type && type.equals("undefined")) page.evaluate(AXE);
        Assertions.assertThat((List<?>) page.evaluate(FOUND, rules))
                .as("%s, %s", screen, scheme)
                .isEmpty();
    }
}
