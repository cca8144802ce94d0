package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Outfits built and varied, as a stylist does it. */
class OutfitsTest extends BrowserTest {
    private static final By CARDS = By.cssSelector("[data-testid='outfit-list'] a");

    private List<String> cards() {
        return browser.all(CARDS).stream()
                .map(card -> card.getAttribute("aria-label"))
                .toList();
    }

    /** From the list to ten looks of a jacket, by keyboard; every look has it, and no two are alike. */
    @Test
    void wearsOnePieceInManyWays() {
        browser.openClient("Ines Halvard", "outfits");
        browser.click(By.xpath("//a[.='One piece, many ways']"));
        browser.see(By.xpath("//p[contains(., 'Choose a piece')]"));
        browser.see(By.cssSelector("[aria-label^='The piece in every look']")).sendKeys(Keys.ENTER);
        browser.see(By.cssSelector("[cmdk-input]"));
        browser.press("grey suit jack" + Keys.ENTER);
        browser.until(b -> cards().size() == 10);
        Set<String> looks = new HashSet<>(cards());
        assertThat(looks).hasSize(10).allMatch(look -> look.contains("Grey suit jacket"));
        assertThat(browser.see(By.cssSelector("main")).getText()).contains("Any two differ in at least 3 pieces");
        // the copy for paper has the same drawings: their patterns must not be taken for those on screen
        assertThat(browser.run("const ids = [...document.querySelectorAll('main [id]')].map((e) => e.id);"
                        + "const paper = [...document.querySelectorAll('#printed-outfits [id]')].map((e) => e.id);"
                        + "return paper.length > 0 && paper.every((id) => ids.filter((one) => one === id).length >= 1"
                        + " && !document.querySelector(`[data-testid=outfit-list] [id=\"${id}\"]`))"))
                .isEqualTo(true);
        browser.checked("ways");
        browser.choose(By.xpath("//label[.='looks']/following-sibling::button"), "3");
        browser.until(b -> cards().size() == 3);
    }
}
