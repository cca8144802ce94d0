package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The first step of the work: what a client dresses for, where, and within which limits. */
class BriefTest extends BrowserTest {
    private static final By NEEDS = By.cssSelector("[data-testid='needs']");

    /** From nothing to a brief with needs, without a mouse. */
    @Test
    void leadsANewClientByThreeQuestionsWithKeysAlone() {
        browser.open("/clients");
        browser.type(By.name("name"), "Led by questions" + Keys.ENTER);
        browser.openClient("Led by questions", "brief");
        browser.see("first-run");
        browser.checkAccessibility();
        browser.run("arguments[0].focus()", browser.see(By.xpath("//button[.='desk day']")));
        browser.press(Keys.SPACE);
        browser.press(Keys.ARROW_RIGHT);
        browser.press(Keys.SPACE);
        browser.press(Keys.TAB);
        browser.press("Vess");
        browser.untilText(
                By.xpath("//*[@data-testid='first-run']//button[@role='combobox']"),
                text -> text.startsWith("Vessel Bay"));
        browser.press(Keys.TAB);
        browser.press(Keys.SPACE);
        browser.press(Keys.TAB);
        browser.press(Keys.ENTER);
        browser.untilText(NEEDS, text -> text.contains("desk day") && text.contains("of 8 wanted"));
        assertThat(browser.see(By.cssSelector("main")).getText())
                .contains("client meeting", "Vessel Bay", "1 limit", "The coming week");
        browser.pressWithControl("z");
        browser.see("first-run");
    }

    /** A limit says what it takes away as soon as it is made, and the figures follow it there and back. */
    @Test
    void tellsWhatALimitTakesAway() {
        String path = browser.openClient("Tomas Redfern", "brief");
        browser.untilText(NEEDS, text -> !text.contains("…"));
        By wool = By.xpath("//*[@role='checkbox'][following-sibling::label[.='wool']]");
        String effect =
                browser.untilText(By.xpath("(//*[@data-testid='effect'])[1]"), text -> text.contains("pieces out"));
        assertThat(effect).matches("(?s).*\\d+ → \\d+ bases.*");
        browser.checked("brief");
        String bases = browser.untilText(
                By.cssSelector("[data-testid='ladder'] [role='radio']"), text -> text.matches("\\d+\\s+bases"));
        browser.click(wool);
        browser.untilText(
                By.cssSelector("[data-testid='ladder'] [role='radio']"),
                text -> text.matches("\\d+\\s+bases") && !text.equals(bases));
        browser.click(By.cssSelector("[data-testid='brief'] h1"));
        browser.pressWithControl("z");
        browser.untilText(By.cssSelector("[data-testid='ladder'] [role='radio']"), text -> text.equals(bases));
        assertThat(browser.address()).startsWith(path);
    }

    @Test
    void triesAnOccasionAndSetsANeedByHand() {
        browser.openClient("Ines Halvard", "brief");
        browser.click(By.xpath("//*[@data-testid='occasions']//button[contains(., 'council evening')]"));
        browser.click(By.xpath("//*[@data-testid='trial']//button[.='Try it']"));
        browser.until(b -> b.all(By.cssSelector("[data-testid='trial'] li")).size() == 6);
        browser.checkAccessibility();
        By cell = By.xpath("//*[@data-testid='needs']//button[contains(@aria-label, 'council evening, winter')]");
        browser.click(cell);
        By wanted = By.name("outfits");
        browser.type(wanted, Keys.chord(Keys.CONTROL, "a") + "7" + Keys.ENTER);
        browser.untilText(cell, text -> text.contains("7 wanted"));
        browser.click(By.cssSelector("[data-testid='brief'] h1"));
        browser.pressWithControl("z");
        browser.untilText(cell, text -> text.contains("1 wanted"));
    }

    /** Of two who change the same, the slower one chooses; what the other saved is not lost before. */
    @Test
    void leavesTheChoiceToWhoIsSlower() {
        browser.open("/clients");
        browser.type(By.name("name"), "Two at once" + Keys.ENTER);
        String path = browser.openClient("Two at once", "brief");
        browser.click(By.xpath("//button[.='Later']"));
        By tucks = By.xpath("//*[@role='checkbox'][following-sibling::label[.='Tucks tops in']]");
        browser.see(tucks);
        try (Browser other = browser.another()) {
            other.signIn();
            other.open(path + "/brief");
            other.click(By.xpath("//button[.='Later']"));
            other.click(By.xpath("//*[@role='checkbox'][following-sibling::label[.='knee']]"));
            other.see(By.xpath("//p[.='Saved']"));
        }
        browser.click(tucks);
        browser.see(By.xpath("//*[@role='alert'][contains(., 'Somebody changed this')]"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Take theirs']"));
        browser.until(b -> b.see(By.xpath("//*[@role='checkbox'][following-sibling::label[.='knee']]"))
                .getAttribute("aria-checked")
                .equals("true"));
        assertThat(browser.see(tucks).getAttribute("aria-checked")).isEqualTo("true");
    }
}
