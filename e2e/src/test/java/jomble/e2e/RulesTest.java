package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** How the rules are held, seen and changed by a stylist, and what she decides over them. */
class RulesTest extends BrowserTest {
    private static final By ENTRY = By.id("entry-line");
    private static final By LIVE = By.cssSelector("[data-testid='live-count']");

    private String newClient(String name) {
        browser.open("/clients");
        browser.type(By.name("name"), name + Keys.ENTER);
        String path = browser.openClient(name, "pieces");
        int pieces = 0;
        for (String line : new String[] {"shirt twill #22304d", "tailored trousers twill #2b3a5c", "loafers brown"}) {
            browser.see(ENTRY);
            browser.type(ENTRY, line + Keys.ENTER);
            int now = ++pieces;
            browser.until(b -> b.all(By.cssSelector("[data-row]")).size() == now);
        }
        browser.untilText(LIVE, text -> text.startsWith("0"));
        return path;
    }

    @Test
    void triesANumberBeforeItIsKeptAndTakesItBack() {
        String path = newClient("Numbers");
        browser.open(path + "/rules?rule=colour.near-miss");
        assertThat(browser.see("examples").getText()).contains("Nothing to say");
        browser.checked("rules");
        browser.type(By.id("colour.near-miss/clear-from"), Keys.chord(Keys.CONTROL, "a") + "2.4");
        browser.untilText(By.cssSelector("[data-testid='rule-trial']"), text -> text.contains("+1"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Use for this client']"));
        browser.untilText(LIVE, text -> text.startsWith("1"));
        browser.click(By.cssSelector("h1"));
        browser.pressWithControl("z");
        browser.untilText(LIVE, text -> text.startsWith("0"));
    }

    /** A rule held softer is seen on the step at once, without a reload, and undone like anything else. */
    @Test
    void softensARule() {
        String path = newClient("Softer");
        By steps = By.cssSelector("nav[aria-label=Steps]");
        browser.open(path + "/rules?rule=colour.near-miss");
        browser.untilText(steps, text -> text.contains("as usual"));
        browser.click(By.xpath("//*[@role='checkbox'][following-sibling::label[contains(., 'one step softer')]]"));
        browser.click(By.xpath("//button[.='Use for this client']"));
        browser.untilText(steps, text -> text.contains("1 changed"));
        browser.click(By.cssSelector("h1"));
        browser.pressWithControl("z");
        browser.untilText(steps, text -> text.contains("as usual"));
    }

    @Test
    void approvesAPairInTheCrossingAndTakesItBack() {
        String path = newClient("Rulings");
        browser.open(path + "/counts");
        browser.click(By.cssSelector("[aria-label*=': no outfit']"));
        browser.see("cell-reading");
        browser.click(By.xpath("//button[.='Approve …']"));
        browser.type(By.name("reason"), "dyed together" + Keys.ENTER);
        browser.untilText(LIVE, text -> text.startsWith("1"));
        browser.open(path + "/rules");
        browser.click(By.xpath("//button[.='Exceptions to the rules']"));
        assertThat(browser.see("rulings").getText()).contains("dyed together");
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Take back']"));
        browser.untilText(LIVE, text -> text.startsWith("0"));
    }

    @Test
    void rulesOutAPieceWithAnyOfThose() {
        String path = newClient("Never with");
        browser.open(path + "/pieces");
        browser.click(By.xpath("//*[@data-row]//a[not(contains(., 'trousers'))]"));
        browser.click(By.xpath("//button[.='Never with …']"));
        browser.click(By.xpath("//fieldset//*[@role='checkbox'][following-sibling::label[contains(., 'trousers')]]"));
        browser.checkAccessibility();
        browser.type(By.name("by"), "the client" + Keys.ENTER);
        browser.see(By.xpath("//*[contains(., 'Ruled out')]"));
        browser.open(path + "/rules");
        browser.click(By.xpath("//button[.='Exceptions to the rules']"));
        assertThat(browser.see("rulings").getText()).contains("Never together", "trousers", "the client");
    }

    @Test
    void showsTheOutfitOnTheFigureAndPutsTheCoatOn() {
        browser.openClient("Ines Halvard", "outfits?season=winter");
        browser.until(
                b -> b.all(By.cssSelector("[data-testid='outfit-list'] a")).size() > 7);
        browser.checked("outfits");
        browser.click(By.xpath("//*[@data-testid='outfit-list']//a[contains(@aria-label, 'trench coat')]"));
        browser.see(By.cssSelector("[data-testid='figure'] svg"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Put the coat on']"));
        browser.see(By.xpath("//button[.='Take the coat off']"));
        browser.click(By.xpath("//button[.='Worn today']"));
        browser.see(By.xpath("//*[contains(., 'Written into the wear log')]"));
        browser.checkAccessibility();
    }
}
