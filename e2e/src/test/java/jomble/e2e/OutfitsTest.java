package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
        assertThat(browser.see(By.cssSelector("main")).getText())
                .containsPattern("Any two differ in at least [2-9] pieces besides Grey suit jacket");
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
        int shortest = changes(browser.untilText(By.cssSelector("main"), text -> changes(text) > 0));
        browser.checkAccessibility();
        browser.choose(By.xpath("//main//label[.='ways']/following-sibling::button"), "1");
        browser.untilText(By.cssSelector("main"), text -> changes(text) == shortest + 1);
        browser.click(By.xpath("(//*[@data-testid='paths']/li[1]/a)[last()]"));
        browser.see(By.xpath("//h1[.='works']"));
        assertThat(browser.address()).contains("occasion=sailing");
        browser.click(By.xpath("//a[.='One change']"));
        browser.untilText(By.cssSelector("main header"), text -> text.contains("one piece away"));
        browser.checkAccessibility();
        String piece = browser.see(
                        By.xpath("(//main//section[not(@data-testid)]//li/a[not(starts-with(., 'Without'))])[1]"))
                .getText();
        browser.click(By.xpath("(//main//section[not(@data-testid)]//li/a[not(starts-with(., 'Without'))])[1]"));
        browser.see(By.xpath("//h1[.='works']"));
        browser.see(By.cssSelector("[data-testid='figure'] [role='img'][aria-label*=\"" + piece + "\"]"));
    }

    /** How many changes a page says a way takes; -1 while it does not say. */
    private static int changes(String text) {
        Matcher several = Pattern.compile("(\\d+) changes, in ").matcher(text);
        return text.contains("It works there as it is.")
                ? 0
                : text.contains("One change, in ") ? 1 : several.find() ? Integer.parseInt(several.group(1)) : -1;
    }

    private static final By BENCH = By.cssSelector("[data-testid='bench'][aria-busy='false'] [data-slot]");

    /** Types over the name that is offered. */
    private void named(String name) {
        browser.see(By.name("name")).sendKeys(Keys.chord(Keys.CONTROL, "a"), name + Keys.ENTER);
    }

    private void build(String slot) {
        browser.see(BENCH);
        browser.see(By.cssSelector("[data-slot='" + slot + "'] [role='radio']")).sendKeys(Keys.ENTER);
        browser.see(By.cssSelector("[data-slot='" + slot + "'] [role='radio'][aria-checked='true']"));
        browser.see(BENCH);
    }

    /** What the bench puts first, slot by slot and by keyboard, until it works; saved, and held beside another. */
    @Test
    void buildsAnOutfitByKeyboardAndKeepsIt() {
        browser.openClient("Ines Halvard", "outfits/bench?season=winter&occasion=desk%20day");
        browser.see(By.xpath("//h1[.='Start an outfit']"));
        browser.see(BENCH);
        // faster than the page is drawn: neither choice may be lost
        browser.see(By.cssSelector("[data-slot='top'] [role='radio']")).sendKeys(Keys.ENTER);
        browser.press(Keys.chord(Keys.TAB, Keys.ENTER));
        browser.see(By.cssSelector("[data-slot='top'] [role='radio'][aria-checked='true']"));
        browser.see(By.cssSelector("[data-slot='bottom'] [role='radio'][aria-checked='true']"));
        browser.see(By.xpath("//h1[.='Not finished yet']"));
        for (String slot : List.of("shoes", "coat", "base", "jacket", "mid")) {
            if (browser.all(By.xpath("//h1[.='works']")).isEmpty()) {
                build(slot);
            }
        }
        browser.see(By.xpath("//h1[.='works']"));
        assertThat(browser.see(By.cssSelector("[data-testid='goes-to']")).getText())
                .contains("council evening");
        assertThat(browser.see(By.cssSelector("[data-testid='day']")).getText()).contains("Indoors, 21");
        browser.checked("bench");
        browser.choose(By.cssSelector("[data-slot='top'] [role='combobox']"), "untucked");
        browser.until(b -> b.address().contains("finish="));
        browser.click(By.xpath("//button[.='Save']"));
        browser.type(By.name("tags"), "monday");
        named("By keyboard");
        browser.see(By.xpath("//h1[contains(., 'By keyboard')]"));
        browser.click(By.xpath("//button[.='Start over']"));
        browser.click(By.xpath("//button[.='Surprise me']"));
        browser.see(By.xpath("//h1[contains(., 'works')]"));
        browser.click(By.xpath("//button[.='Save']"));
        named("A surprise");
        browser.see(By.xpath("//h1[contains(., 'A surprise')]"));
        browser.click(By.xpath("//a[starts-with(., 'Saved, ')]"));
        browser.until(
                b -> b.all(By.cssSelector("[data-testid='saved-outfits'] > li")).size() >= 2);
        browser.all(By.cssSelector("[data-testid='saved-outfits'] [role='checkbox']"))
                .forEach(tick -> tick.click());
        assertThat(browser.see(By.cssSelector("[data-testid='compared']")).getText())
                .contains("By keyboard", "A surprise");
        browser.run("document.getElementById('stage').scrollTo(0, 0)");
        browser.checked("saved-outfits");
        browser.choose(By.xpath("//main//label[.='tag']/following-sibling::button"), "monday");
        browser.until(
                b -> b.all(By.cssSelector("[data-testid='saved-outfits'] > li")).size() == 1);
    }

    /** A formula of the studio, made narrower; the formula of an outfit; three ways to finish it. */
    @Test
    void goesByFormulaAndRegister() {
        browser.openClient("Ines Halvard", "outfits/formulas?season=winter");
        browser.click(By.xpath("//button[contains(., 'Odd jacket and flannels')]"));
        browser.see(By.xpath("//p[contains(., 'outfits keep to it')]"));
        String before =
                browser.see(By.xpath("//p[contains(., 'keep to it')]/strong")).getText();
        browser.checked("formulas");
        browser.click(By.xpath("//button[@aria-label='Take out: shirt']"));
        browser.untilText(By.xpath("//p[contains(., 'keep to it')]/strong"), text -> !text.equals(before));
        browser.click(By.xpath("//button[.='Save this formula']"));
        named("No shirts");
        browser.see(By.xpath("//h1[.='No shirts']"));
        browser.see(By.cssSelector("[data-testid='keeping'] a")).click();
        browser.see(By.xpath("//h1[contains(., 'works')]"));
        browser.click(By.xpath("//a[.='Same formula']"));
        browser.see(By.xpath("//h1[.='The formula of this outfit']"));
        browser.run("history.back()");
        browser.click(By.xpath("//a[.='Day to evening']"));
        browser.until(
                b -> b.all(By.cssSelector("[data-testid='registers'] > li")).size() == 3);
        browser.checkAccessibility();
    }

    /** What was worn is worn again; a piece that is in no outfit is shown where it comes nearest to one. */
    @Test
    void repeatsAndRescues() {
        browser.openClient("Ines Halvard", "outfits/worn");
        browser.until(
                b -> b.all(By.cssSelector("[data-testid='worn-outfits'] > li")).size() > 10);
        browser.checkAccessibility();
        browser.click(By.xpath("(//button[.='Worn again today'])[1]"));
        browser.see(By.xpath("//*[contains(., 'Written into the wear log')]"));
        browser.untilText(By.cssSelector("[data-testid='worn-outfits'] > li"), text -> text.contains("worn 2 times"));
        browser.openClient("Ines Halvard", "outfits/ways?season=winter&occasion=desk%20day");
        browser.see(By.cssSelector("[aria-label^='The piece in every look']")).sendKeys(Keys.ENTER);
        browser.see(By.cssSelector("[cmdk-input]"));
        browser.press("tropical" + Keys.ENTER);
        assertThat(browser.see(By.cssSelector("[data-testid='rescue']")).getText())
                .contains("Tropical linen skirt");
        browser.checkAccessibility();
    }

    /** Outfits in one colour only; of the others none is among them. */
    @Test
    void listsWhatIsInOneColour() {
        browser.openClient("Ines Halvard", "outfits?season=winter&occasion=desk%20day&containing=p28");
        browser.until(b -> !cards().isEmpty());
        browser.choose(By.xpath("//main//label[.='colours']/following-sibling::button"), "monochromatic");
        browser.untilText(
                By.cssSelector("main header"), text -> text.matches("(?s).*[1-9]\\d* of [1-9].*one colour.*"));
        browser.choose(By.xpath("//main//label[.='colours']/following-sibling::button"), "triad");
        browser.untilText(By.cssSelector("main"), text -> text.contains("None of the outfits"));
        browser.checkAccessibility();
    }

    /** The grid of suits, from cell to cell by arrow keys. */
    @Test
    void breaksTheSuits() {
        browser.openClient("Ines Halvard", "outfits/suits");
        browser.see(By.cssSelector("[data-at='0 0']")).sendKeys(Keys.ARROW_RIGHT);
        browser.press(Keys.ENTER);
        assertThat(browser.see(By.cssSelector("[data-testid='suit-reading']")).getText())
                .contains("Grey suit jacket with Ink flannel suit trousers", "With Ink flannel waistcoat");
        browser.see(By.cssSelector("[data-testid='next-suit'] table"));
        browser.checked("suits");
        assertThat(browser.see(By.linkText("When a suit may be broken")).getAttribute("href"))
                .contains("/rules?", "rule=suit.separable");
        browser.click(By.xpath("//*[@data-testid='suit-reading']//a[.='Build on it']"));
        browser.see(By.cssSelector("[data-slot='jacket'] [role='radio'][aria-checked='true']"));
    }
}
