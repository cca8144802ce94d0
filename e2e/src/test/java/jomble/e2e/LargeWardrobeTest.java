package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A wardrobe of 2,000 pieces: only what is in sight is drawn, and no keystroke is lost. */
class LargeWardrobeTest extends BrowserTest {
    private static final int PIECES = 2000;
    private static final List<String> KINDS =
            List.of("shirt", "jeans", "blazer", "loafers", "sheath-dress", "scarf", "wool-coat", "midi-skirt");
    private static final List<String> COLOURS = List.of("#f7f7f5", "#22304d", "#c0272d", "#3c7a4a", "#b58a59");
    private static final By ROWS = By.cssSelector("[data-row]");
    private static final By STRIPS = By.cssSelector("[data-strip]");

    /** Milliseconds from a change of the page to the next frame that was drawn, for each of the steps. */
    private static final String MEASURE = """
            const done = arguments[arguments.length - 1];
            const [selector, property, values] = arguments;
            const element = document.querySelector(selector);
            const millis = [];
            (async () => {
              for (const value of values) {
                const start = performance.now();
                if (property === 'value') {
                  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(element, value);
                  element.dispatchEvent(new Event('input', { bubbles: true }));
                } else {
                  element[property] = value;
                }
                await new Promise((r) => requestAnimationFrame(() => setTimeout(r, 0)));
                millis.push(Math.round(performance.now() - start));
              }
              done(millis.join(' '));
            })();
            """;

    @BeforeAll
    void importThem(Jomble jomble) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        for (int i = 0; i < PIECES; i++) {
            Map<String, Object> piece = new LinkedHashMap<>();
            piece.put("id", "p" + (i + 1));
            piece.put("kind", KINDS.get(i % KINDS.size()));
            piece.put("colours", List.of(COLOURS.get(i * 7 % COLOURS.size())));
            piece.put("label", "Piece number " + (i + 1));
            pieces.add(piece);
        }
        Caller stylist = jomble.stylist();
        String client = "/api/v1/clients/"
                + stylist.post("/api/v1/clients", Map.of("name", "Two thousand"))
                        .at("id");
        stylist.put(client + "/document", Map.of("pieces", pieces));
    }

    @Test
    void staysSmoothAndDrawsOnlyWhatIsInSight() {
        long start = System.nanoTime();
        browser.openClient("Two thousand", "pieces");
        browser.see(ROWS);
        System.out.println("2,000 pieces, milliseconds to the first row: " + (System.nanoTime() - start) / 1_000_000);
        browser.until(b -> !b.all(STRIPS).isEmpty());
        assertThat(browser.all(ROWS)).hasSizeBetween(5, 60);
        assertThat(browser.all(STRIPS)).hasSizeBetween(50, 300);

        measure("[data-testid='pieces-rows']", "scrollTop", 90, 180, 270, 360, 20_000);
        measure("[data-testid='rail']", "scrollLeft", 60, 120, 180, 240, 3000);
        measure("input[placeholder='find a piece']", "value", "1", "19", "199", "199 b", "");

        By find = By.cssSelector("input[placeholder='find a piece']");
        browser.type(find, "number 1999");
        browser.until(b -> b.all(ROWS).size() == 1 && b.all(STRIPS).size() == 1);
        assertThat(browser.see(find).getAttribute("value")).isEqualTo("number 1999");
        browser.type(find, Keys.chord(Keys.CONTROL, "a") + Keys.DELETE);
        browser.until(b -> b.all(STRIPS).size() > 50);
    }

    private void measure(String selector, String property, Object... values) {
        Object millis = browser.runLong(MEASURE, selector, property, List.of(values));
        System.out.println("2,000 pieces, milliseconds a frame, " + property + " of " + selector + ": " + millis);
    }
}
