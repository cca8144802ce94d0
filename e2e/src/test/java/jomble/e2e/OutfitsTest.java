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

    /** From a desk day to the boat by the shortest way; from there to an outfit one piece away, which works as well. */
    @Test
    void goesElsewhereAndChangesOneThing() {
        browser.openClient("Ines Halvard", "outfits?season=winter&occasion=desk%20day");
        browser.until(b -> !cards().isEmpty());
        browser.click(CARDS);
        browser.click(By.xpath("//a[.='To another occasion']"));
        browser.choose(By.xpath("//main//label[.='occasion']/following-sibling::button"), "sailing weekend");
        browser.untilText(By.cssSelector("main"), text -> text.contains("3 changes, in "));
        browser.checkAccessibility();
        browser.click(By.xpath("(//*[@data-testid='paths']/li[1]/a)[last()]"));
        browser.see(By.xpath("//h1[.='works']"));
        assertThat(browser.address()).contains("occasion=sailing");
        browser.click(By.xpath("//a[.='One change']"));
        browser.untilText(By.cssSelector("main header"), text -> text.contains("one piece away"));
        browser.checkAccessibility();
        String piece = browser.see(By.xpath("(//main//section//li/a[not(starts-with(., 'Without'))])[1]"))
                .getText();
        browser.click(By.xpath("(//main//section//li/a[not(starts-with(., 'Without'))])[1]"));
        browser.see(By.xpath("//h1[.='works']"));
        assertThat(browser.see(By.cssSelector("main ul")).getText()).contains(piece);
    }
}
