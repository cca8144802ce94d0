package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The page of the kit, which is served with the pages' sources only: each part in its states, open and closed. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KitTest {
    private static final String OPEN = "[data-radix-popper-content-wrapper], [role=dialog]";

    private Process pages;
    private Browser browser;

    @BeforeAll
    void servePagesFromTheirSources() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        pages = new ProcessBuilder(
                        "node",
                        "node_modules/vite/bin/vite.js",
                        "--host",
                        "127.0.0.1",
                        "--port",
                        Integer.toString(port),
                        "--strictPort")
                .directory(Path.of("../web").toFile())
                .redirectErrorStream(true)
                .redirectOutput(Path.of("target/kit-pages.log").toFile())
                .start();
        String address = "http://127.0.0.1:" + port;
        for (int tries = 0; !answers(address); tries++) {
            assertThat(tries < 240 && pages.isAlive()).as("pages are served").isTrue();
            TimeUnit.MILLISECONDS.sleep(250);
        }
        browser = new Browser(address);
    }

    private static boolean answers(String address) {
        try {
            HttpURLConnection asked =
                    (HttpURLConnection) URI.create(address).toURL().openConnection();
            return asked.getResponseCode() == HttpURLConnection.HTTP_OK;
        } catch (IOException e) {
            return false;
        }
    }

    @AfterAll
    void stop() throws InterruptedException {
        if (browser != null) {
            browser.close();
        }
        pages.destroy();
        pages.waitFor(10, TimeUnit.SECONDS);
    }

    @Test
    void everyPartIsAccessibleInEveryState() {
        browser.open("/ui");
        browser.see(By.xpath("//h2[.='Button']"));
        browser.checkAccessibility();
        assertThat(Layout.faults(browser)).isEmpty();
        opens("//button[@aria-label='More to do']", "//*[@role='menuitem'][.='Print']");
        opens("//button[@role='combobox'][@aria-label='Season']", "//*[@role='option'][.='summer']");
        opens("//button[.='Find a piece']", "//*[@role='option'][contains(., 'navy wool blazer')]");
        opens("//button[.='pair']", "//*[@role='tooltip']/..");
        opens("//button[.='Open a dialog']", "//*[@role='dialog']//h2");
        opens("//button[.='Ask for a name']", "//*[@role='dialog']//textarea");
        browser.click(By.xpath("//button[.='Tell, with a way back']"));
        browser.click(By.xpath("//button[.='Undo']"));
        browser.see(By.xpath("//*[.='Undone']"));
        browser.checkAccessibility();
    }

    @Test
    void aNameIsAskedForUntilThereIsOne() {
        browser.open("/ui");
        browser.click(By.xpath("//button[.='Ask for a name']"));
        browser.type(By.name("name"), Keys.chord(Keys.CONTROL, "a") + Keys.DELETE);
        browser.click(By.xpath("//*[@role='dialog']//button[.='Save']"));
        browser.see(By.xpath("//*[@role='alert'][.='Give it a name.']"));
        assertThat(browser.see(By.name("name")).getDomAttribute("aria-invalid")).isEqualTo("true");
        browser.checkAccessibilityOf(OPEN);
        browser.type(By.name("name"), "Winter");
        browser.click(By.xpath("//*[@role='dialog']//button[.='Save']"));
        browser.until(b -> b.all(By.cssSelector("[role=dialog]")).isEmpty());
    }

    /** Opens something, checks it while it is open, and closes it by keyboard. */
    private void opens(String what, String shown) {
        browser.click(By.xpath(what));
        browser.see(By.xpath(shown));
        browser.checkAccessibilityOf(OPEN);
        browser.press(Keys.ESCAPE);
        browser.until(b -> b.all(By.xpath(shown)).isEmpty());
    }
}
