package jomble.e2e;

import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;

/** What all browser tests need: the running application and a window on it, signed in. */
@ExtendWith(RunningJomble.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class BrowserTest {
    Browser browser;

    @BeforeAll
    void openBrowser(Jomble jomble) {
        browser = new Browser(jomble.address());
        browser.signIn();
    }

    @AfterAll
    void closeBrowser() {
        browser.close();
    }
}
