package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A context has one ladder: what stands on one screen stands on every other, in the same unit. */
class OneFigureTest extends BrowserTest {
    private static final String CLIENT = "Ines Halvard";
    private static final List<String> SEASONS = List.of("winter", "summer");
    private static final List<String> OCCASIONS = List.of("desk day", "council evening", "sailing weekend");
    private static final List<String> STEPS = List.of("clothes", "outfits");
    private static final Pattern FIGURE = Pattern.compile("[\\d,]+");

    @Test
    void isTheSameOnEveryScreen() {
        for (String season : SEASONS) {
            for (String occasion : OCCASIONS) {
                for (String step : STEPS) {
                    String context = context(season, occasion, step);
                    browser.openClient(CLIENT, "counts?view=contexts&" + context);
                    long ladder = ladder();
                    assertThat(firstOf("[data-testid='live-count']"))
                            .as("%s, header", context)
                            .isEqualTo(ladder);
                    By cell =
                            By.cssSelector("[data-testid='contexts'] [data-context='" + season + " " + occasion + "']");
                    assertThat(exact(browser.untilAttribute(
                                    cell,
                                    "title",
                                    title -> FIGURE.matcher(title).find())))
                            .as("%s, when and where", context)
                            .isEqualTo(ladder);
                    browser.openClient(CLIENT, "outfits?" + context);
                    String listed = String.format("(?s).*(of|from) %,d\\D.*", ladder);
                    browser.untilText(By.cssSelector("main"), text -> text.matches(listed));
                }
            }
        }
    }

    /** The needs are in bases: those of the season, which the ladder says as well, and of its weakest month. */
    @Test
    void theNeedsAreOnTheLadder() {
        for (String season : SEASONS) {
            for (String occasion : OCCASIONS) {
                browser.openClient(CLIENT, "brief?" + context(season, occasion, "bases"));
                By cell = By.xpath("//*[@data-testid='needs']//button[starts-with(@aria-label, '" + occasion + ", "
                        + season + ":')]");
                String words = browser.see(cell).getAttribute("aria-label");
                assertThat(exact(words.substring(words.indexOf(':')))).as(words).isEqualTo(ladder());
            }
        }
    }

    private static String context(String season, String occasion, String step) {
        return "season=%s&occasion=%s&counting=%s".formatted(season, occasion.replace(" ", "%20"), step);
    }

    /**
     * The step of the ladder that is chosen, once it is counted: only then it has a title. Read once, because a stream
     * that is asked again has none for a moment.
     */
    private long ladder() {
        By chosen = By.cssSelector("[data-testid='ladder'] [data-state='on']");
        return exact(browser.untilAttribute(
                chosen, "title", title -> FIGURE.matcher(title).lookingAt()));
    }

    private long firstOf(String css) {
        return exact(browser.untilText(
                By.cssSelector(css), text -> FIGURE.matcher(text).lookingAt()));
    }

    /** The first figure of a text. */
    private static long exact(String text) {
        Matcher figure = FIGURE.matcher(text);
        assertThat(figure.find()).as(text).isTrue();
        return Long.parseLong(figure.group().replace(",", ""));
    }
}
