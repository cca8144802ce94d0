package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import jomble.server.running.Jomble;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A browser window on the application, with the few things a person does in it. */
final class Browser implements AutoCloseable {
    private static final Path PICTURES = Path.of("../docs/screenshots");
    /** What passes is not told: a rail has thousands of nodes that do. */
    private static final String AXE_OPTIONS = """
            {"runOnly": {"type": "tag", "values": ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"]},
             "resultTypes": ["violations"]}
            """;

    private static final Duration PATIENCE = Duration.ofSeconds(120);

    private final String address;
    private final ChromeDriver driver;

    /** @param address of the application */
    Browser(String address) {
        this.address = address;
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--disable-dev-shm-usage",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--force-color-profile=srgb");
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .build();
        this.driver = new ChromeDriver(service, options);
        size(1280, 800);
    }

    /** A second window that shares nothing with this one. */
    Browser another() {
        return new Browser(address);
    }

    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    /** Where the pages loaded from now on are shown, such as America/Lima. */
    void zone(String zone) {
        driver.executeCdpCommand("Emulation.setTimezoneOverride", Map.of("timezoneId", zone));
    }

    /** Cuts the page off from every server, or connects it again. */
    void offline(boolean away) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", away, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    void open(String path) {
        driver.get(address + path);
    }

    String address() {
        return driver.getCurrentUrl().substring(address.length());
    }

    void signIn() {
        open("/sign-in");
        type(By.name("email"), Jomble.EMAIL);
        type(By.name("password"), Jomble.PASSWORD + Keys.ENTER);
        await(By.linkText("Sign out"), By.xpath("//button[.='Sign out']"));
    }

    /** Opens a client's workspace at a step, and answers the client's path. */
    String openClient(String name, String step) {
        open("/clients");
        click(By.xpath("//a[contains(., '" + name + "')]"));
        until(b -> b.address().matches(".*/(pieces|brief).*"));
        String path = address().replaceAll("/(pieces|brief).*", "");
        if (!address().endsWith("/" + step)) {
            open(path + "/" + step);
        }
        return path;
    }

    WebElement see(By by) {
        return new WebDriverWait(driver, PATIENCE)
                .ignoring(StaleElementReferenceException.class)
                .until(d -> {
                    List<WebElement> found = d.findElements(by);
                    return found.isEmpty() || !found.get(0).isDisplayed() ? null : found.get(0);
                });
    }

    WebElement see(String testId) {
        return see(By.cssSelector("[data-testid='" + testId + "']"));
    }

    private void await(By... any) {
        until(b -> {
            for (By by : any) {
                if (!driver.findElements(by).isEmpty()) {
                    return true;
                }
            }
            return false;
        });
    }

    List<WebElement> all(By by) {
        return driver.findElements(by);
    }

    void until(Function<Browser, Boolean> condition) {
        new WebDriverWait(driver, PATIENCE)
                .ignoring(StaleElementReferenceException.class)
                .until(d -> condition.apply(this));
    }

    /** Waits until an element's text passes the test, and answers it. */
    String untilText(By by, Function<String, Boolean> test) {
        return new WebDriverWait(driver, PATIENCE)
                .ignoring(StaleElementReferenceException.class)
                .until(d -> {
                    String text = see(by).getText();
                    return test.apply(text) ? text : null;
                });
    }

    /** Waits until an attribute of an element passes the test, and answers it as it was then. */
    String untilAttribute(By by, String name, Function<String, Boolean> test) {
        return new WebDriverWait(driver, PATIENCE)
                .ignoring(StaleElementReferenceException.class)
                .until(d -> {
                    String value = see(by).getAttribute(name);
                    return value != null && test.apply(value) ? value : null;
                });
    }

    void click(By by) {
        see(by).click();
    }

    void type(By by, CharSequence text) {
        see(by).sendKeys(text);
    }

    /** Keys to whatever has the focus. */
    void press(CharSequence keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    void reload() {
        driver.navigate().refresh();
    }

    /** Opens a select and chooses an option by its value. */
    void choose(By select, String value) {
        click(select);
        click(By.cssSelector("[role='option'][data-value='" + value + "']"));
    }

    void pressWithControl(CharSequence key) {
        pressWith(Keys.CONTROL, key);
    }

    void pressWith(Keys held, CharSequence key) {
        new Actions(driver).keyDown(held).sendKeys(key).keyUp(held).perform();
    }

    void pressRedo() {
        new Actions(driver)
                .keyDown(Keys.CONTROL)
                .keyDown(Keys.SHIFT)
                .sendKeys("z")
                .keyUp(Keys.SHIFT)
                .keyUp(Keys.CONTROL)
                .perform();
    }

    WebElement focused() {
        return driver.switchTo().activeElement();
    }

    Object run(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    /** Runs a script that calls its last argument when it is done. */
    Object runLong(String script, Object... arguments) {
        return driver.executeAsyncScript(script, arguments);
    }

    /** Nothing serious or critical by WCAG 2.2 AA on the screen as it stands. */
    void checkAccessibility() {
        checkAccessibility(new AxeBuilder());
    }

    /** The same of what a selector finds: what is open over a page hides the page from screen readers. */
    void checkAccessibilityOf(String selector) {
        checkAccessibility(new AxeBuilder().include(List.of(selector)));
    }

    private void checkAccessibility(AxeBuilder axe) {
        axe.setLegacyMode(true);
        axe.setOptions(AXE_OPTIONS);
        List<Rule> violations = axe.analyze(driver).getViolations();
        assertThat(violations)
                .as(() -> violations.stream()
                        .map(rule -> rule.getHelp() + ": "
                                + rule.getNodes().stream()
                                        .map(node -> node.getHtml())
                                        .toList())
                        .toList()
                        .toString())
                .isEmpty();
    }

    /** Checks the screen, and keeps its picture for the documentation when asked to with {@code -Djomble.write=true}. */
    void checked(String name) {
        checkAccessibility();
        if (Boolean.getBoolean("jomble.write")) {
            try {
                Files.createDirectories(PICTURES);
                Files.write(PICTURES.resolve(name + ".png"), driver.getScreenshotAs(OutputType.BYTES));
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    /** Ends the browser. On a busy machine the driver may not go down in time; its process is ended then, and no test is about that. */
    @Override
    public void close() {
        try {
            driver.quit();
        } catch (WebDriverException e) {
            if (!String.valueOf(e.getMessage()).contains("Timed out waiting for driver server to shutdown")) {
                throw e;
            }
        }
    }
}
