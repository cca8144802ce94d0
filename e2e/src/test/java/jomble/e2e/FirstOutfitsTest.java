package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** From an empty wardrobe to the first counted outfits, by keyboard. */
class FirstOutfitsTest extends BrowserTest {
    private static final By COUNT = By.cssSelector("[data-testid='live-count'] p:first-child");

    @Test
    void recordsThreePiecesByKeyboardAndWatchesTheCountChange() {
        browser.open("/clients");
        browser.type(By.name("name"), "First run" + Keys.ENTER);
        browser.openClient("First run", "pieces");
        browser.untilText(By.cssSelector("[data-testid='live-count']"), text -> text.contains("For the first outfit"));
        browser.press("n");
        browser.until(b -> "entry-line".equals(b.focused().getAttribute("id")));
        record("shirt white poplin long sleeve 49", 1);
        record("jeens dark blue", 2);
        browser.click(By.cssSelector("[aria-label$='“jeens” means jeans']"));
        browser.until(b -> b.all(By.cssSelector("[data-testid='unclear']")).isEmpty());
        browser.press("n");
        browser.untilText(By.cssSelector("[data-testid='live-count']"), text -> text.contains("still need shoes"));
        record("loafers brown suede", 3);
        assertThat(browser.untilText(COUNT, text -> !text.equals("0") && !text.equals("…")))
                .isEqualTo("1");
        record("t-shirt grey marl second hand 8", 4);
        assertThat(browser.untilText(COUNT, text -> !text.equals("1"))).isNotEqualTo("0");
        browser.checkAccessibility();
    }

    private void record(String line, int listedThen) {
        browser.press(line + Keys.ENTER);
        untilListed(listedThen);
    }

    private void untilListed(int pieces) {
        browser.until(b -> b.all(By.cssSelector("[data-row]")).size() == pieces);
    }

    @Test
    void editsAPieceDeletesItAndTakesThatBack() {
        browser.open("/clients");
        browser.type(By.name("name"), "Edits" + Keys.ENTER);
        browser.openClient("Edits", "pieces");
        browser.type(By.id("entry-line"), "blouse ivory silk" + Keys.ENTER);
        browser.click(By.partialLinkText("blouse"));
        browser.type(By.id("label"), Keys.chord(Keys.CONTROL, "a") + "Ivory bow blouse" + Keys.ENTER);
        browser.until(b -> b.all(By.xpath("//h1[.='Ivory bow blouse']")).size() == 1);
        browser.click(By.xpath("//button[.='Delete']"));
        browser.click(By.xpath("//button[.='Undo']"));
        browser.see(By.linkText("Ivory bow blouse"));
    }
}
