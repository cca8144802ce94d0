package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;

/** Addresses that lead nowhere, clients that are gone, pages that fail. */
class StrayPagesTest extends BrowserTest {
    private static final By WAY_BACK = By.xpath("//main//a[@href='/clients']");

    @ParameterizedTest
    @ValueSource(strings = {"/nowhere", "/outfits/y/z", "/help/more"})
    void anAddressThatLeadsNowhereHasAPageWithAWayBack(String address) {
        browser.open(address);
        browser.see(By.xpath("//h1[.='There is no page here']"));
        browser.checkAccessibility();
        browser.click(WAY_BACK);
        browser.see(By.xpath("//h1[contains(., 'Clients')]"));
    }

    @Test
    void aStepThatIsNoneLeavesTheClientAround() {
        String path = browser.openClient("Ines Halvard", "brief");
        browser.open(path + "/horoscope");
        browser.see(By.xpath("//main//h1[.='There is no page here']"));
        browser.see(By.xpath("//nav//a[contains(., 'Pieces')]"));
    }

    @Test
    void aClientThatIsGoneSaysSo() {
        browser.open("/clients/018f0000-0000-7000-8000-000000000000/brief");
        assertThat(browser.see(By.cssSelector("[role='alert']")).getText()).contains("This client");
        browser.see(WAY_BACK);
    }
}
