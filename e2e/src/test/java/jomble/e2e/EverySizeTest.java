package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;

/**
 * Every main screen at the sizes it is laid out for: nothing runs out of the window, no text is cut off or lies over another, and no
 * accessibility rule fails; at full width the tests of each screen check the rules.
 */
class EverySizeTest extends BrowserTest {
    private static final int FULL_WIDTH = 1280;
    private static final List<String> STEPS = List.of(
            "brief",
            "pieces",
            "pieces?view=decide",
            "pieces/p1",
            "palette",
            "capsule",
            "outfits?season=winter",
            "outfits/bench?wear=top%3Dp2",
            "outfits/saved",
            "outfits/formulas",
            "outfits/suits",
            "counts",
            "counts?view=byPiece",
            "counts?view=contexts",
            "counts?view=whatIf",
            "rules?rule=colour.echo");

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1280, 800", "1024, 768", "768, 1024"})
    void isLaidOutAndAccessible(int width, int height) {
        browser.size(width, height);
        try {
            String path = browser.openClient("Ines Halvard", "brief");
            for (String step : STEPS) {
                browser.open(path + "/" + step);
                browser.until(
                        b -> b.all(By.cssSelector("main h1, main h2")).stream().anyMatch(WebElement::isDisplayed));
                fits(step, width);
            }
            for (String page : List.of("/clients", "/help", "/kinds")) {
                browser.open(page);
                browser.see(By.tagName("h1"));
                fits(page, width);
            }
        } finally {
            browser.size(FULL_WIDTH, 800);
        }
    }

    @Test
    void theCheckSeesWhatIsWrong() {
        browser.open("/help");
        browser.see(By.tagName("h1"));
        browser.run("document.querySelector('main').insertAdjacentHTML('beforeend', '<img src=\"data:,\">')");
        assertThatThrownBy(browser::checkAccessibility).hasMessageContaining("alternative text");
    }

    @Test
    void theCheckSeesWhatIsCutOffAndWhatLiesOverOther() {
        browser.open("/help");
        browser.see(By.tagName("h1"));
        assertThat(Layout.faults(browser)).isEmpty();
        browser.run("""
                document.querySelector('main').insertAdjacentHTML('afterbegin',
                    '<p style="width: 3em; overflow: hidden; white-space: nowrap">cut off here</p>'
                    + '<p style="height: 4px">lies over</p><p>the next line</p>')""");
        assertThat(Layout.faults(browser))
                .contains("cut off: “cut off here”", "over each other: “lies over” and “the next line”");
    }

    private void fits(String page, int width) {
        if (width < FULL_WIDTH) {
            browser.checkAccessibility();
        }
        assertThat(Layout.faults(browser)).as("%s at %d", page, width).isEmpty();
        assertThat((Long) browser.run("return document.documentElement.scrollWidth"))
                .as("%s at %d", page, width)
                .isLessThanOrEqualTo(width);
        assertThat(browser.run("return document.title")).as(page).asString().endsWith(" · Jomble");
    }
}
