package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The small wardrobe: planned, looked at, and changed by hand. */
class CapsuleTest extends BrowserTest {
    private static final By PIECES = By.cssSelector("[data-testid='capsule-pieces'] > li");

    @Test
    void plansTheComingSeasonAndPlansAgainWithoutAPiece() {
        browser.openClient("Tomas Redfern", "capsule");
        browser.run("arguments[0].focus()", browser.see(By.xpath("//button[.='Plan']")));
        browser.press(Keys.ENTER);
        browser.until(b -> b.all(PIECES).size() == 16);
        browser.checked("capsule");
        String first = browser.see(By.cssSelector("[data-testid='capsule-pieces'] > li a"))
                .getText();
        browser.run("arguments[0].focus()", browser.see(By.cssSelector("[data-testid='capsule-pieces'] > li a")));
        browser.press("b");
        browser.until(b -> b.all(PIECES).size() == 16
                && !b.see(By.cssSelector("[data-testid='capsule-pieces']"))
                        .getText()
                        .contains(first));
        assertThat(browser.see(By.tagName("main")).getText())
                .contains("left out")
                .contains(first + " ×");
        browser.click(By.xpath("//button[.='Back to the one before']"));
        browser.until(b -> b.all(PIECES).size() == 16
                && b.see(By.cssSelector("[data-testid='capsule-pieces']"))
                        .getText()
                        .contains(first));
    }
}
