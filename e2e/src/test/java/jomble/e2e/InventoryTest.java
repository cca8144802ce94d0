package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The inventory: recorded by keyboard, decided, changed many at once, brought in from files, and kept safe. */
class InventoryTest extends BrowserTest {
    private static final By ENTRY = By.id("entry-line");
    private static final By ROWS = By.cssSelector("[data-row]");
    private static final List<String> TEN = List.of(
            "shirt white poplin regular 49",
            "jeans dark blue straight second hand 30",
            "blazer navy hopsack",
            "roll-neck black merino 80",
            "loafers tan suede 120",
            "midi skirt pleated bottle green",
            "t-shirt navy stripe long sleeve",
            "trench coat beige 240",
            "belt brown brass buckle",
            "scarf checked rust and cream wool");

    private void newClient(String name) {
        browser.open("/clients");
        browser.type(By.name("name"), name + Keys.ENTER);
        browser.openClient(name, "pieces");
        browser.see(ENTRY);
    }

    private void recorded(int pieces) {
        browser.until(b -> b.all(ROWS).size() == pieces);
    }

    @Test
    void recordsTenPiecesByKeyboardAlone() {
        newClient("Ten pieces");
        browser.press("n");
        browser.until(b -> "entry-line".equals(b.focused().getAttribute("id")));
        List<Long> millis = new ArrayList<>();
        for (int i = 0; i < TEN.size(); i++) {
            long start = System.nanoTime();
            browser.press(TEN.get(i));
            browser.pressWithControl(Keys.ENTER);
            recorded(i + 1);
            millis.add((System.nanoTime() - start) / 1_000_000);
        }
        System.out.println("ten pieces by keyboard, milliseconds each: " + millis);
        assertThat(browser.all(ROWS).get(9).getText()).contains("shirt");
    }

    @Test
    void keepsWhatIsTypedThroughAReloadAndOffersUndoAndRedo() {
        newClient("Safe");
        browser.type(ENTRY, "blouse ivory");
        browser.reload();
        assertThat(browser.see(ENTRY).getAttribute("value")).isEqualTo("blouse ivory");
        browser.type(ENTRY, " silk" + Keys.ENTER);
        recorded(1);
        browser.type(ENTRY, Keys.ESCAPE);
        browser.pressWithControl("z");
        recorded(0);
        browser.reload();
        browser.see(ENTRY);
        browser.pressWithControl("y");
        recorded(1);
    }

    @Test
    void keepsWordsNobodyUnderstandsAsANote() {
        newClient("Unknown words");
        browser.type(ENTRY, "cardigan grey from aunt Brunhilde");
        browser.see(By.xpath("//button[contains(., 'keep these words')]"));
        browser.type(ENTRY, Keys.chord(Keys.CONTROL, Keys.ENTER));
        recorded(1);
        browser.click(By.partialLinkText("cardigan"));
        assertThat(browser.see(By.id("notes")).getAttribute("value")).contains("Brunhilde");
    }

    @Test
    void decidesWithOneKeyAPieceAndListsWhatFollows() {
        newClient("Decide");
        paste("shirt white\njeans blue\nloafers brown");
        browser.click(By.xpath("//button[.='decide']"));
        browser.see("decide");
        browser.checkAccessibility();
        browser.press("k");
        browser.untilText(By.cssSelector("[data-testid='decide']"), text -> text.startsWith("2 "));
        browser.press("r");
        browser.untilText(By.cssSelector("[data-testid='decide']"), text -> text.startsWith("1 "));
        browser.press("p");
        browser.click(By.xpath("//button[.='See what follows']"));
        String lists = browser.see("follow-ups").getText();
        assertThat(lists).contains("repair").contains("part with").doesNotContain("undecided");
        browser.checkAccessibility();
    }

    private void paste(String lines) {
        browser.click(By.xpath("//button[.='paste lines']"));
        browser.type(By.tagName("textarea"), lines);
        browser.until(b -> b.see(By.xpath("//button[starts-with(., 'Save ')]")).isEnabled());
        browser.checkAccessibility();
        browser.click(By.xpath("//button[starts-with(., 'Save ')]"));
        recorded(lines.split("\n").length);
    }

