package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The Counts step of the demonstration's clients, and the lists behind its figures. */
class CountsTest extends BrowserTest {
    private static final String CLIENT = "Ines Halvard";
    private static final String LARGE_CLIENT = "Odile Marchetti-Szabo";
    private static final By COUNTING = By.xpath("//label[.='including']/following-sibling::button");

    @Test
    void opensACellOfTheCrossingTableAndReadsTheReason() {
        browser.openClient(CLIENT, "counts?season=winter&occasion=council+evening");
        By never = By.cssSelector("button[data-cell][aria-label*='no outfit']");
        browser.click(never);
        String why =
                browser.untilText(By.cssSelector("[data-testid='cell-reading']"), text -> text.split("\n").length > 3);
        assertThat(why).contains("no outfit in this context");
        assertThat(browser.see(never).getAttribute("title")).matches("no outfit, mostly for “.+”");
        browser.checked("counts");

        browser.click(By.cssSelector("button[data-cell]:not([aria-label*='no outfit'])"));
        browser.click(By.linkText("Open the list"));
        browser.see(By.xpath("//h1[.='Outfits']"));
        browser.until(b -> !b.all(By.cssSelector("a[href*='wear']")).isEmpty());
        browser.checkAccessibility();
        browser.click(By.cssSelector("a[href*='wear']"));
        browser.see(By.xpath("//h1[contains(., 'works')]"));
        browser.untilText(By.cssSelector("aside"), text -> text.contains("Why"));
        browser.checkAccessibility();
    }

    /** Any two slots are crossed, every slot may be counted, and the list behind a cell is as long as the cell says. */
    @Test
    void crossesJacketsWithShoesAndListsAsManyAsTheCellSays() {
        browser.openClient(CLIENT, "counts?counting=looks");
        browser.choose(By.xpath("//label[.='rows']/following-sibling::button"), "jacket");
        browser.choose(By.xpath("//label[.='across']/following-sibling::button"), "shoes");
        By cell = By.cssSelector(
                "button[data-cell][aria-label*='jacket with'][aria-label*='loafers']:not([aria-label*='no outfit'])");
        String label = browser.see(cell).getAttribute("aria-label");
        String count = label.substring(label.lastIndexOf(": ") + 2).replace(" outfits", "");
        browser.click(cell);
        browser.untilText(By.cssSelector("[data-testid='cell-reading']"), text -> text.contains(count));
        browser.click(By.linkText("Open the list"));
        browser.until(
                b -> !b.all(By.cssSelector("[data-testid='outfit-list'] a")).isEmpty());
        browser.untilText(By.tagName("body"), text -> text.contains("evenly drawn from " + count));
        assertThat(count).matches("[\\d,]{5,}");
    }

    /** The figure at the top of the reading. */
    private long total() {
        String text =
                browser.untilText(By.cssSelector("[data-testid='live-count']"), t -> t.matches("(?s)[\\d,]+\n.*"));
        return exact(text.lines().findFirst().orElseThrow());
    }

    private static long exact(String figure) {
        return Long.parseLong(figure.replace(",", ""));
    }

