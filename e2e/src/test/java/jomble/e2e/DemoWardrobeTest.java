package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Who comes in, and what is there to be seen first. */
class DemoWardrobeTest extends BrowserTest {
    private static final String CLIENT = "Ines Halvard";

    @Test
    void listsClientsWithWhatTheyHold() {
        browser.open("/clients");
        assertThat(browser.see(By.xpath("//a[contains(., '" + CLIENT + "')]")).getText())
                .contains("64 pieces");
        browser.checked("clients");
    }

    @Test
    void showsEveryPieceOnTheRailAndInTheTable() {
        browser.openClient(CLIENT, "pieces");
        browser.until(b -> b.all(By.cssSelector("button[data-strip]")).size() == 64);
        browser.untilText(By.cssSelector("[data-testid='live-count'] p"), text -> !text.equals("…"));
        browser.checked("pieces");
        WebElement first = browser.all(By.cssSelector("button[data-strip]")).get(0);
        browser.run("arguments[0].focus()", first);
        browser.press(Keys.ARROW_RIGHT);
        assertThat(browser.focused().getAttribute("data-strip")).isEqualTo("1");
        String label = browser.focused().getAttribute("aria-label");
        browser.press(Keys.ENTER);
        String shown = browser.see(By.id("label")).getAttribute("value");
        assertThat(label).as("the strip says which piece Enter opens").startsWith(shown);
        browser.checked("piece");
        browser.press("[");
        browser.until(b -> b.address().contains("/brief"));
    }

    @Test
    void asksToSignInAndSaysWhatWasWrong() {
        try (Browser stranger = browser.another()) {
            stranger.open("/clients");
            stranger.until(b -> b.address().equals("/sign-in"));
            stranger.checkAccessibility();
            stranger.type(By.name("email"), "stylist@quarterlight.example");
            stranger.type(By.name("password"), "wrong" + Keys.ENTER);
            assertThat(stranger.see(By.cssSelector("[role='alert']")).getText()).contains("not right");
        }
    }
}