    @Test
    void changesAndDeletesManyAtOnce() {
        newClient("Many");
        paste("shirt white\nshirt blue\njeans blue");
        browser.click(By.cssSelector("[aria-label='Select all shown']"));
        browser.choose(By.xpath("//label[.='move to']/following-sibling::select"), "cleaner");
        browser.until(b -> b.all(ROWS).stream().allMatch(row -> row.getText().contains("cleaner")));
        browser.click(By.cssSelector("[aria-label='Select all shown']"));
        browser.click(By.xpath("//button[.='Delete']"));
        recorded(0);
        browser.click(By.xpath("//button[.='Undo']"));
        recorded(3);
        browser.checkAccessibility();
    }

    @Test
    void bringsAFileInAfterSayingWhatIsWrongWithIt(@TempDir Path directory) throws IOException {
        Path csv = directory.resolve("rail.csv");
        Files.writeString(csv, "kind;label;colours\nshirt;One;white\nshrit;Two;white\njeans;Three;navy\n");
        newClient("Files");
        browser.click(By.xpath("//button[.='files']"));
        browser.type(By.cssSelector("input[accept*='csv']"), csv.toString());
        String preview =
                browser.untilText(By.cssSelector("[data-testid='csv-preview']"), text -> text.contains("did you mean"));
        assertThat(preview)
                .contains("2 added")
                .contains("1 refused")
                .contains("kind")
                .contains("\"shirt\"?");
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Save these rows']"));
        recorded(2);
    }

    @Test
    void takesTheColoursOfAPhotoWithOneKey(@TempDir Path directory) throws IOException {
        BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0xcfccc6));
        g.fillRect(0, 0, 600, 400);
        g.setColor(new Color(0x1f4a2c));
        g.fillRect(180, 60, 240, 280);
        g.dispose();
        Path photo = directory.resolve("shirt.png");
        ImageIO.write(image, "png", photo.toFile());
        newClient("Photos");
        browser.type(ENTRY, "shirt white" + Keys.ENTER);
        recorded(1);
        browser.click(By.partialLinkText("shirt"));
        browser.see(By.id("label"));
        browser.all(By.cssSelector("[data-testid='photo-file']")).get(0).sendKeys(photo.toString());
        browser.see(By.xpath("//button[contains(., 'Take these colours')]"));
        browser.checkAccessibility();
        browser.press("c");
        browser.untilText(By.xpath("//h1/following-sibling::p[1]"), text -> text.contains("green"));
    }

    @Test
    void twoWindowsOnOnePieceGetAChoice() {
        newClient("Two windows");
        browser.type(ENTRY, "blazer grey" + Keys.ENTER);
        recorded(1);
        browser.click(By.partialLinkText("blazer"));
        browser.see(By.id("label"));
        String path = browser.address();
        try (Browser other = browser.another()) {
            other.signIn();
            other.open(path);
            other.type(By.id("size"), "40" + Keys.ENTER);
            other.untilText(By.xpath("//p[@aria-live][contains(@class,'min-h-5')]"), text -> text.contains("saved"));
        }
        browser.type(By.id("notes"), "mine" + Keys.ENTER);
        browser.see(By.xpath("//h2[.='Changed somewhere else']"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Put mine in its place']"));
        browser.untilText(By.xpath("//p[@aria-live][contains(@class,'min-h-5')]"), text -> text.contains("saved"));
        assertThat(browser.see(By.id("notes")).getAttribute("value")).isEqualTo("mine");
    }

    @Test
    void showsTheWardrobesColoursAndKeepsTheClients() {
        browser.openClient("Ines Halvard", "palette");
        browser.click(By.xpath("//button[contains(., 'navy')]"));
        assertThat(browser.see("swatch-reading").getText()).contains("in 100").contains("ΔE");
        browser.checked("palette");
        int before = browser.all(By.cssSelector("[aria-label^='Remove']")).size();
        browser.click(By.xpath("//section[@data-testid='swatch-reading']//button[.='accents']"));
        browser.until(b -> b.all(By.cssSelector("[aria-label^='Remove']")).size() == before + 1);
        browser.click(By.xpath("(//div[span='accents']//button[starts-with(@aria-label,'Remove')])[last()]"));
        browser.until(b -> b.all(By.cssSelector("[aria-label^='Remove']")).size() == before);
    }
}