    /** What would be without a piece and in another season is counted, told as a difference, and not saved. */
    @Test
    void tellsWhatWouldBeWithoutAPiece() {
        browser.openClient(CLIENT, "counts?view=byPiece");
        By blazer = By.xpath("//table[@data-testid='ranking']//tr[th[.='Black leather jacket']]/td//a");
        long withIt = exact(browser.see(blazer).getText());
        long before = total();
        browser.click(By.xpath("//button[.='what if']"));
        browser.see(By.xpath("//p[contains(., 'Nothing is changed yet')]"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[contains(., 'Choose pieces')]"));
        browser.click(By.xpath("//*[@role='checkbox'][following-sibling::label[contains(., 'Black leather jacket')]]"));
        String outcome = browser.see("what-if-outcome").getText();
        assertThat(exact(outcome.lines().findFirst().orElseThrow())).isEqualTo(before - withIt);
        assertThat(outcome).contains("−" + String.format("%,d", withIt));
        browser.see(By.xpath("//table[@data-testid='what-if-pieces']//tr[th[.='Black leather jacket']]"));
        browser.type(By.cssSelector("input[aria-label^='One more piece']"), "blazer navy wool");
        browser.click(By.xpath("//button[.='Add' and not(@disabled)]"));
        browser.see(By.xpath("//table[@data-testid='what-if-pieces']//tr[th[.='blazer navy wool']]"));
        browser.until(b -> b.all(By.cssSelector("main [role=progressbar]")).isEmpty());
        browser.checked("what-if");
        assertThat(total()).as("nothing is saved").isEqualTo(before);
        browser.click(By.xpath("//main//button[.='Put back']"));
        browser.see(By.xpath("//p[contains(., 'Nothing is changed yet')]"));
    }

    /** Every season and occasion has its count; a cell tells its weakest month and what drops out, and opens the list it counts. */
    @Test
    void countsEverySeasonAndOccasion() {
        browser.openClient(CLIENT, "counts?counting=clothes&view=contexts");
        browser.until(b ->
                b.all(By.cssSelector("[data-testid='contexts'] [data-context]")).size() == 30);
        By cell = By.cssSelector("[data-testid='contexts'] [data-context^='winter desk']");
        String count = browser.see(cell).getAttribute("title");
        browser.click(cell);
        String reading = browser.untilText(
                By.cssSelector("[data-testid='context-reading']"),
                text -> text.contains("Weakest month") && text.contains("Drop out ·"));
        assertThat(reading).contains(count, "fewer than without weather");
        browser.checked("contexts");
        browser.click(By.linkText("Open the list"));
        browser.untilText(By.tagName("body"), text -> text.contains(" of " + count));
        assertThat(browser.address()).contains("season=winter").contains("occasion=desk");
        assertThat(String.format("%,d", total())).isEqualTo(count);
    }

    /** However many outfits there are, a page of them is there at once, each with what completes it. */
    @Test
    void opensTheListBehindACellOfALargeWardrobe() {
        browser.openClient(LARGE_CLIENT, "counts?season=winter&counting=outfits&order=stable");
        By cell = By.cssSelector("button[data-cell]:not([aria-label*='no outfit'])");
        String label = browser.see(cell).getAttribute("aria-label");
        String count = label.substring(label.lastIndexOf(": ") + 2).replace(" outfits", "");
        browser.click(cell);
        browser.click(By.linkText("Open the list"));
        browser.until(
                b -> !b.all(By.cssSelector("[data-testid='outfit-list'] a")).isEmpty());
        browser.untilText(By.tagName("body"), text -> text.contains(" of " + count));
        assertThat(count).matches("[\\d,]{5,}");
    }

    /** The figure of each structure opens as many outfits. */
    @Test
    void opensTheListOfAStructure() {
        browser.openClient(CLIENT, "counts?order=stable");
        By figure = By.xpath("//aside//li[contains(., 'in separates')]/a");
        String count = browser.see(figure).getText();
        browser.click(figure);
        browser.untilText(By.tagName("body"), text -> text.contains(" of " + count + " · in separates"));
    }

    @Test
    void goesThroughTheCrossingTableByArrowKeysHoweverItIsSorted() {
        browser.openClient(CLIENT, "counts");
        browser.choose(By.xpath("//label[.='sorted by']/following-sibling::button"), "colour");
        By first = By.cssSelector("button[data-row='0'][data-column='0']");
        browser.run("arguments[0].focus()", browser.see(first));
        browser.press(Keys.ARROW_DOWN);
        browser.press(Keys.ARROW_RIGHT);
        browser.until(b -> "1".equals(b.focused().getAttribute("data-row"))
                && "1".equals(b.focused().getAttribute("data-column")));
        browser.press(Keys.ENTER);
        browser.see("cell-reading");
    }

    @Test
    void ranksThePiecesFromTheWeakestUp() {
        browser.openClient(CLIENT, "counts?occasion=sailing+weekend&season=summer&counting=clothes");
        browser.click(By.xpath("//button[.='by piece']"));
        browser.see("ranking");
        List<WebElement> rows = browser.all(By.cssSelector("[data-testid='ranking'] tbody tr"));
        assertThat(rows).hasSize(64);
        browser.checkAccessibility();
    }

    private void tick(String slot) {
        browser.click(By.xpath("//*[@role='dialog']//*[@role='checkbox'][following-sibling::label[.='" + slot + "']]"));
    }

    /** Slots of her own begin with those of the preset; with shoes and without they are what the presets count. */
    @Test
    void countsAnySlotsSheLikes() {
        browser.openClient(CLIENT, "counts?counting=clothes");
        long clothes = total();
        browser.choose(COUNTING, "outfits");
        browser.until(b -> total() != clothes);
        long outfits = total();
        browser.choose(COUNTING, "clothes");
        browser.until(b -> total() == clothes);
        browser.choose(COUNTING, "own");
        browser.until(b -> b.address().contains("counting=top%2Cbottom"));
        assertThat(total()).isEqualTo(clothes);
        browser.checkAccessibility();
        tick("shoes");
        browser.until(b -> total() == outfits);
        tick("tops");
        browser.until(b -> total() < outfits);
        browser.press(Keys.ESCAPE);
        assertThat(browser.see(By.xpath("//label[.='rows']/following-sibling::button"))
                        .getAttribute("value"))
                .as("a slot that is not counted is not crossed")
                .isEqualTo("onepiece");
        assertThat(browser.focused().getText()).isEqualTo("5 places");
    }

    private String outcome() {
        browser.until(b -> b.all(By.cssSelector("main [role=progressbar]")).isEmpty());
        return browser.see("what-if-outcome").getText();
    }

    /** This season against another, as a difference; it is what the other season counts by itself. */
    @Test
    void comparesTwoSeasons() {
        browser.openClient(CLIENT, "counts?view=whatIf&season=winter");
        long winter = total();
        browser.choose(By.xpath("//main//label[.='season']/following-sibling::button"), "summer");
        String outcome = outcome();
        long summer = exact(outcome.lines().findFirst().orElseThrow());
        assertThat(outcome)
                .contains("now " + String.format("%,d", winter))
                .contains((summer > winter ? "+" : "−") + String.format("%,d", Math.abs(summer - winter)));
        browser.choose(By.xpath("//header//label[.='season']/following-sibling::button"), "summer");
        browser.until(b -> total() == summer);
    }

    /** A question that stylists answer differently, answered otherwise in thought. */
    @Test
    void asksWhatAnotherSchoolWouldCount() {
        browser.openClient(CLIENT, "counts?view=whatIf");
        long now = total();
        browser.click(By.xpath("//button[contains(., 'questions stylists answer differently')]"));
        browser.click(By.xpath("//*[button[contains(., 'questions')]]//*[@role='combobox']"));
        browser.click(By.xpath("(//*[@role='option'])[2]"));
        assertThat(outcome()).contains("now " + String.format("%,d", now));
        browser.click(By.xpath("//main//button[.='Put back']"));
        browser.see(By.xpath("//p[contains(., 'Nothing is changed yet')]"));
        assertThat(total()).isEqualTo(now);
    }

    /** A long count tells how far it is, can be stopped, and begins anew when it is asked to. */
    @Test
    void stopsALongCountAndCountsAgain() {
        browser.openClient(LARGE_CLIENT, "counts?counting=looks&season=autumn&daring=yes");
        browser.click(By.xpath("//button[.='Stop counting']"));
        browser.see(By.xpath("//p[contains(., 'Counting was stopped')]"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Count again']"));
        assertThat(browser.untilText(
                        By.cssSelector("[data-testid='live-count']"), text -> text.matches("(?s)[\\d,]{12,}\n.*")))
                .contains("bold");
    }

    /** The figures of the reading open what they count: all, the bold ones alone, those with the weakest piece. */
    @Test
    void opensTheListsBehindTheReading() {
        browser.openClient(CLIENT, "counts?season=winter&order=stable");
        for (String figure : List.of(
                "//*[@data-testid='live-count']//a",
                "//p[contains(., 'more if bold')]/a",
                "//section[h2='Weakest']//a")) {
            By link = By.xpath("//aside" + figure);
            String count = browser.untilText(link, text -> text.matches("[\\d,]+"));
            browser.click(link);
            browser.untilText(By.tagName("main"), text -> text.contains(" of " + count));
            assertThat(browser.all(By.cssSelector("[data-testid='outfit-list'] a")))
                    .as(figure)
                    .isNotEmpty()
                    .allMatch(card ->
                            card.getAttribute("aria-label").startsWith(figure.contains("bold") ? "bold" : "works"));
        }
    }

    private List<String> cards() {
        return browser.all(By.cssSelector("[data-testid='outfit-list'] a")).stream()
                .map(card -> card.getAttribute("aria-label"))
                .toList();
    }

    /** A page she would show: best first, no piece too often; the order of the wardrobe is there for checking. */
    @Test
    void listsTheBestFirstAndVaried() {
        By order = By.xpath("//label[.='listed']/following-sibling::button");
        browser.openClient(CLIENT, "outfits?season=winter&containing=p1");
        browser.until(b -> cards().size() == 20);
        List<String> best = cards();
        assertThat(best).doesNotHaveDuplicates();
        browser.checkAccessibility();
        browser.choose(order, "stable");
        browser.until(b -> cards().size() == 20 && !cards().equals(best));
        browser.choose(order, "credits");
        browser.until(b -> cards().size() == 20 && !cards().equals(best));
        browser.choose(order, "best");
        browser.until(b -> cards().equals(best));
        browser.click(By.xpath("//button[.='Show more']"));
        browser.until(b -> cards().size() > 20);
        assertThat(cards().subList(0, 20)).isEqualTo(best);
    }
}
