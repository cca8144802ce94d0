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
import java.util.Locale;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

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

    /** A line, what finds the piece, and what its row says. */
    private static final List<String> THIRTY = List.of(
            "white poplin shirt long sleeve 49 second hand | poplin white shirt | white",
            "3 × t-shirt white cotton 15 | white t-shirt | jersey",
            "navy blazer hopsack wool 180 | blazer | navy",
            "jeans dark blue straight 80 EUR | jeans | denim",
            "cream silk blouse with bow | cream blouse | cream",
            "merino roll-neck charcoal | roll-neck | charcoal",
            "chunky knit oatmeal wool 80% polyamide 20% | chunky knit | chunky knit",
            "pleated midi skirt bottle green | midi skirt | green",
            "pencil skirt black crepe | knee skirt | black",
            "tailored trousers grey flannel | tailored trousers | flannel",
            "wide leg linen trousers sand | linen tailored | linen",
            "corduroy chinos rust | chinos | corduroy",
            "trench coat beige 240 | trench | beige",
            "camel wool coat double breasted | wool coat | camel",
            "down coat black | down coat | black",
            "denim jacket light blue | denim jacket | denim",
            "cardigan rust merino | cardigan | rust",
            "waistcoat grey part of the grey suit | waistcoat | grey",
            "wrap dress berry jersey | wrap dress | berry",
            "slip dress champagne satin | slip dress | satin",
            "shirt dress indigo | shirt dress | indigo",
            "jumpsuit olive | jumpsuit | olive",
            "loafers tan suede 120 | loafers | suede",
            "ankle boots black leather 5 cm heel | ankle boots | leather",
            "white trainers leather | trainers | leather",
            "court shoes navy stiletto 7 cm | court shoes | navy",
            "tights 40 den black | tights | black",
            "belt brown leather brass buckle | belt | brown",
            "silk scarf teal dotted | scarf | teal",
            "pearl earrings | earrings | earrings");

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
            browser.press(Keys.ENTER);
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
        assertThat(browser.focused().getAttribute("id"))
                .as("Escape leaves typing on")
                .isEqualTo("entry-line");
        browser.pressWithControl("z");
        recorded(0);
        browser.reload();
        browser.see(ENTRY);
        browser.pressRedo();
        recorded(1);
    }

    /** Six lines, Enter after each, without a look at the screen: six pieces, and what was not understood is asked about afterwards. */
    @Test
    void sixLinesTypedBlindAreSixPieces() {
        newClient("Six lines");
        String blind = String.join(
                Keys.ENTER,
                List.of(
                        "white shirt",
                        "burgandy jumper soft",
                        "dark jeans",
                        "cardigan grey from aunt Brunhilde",
                        "black velvet snorple",
                        "little black dress 80",
                        ""));
        browser.type(ENTRY, blind);
        recorded(6);
        List<String> rows = browser.all(ROWS).stream().map(WebElement::getText).toList();
        assertThat(rows)
                .as("newest first")
                .satisfiesExactly(
                        row -> assertThat(row).contains("Black sheath dress", "80.00"),
                        row -> assertThat(row).contains("black velvet snorple", "what is it?"),
                        row -> assertThat(row).contains("Grey cardigan", "Brunhilde"),
                        row -> assertThat(row).contains("Dark indigo jeans"),
                        row -> assertThat(row).contains("Fine knit", "burgandy", "which colour?"),
                        row -> assertThat(row).contains("White shirt"));
        browser.checkAccessibility();
        browser.click(By.cssSelector("[aria-label='On Fine knit, “burgandy” means burgundy']"));
        browser.until(b -> b.all(ROWS).get(4).getText().contains("Burgundy fine knit"));
        browser.click(By.cssSelector("[aria-label='Keep “Brunhilde” as a note on Grey cardigan']"));
        browser.until(b -> b.all(By.cssSelector("[aria-label*='Brunhilde']")).isEmpty());
        browser.click(By.cssSelector("[aria-label='Kind of black velvet snorple']"));
        browser.checkAccessibility();
        browser.press("blaz" + Keys.ENTER);
        browser.until(b -> b.all(ROWS).get(1).getText().contains("Black velvet blazer"));
        browser.type(By.cssSelector("input[placeholder='find a piece']"), "burgandy");
        recorded(1);
        browser.type(By.cssSelector("input[placeholder='find a piece']"), Keys.chord(Keys.CONTROL, "a") + "Brunhilde");
        browser.until(b -> b.all(ROWS).size() == 1 && b.see(ROWS).getText().contains("cardigan"));
    }

    @Test
    void keepsLinesWhileTheServerIsAwayAndSendsThemLater() {
        newClient("Away");
        browser.offline(true);
        browser.type(ENTRY, "shirt white" + Keys.ENTER + "jeans blue" + Keys.ENTER);
        try {
            browser.untilText(By.cssSelector("form [role=alert]"), text -> text.contains("2 lines wait"));
        } finally {
            browser.offline(false);
        }
        recorded(2);
        browser.until(b -> b.all(By.cssSelector("form [role=alert]")).isEmpty());
        assertThat(browser.all(ROWS).get(1).getText()).contains("White shirt");
    }

    @Test
    void oneBadLineOfManyHoldsNoneBackAndTwoPiecesBecomeASuit() {
        newClient("Paste");
        browser.click(By.xpath("//button[.='paste lines']"));
        browser.type(By.tagName("textarea"), "blazer navy wool\nquux of nothing\ntailored trousers navy\n");
        browser.click(By.xpath("//button[.='Save 2 pieces']"));
        browser.until(b -> b.see(By.tagName("textarea")).getAttribute("value").equals("quux of nothing"));
        browser.untilText(By.tagName("main"), text -> text.contains("1 line is not saved yet"));
        browser.click(By.xpath("//button[.='all pieces']"));
        recorded(2);
        browser.click(By.cssSelector("[aria-label='Select all shown']"));
        browser.choose(By.xpath("//label[.='make them a set']/following-sibling::button"), "suit");
        browser.untilText(By.cssSelector("[role=region]"), text -> text.contains("Set created: navy suit"));
        browser.click(By.partialLinkText("blazer"));
        browser.see(By.xpath("//p[contains(., 'navy suit')]"));
        browser.see(By.partialLinkText("trousers"));
    }

    /** Thirty varied lines; each is recorded as it stands, and what each became is looked up in the table. */
    @Test
    void recordsThirtyVariedLines() {
        newClient("Thirty lines");
        List<Long> millis = new ArrayList<>();
        for (int i = 0; i < THIRTY.size(); i++) {
            String line = THIRTY.get(i).split("\\|")[0].strip();
            long start = System.nanoTime();
            browser.type(ENTRY, line + Keys.ENTER);
            int now = i + 1;
            browser.until(b -> b.see("shown-pieces").getText().startsWith(now + " "));
            millis.add((System.nanoTime() - start) / 1_000_000);
        }
        System.out.println("thirty lines, milliseconds each: " + millis);
        for (String line : THIRTY) {
            String[] parts = line.split("\\|");
            By find = By.cssSelector("input[placeholder='find a piece']");
            browser.type(find, Keys.chord(Keys.CONTROL, "a") + Keys.DELETE + parts[1].strip());
            browser.until(b -> b.all(ROWS).stream()
                    .anyMatch(row -> row.getText().toLowerCase(Locale.ROOT).contains(parts[2].strip())));
        }
    }

    @Test
    void offersTheOtherMeaningOfAWord() {
        newClient("Ambiguous");
        browser.type(ENTRY, "belt leather gold");
        browser.click(By.xpath("//button[.='or its colours?']"));
        browser.until(b -> "belt leather colours:gold".equals(b.see(ENTRY).getAttribute("value")));
        browser.type(ENTRY, Keys.ENTER);
        recorded(1);
        assertThat(browser.see(ROWS).getText().toLowerCase(Locale.ROOT)).contains("gold");
    }

    @Test
    void listsErrandsWithTheirCostAndTagsFromTheRail() {
        newClient("Errands");
        paste("shirt white\njeans blue\nskirt green");
        browser.click(By.cssSelector("[aria-label='Select all shown']"));
        browser.choose(By.xpath("//label[.='decide']/following-sibling::button"), "alter");
        browser.until(b -> b.all(ROWS).stream().allMatch(row -> row.getText().contains("alter")));
        browser.click(By.xpath("//button[.='what follows']"));
        List<WebElement> costs = browser.all(By.cssSelector("[id$='-cost']"));
        costs.get(0).sendKeys("12.35" + Keys.ENTER);
        browser.untilText(By.cssSelector("[data-testid='follow-ups']"), text -> text.contains("€12.35"));
        browser.all(By.cssSelector("[id$='-cost']")).get(1).sendKeys("0.70" + Keys.ENTER);
        browser.untilText(By.cssSelector("[data-testid='follow-ups']"), text -> text.contains("€13.05"));
        browser.checkAccessibility();

        browser.click(By.xpath("//button[.='all pieces']"));
        browser.see(By.cssSelector("[data-strip='0']")).sendKeys("x");
        browser.pressWith(Keys.SHIFT, Keys.ARROW_RIGHT);
        browser.see(By.xpath("//strong[.='2 pieces selected']"));
        browser.type(By.xpath("//label[span='add a tag']/input"), "to sell" + Keys.ENTER);
        browser.until(b -> b.all(ROWS).stream()
                        .filter(row -> row.getText().contains("to sell"))
                        .count()
                == 2);
        browser.choose(By.xpath("//label[.='tag']/following-sibling::button"), "to sell");
        browser.until(b -> b.all(By.cssSelector("[data-strip]")).size() == 2);
        browser.checkAccessibility();
    }

    @Test
    void showsWhatARoleWouldChangeBeforeItIsSaved() {
        newClient("Roles");
        paste("t-shirt white\njeans navy\ntrainers white\novershirt olive");
        browser.untilText(By.cssSelector("[data-testid='live-count']"), text -> text.startsWith("3"));
        browser.click(By.partialLinkText("overshirt"));
        browser.click(By.cssSelector("[aria-label='roles: take away top']"));
        browser.untilText(
                By.cssSelector("[data-testid='role-trial']"),
                text -> text.contains("2 outfits") && text.contains("−1"));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Keep the change']"));
        browser.untilText(By.cssSelector("[data-testid='live-count']"), text -> text.startsWith("2"));
    }

    @Test
    void makesAKindFromAPieceAndEntersTheNextByItsName() {
        newClient("Own kind");
        browser.type(ENTRY, "overshirt canvas red" + Keys.ENTER);
        recorded(1);
        browser.click(By.partialLinkText("overshirt"));
        browser.click(By.xpath("//button[starts-with(., 'Make a kind')]"));
        browser.type(By.name("name"), "Quay smock" + Keys.ENTER);
        browser.see(By.xpath("//*[contains(., 'New kind: quay smock')]"));
        browser.openClient("Own kind", "pieces");
        browser.type(ENTRY, "quay smock navy" + Keys.ENTER);
        recorded(2);
        assertThat(browser.see(ROWS).getText()).contains("quay smock").contains("canvas");
        browser.open("/kinds");
        browser.click(By.xpath("//li[contains(., 'quay smock')]//button[.='No longer offer']"));
        browser.see(By.xpath("//li[contains(., 'quay smock')]//button[.='Offer again']"));
        browser.checkAccessibility();
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
        browser.choose(By.xpath("//label[.='move to']/following-sibling::button"), "cleaner");
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
                .contains("Two")
                .contains("kind")
                .contains("\"shirt\"?");
        browser.checkAccessibility();
        Files.writeString(csv, "Kind;Piece;Color\nshirt;One;white\nshirt;Two;white\njeans;Three;navy\n");
        browser.type(By.cssSelector("input[accept*='csv']"), csv.toString());
        browser.untilText(
                By.cssSelector("[data-testid='csv-preview']"),
                text -> text.contains("3 added") && text.contains("0 refused"));
        browser.click(By.xpath("//button[.='Save these rows']"));
        recorded(3);
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
        browser.click(By.linkText("Record the consent in the brief"));
        browser.click(By.xpath("//button[.='Later']"));
        browser.click(By.xpath("//button[contains(., 'Notes')]"));
        browser.click(By.xpath("//label[contains(., 'Agreed to photos')]"));
        browser.see(By.xpath("//p[.='Saved']"));
        browser.openClient("Photos", "pieces");
        browser.click(By.partialLinkText("shirt"));
        browser.until(b -> b.all(By.cssSelector("[data-testid='photo-file']")).size() == 1);
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
        By told = By.xpath("//p[@aria-live][contains(@class,'min-h-5')]");
        browser.type(By.id("notes"), "mine" + Keys.ENTER);
        browser.untilText(told, text -> text.contains("saved"));
        assertThat(browser.see(By.id("size")).getAttribute("value"))
                .as("both are kept")
                .isEqualTo("40");
        try (Browser other = browser.another()) {
            other.signIn();
            other.open(path);
            other.type(By.id("size"), Keys.chord(Keys.CONTROL, "a") + "42" + Keys.ENTER);
            other.untilText(told, text -> text.contains("saved"));
        }
        browser.type(By.id("size"), Keys.chord(Keys.CONTROL, "a") + "38" + Keys.ENTER);
        String both = browser.see(By.cssSelector("[role=alertdialog]")).getText();
        assertThat(both)
                .contains("Somebody else changed this piece", "size", "42", "38")
                .doesNotContain("notes");
        browser.until(b -> "Keep theirs".equals(b.focused().getText()));
        browser.checkAccessibility();
        browser.click(By.xpath("//button[.='Overwrite with mine']"));
        browser.untilText(told, text -> text.contains("saved"));
        browser.until(b -> "38".equals(b.see(By.id("size")).getAttribute("value")));
        assertThat(browser.see(By.id("notes")).getAttribute("value")).isEqualTo("mine");
    }

    @Test
    void showsTheWardrobesColoursAndKeepsTheClients() {
        browser.openClient("Ines Halvard", "palette");
        browser.click(By.xpath("//button[@aria-pressed][contains(., 'navy')]"));
        assertThat(browser.see("swatch-reading").getText()).contains("in 100").contains("ΔE");
        browser.checked("palette");
        int before = browser.all(By.cssSelector("[aria-label^='Remove']")).size();
        browser.click(By.xpath("//section[@data-testid='swatch-reading']//button[.='accents']"));
        browser.until(b -> b.all(By.cssSelector("[aria-label^='Remove']")).size() == before + 1);
        browser.click(By.xpath("(//div[span='accents']//button[starts-with(@aria-label,'Remove')])[last()]"));
        browser.until(b -> b.all(By.cssSelector("[aria-label^='Remove']")).size() == before);
    }

    /** Each removes another colour from the palette as both of them saw it. */
    @Test
    void keepsWhatTwoBrowsersChangeInOnePalette() {
        browser.openClient("Anjali Brandt", "palette");
        By swatches = By.xpath("//section[h2]//button[starts-with(@aria-label,'Remove')]");
        browser.see(swatches);
        List<String> before = labels(browser, swatches);
        assertThat(before).as("colours of the palette").hasSizeGreaterThan(2);
        try (Browser other = browser.another()) {
            other.signIn();
            other.openClient("Anjali Brandt", "palette");
            other.see(swatches);
            other.click(By.cssSelector("[aria-label='" + before.get(0) + "']"));
            other.until(b -> labels(b, swatches).size() == before.size() - 1);
            browser.click(By.cssSelector("[aria-label='" + before.get(1) + "']"));
            browser.until(b -> labels(b, swatches).size() == before.size() - 2);
            assertThat(labels(browser, swatches)).containsExactlyElementsOf(before.subList(2, before.size()));
        }
    }

    private static List<String> labels(Browser browser, By by) {
        return browser.all(by).stream()
                .map(element -> element.getAttribute("aria-label"))
                .toList();
    }
}
