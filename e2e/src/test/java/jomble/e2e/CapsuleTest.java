package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The small wardrobe: planned, changed by hand, saved and locked by keys alone; looked within, compared, and shared by the seasons. */
class CapsuleTest extends BrowserTest {
    private static final By PIECES = By.cssSelector("[data-testid='capsule-pieces'] > li");
    private static final By SHEET = By.cssSelector("[data-testid='capsule-pieces']");
    private static final By ACTIONS = By.cssSelector("[data-testid='capsule-actions']");
    private static final By FIGURES = By.cssSelector("[data-testid='capsule-figures']");

    private void plan() {
        String tomas = browser.openClient("Tomas Redfern", "brief");
        browser.run("sessionStorage.clear()");
        browser.open(tomas + "/capsule");
        browser.until(b -> "plan-capsule".equals(b.run("return document.activeElement && document.activeElement.id")));
        browser.press(Keys.ENTER);
        browser.until(b -> b.all(PIECES).size() == 16);
    }

    /** Plan, swap twice, save, lock: no other key than these is pressed. */
    @Test
    void isPlannedSwappedSavedAndLockedByKeysAlone() {
        plan();
        browser.checked("capsule");
        String planned = browser.see(SHEET).getText();
        browser.press("1");
        browser.until(b -> b.see(FIGURES).getText().contains("Changed by hand"));
        browser.until(b -> !b.see(FIGURES).getAttribute("class").contains("opacity"));
        browser.press("1");
        browser.until(b -> !b.see(SHEET).getText().equals(planned));
        browser.press("s");
        browser.until(b -> b.see(By.tagName("body")).getText().contains("Save this capsule"));
        browser.press(Keys.ENTER);
        browser.until(b -> b.see(ACTIONS).getText().contains("On the board: winter, 16 pieces"));
        browser.press("l");
        browser.until(b -> b.see(ACTIONS).getText().contains("locked for winter since"));
    }

    @Test
    void aPieceIsTakenOutBroughtBackAndKeptOutForGood() {
        plan();
        By first = By.cssSelector("[data-piece]");
        String label = browser.see(first).getText();
        browser.run("arguments[0].focus()", browser.see(first));
        browser.press(".");
        browser.until(b -> b.all(PIECES).size() == 15);
        browser.press("u");
        browser.until(b -> b.all(PIECES).size() == 16);
        browser.run("arguments[0].focus()", browser.see(first));
        browser.press(Keys.ARROW_RIGHT);
        assertThat(browser.run("return document.activeElement.textContent")).isNotEqualTo(label);
        browser.press(Keys.ARROW_LEFT);
        browser.press("b");
        browser.until(b -> b.all(PIECES).size() == 15);
        browser.until(b -> b.see(By.tagName("body")).getText().contains(label + " ×"));
        browser.click(By.xpath("//button[.='Plan again']"));
        browser.until(b -> b.all(PIECES).size() == 16);
        assertThat(browser.see(SHEET).getText()).doesNotContain(label + "\n");
    }

    @Test
    void savedOnesAreComparedAndLookedWithin() {
        browser.openClient("Ines Halvard", "capsule/saved");
        By compare = By.xpath("//*[@data-testid='saved-capsules']//*[@role='checkbox']");
        browser.until(b -> b.all(compare).size() == 2);
        browser.all(compare).forEach(tick -> browser.run("arguments[0].click()", tick));
        browser.until(b -> b.see(By.tagName("body")).getText().contains("only Winter work has"));
        browser.checked("capsules-compared");
        browser.click(By.xpath("(//button[.='Look at everything within it'])[1]"));
        browser.until(b -> b.all(By.cssSelector("[data-strip]")).size() < 40);
        browser.press("]");
        browser.until(b -> b.see(By.tagName("body")).getText().contains("from 16")
                || b.address().contains("/outfits"));
        assertThat(browser.address()).contains("capsule=c1");
    }

    @Test
    void theSeasonsShareACore() {
        browser.openClient("Anjali Brandt", "capsule/shared");
        browser.click(By.xpath("//button[.='Plan them']"));
        browser.until(b ->
                b.all(By.cssSelector("[data-testid='shared-parts'] > section")).size() == 2);
        browser.until(b -> b.see(By.tagName("body")).getText().contains("pieces are in all of them"));
        browser.checked("capsules-shared");
        browser.click(By.xpath("(//button[.='Open on the board'])[2]"));
        browser.until(b -> b.all(PIECES).size() == 16);
    }
}
