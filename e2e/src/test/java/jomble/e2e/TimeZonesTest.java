package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.PrivateMariaDb;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;

/** Half past one at night in UTC: a day is that of whoever looks at the page, and a date is the same everywhere. */
class TimeZonesTest {
    private static final String NOW = "2027-01-13T01:30:00Z";
    private static final By WORN = By.xpath("//button[.='Worn today']");

    private static PrivateMariaDb database;
    private static Jomble jomble;
    private static Caller stylist;
    private static Browser browser;

    @BeforeAll
    static void start() throws Exception {
        database = PrivateMariaDb.start();
        jomble = Jomble.start(database, Map.of("jomble.clock", NOW));
        stylist = jomble.stylist();
        browser = new Browser(jomble.address());
        browser.signIn();
    }

    @AfterAll
    static void end() {
        browser.close();
        jomble.close();
        database.close();
    }

    private static String clientWithShirt() {
        String client = stylist.newClient();
        stylist.post(client + "/pieces", Map.of("id", "shirt", "kind", "shirt"));
        return client;
    }

    /** The address of a client's page. */
    private static String page(String client, String step) {
        return client.replace("/api/v1", "") + "/" + step;
    }

    private static Object lastWorn(String client) {
        browser.click(WORN);
        browser.until(b -> !stylist.get(client + "/wears").json().isEmpty());
        return stylist.get(client + "/wears").at("shirt", "last");
    }

    @ParameterizedTest(name = "in {0} it is {1}")
    @CsvSource({
        "America/Lima, 2027-01-12, 12 January 2027",
        "Pacific/Auckland, 2027-01-13, 13 January 2027",
        "Pacific/Pago_Pago, 2027-01-12, 12 January 2027",
    })
    void isWornOnTheDayOfTheOneWhoLooks(String zone, String day, String words) {
        String client = clientWithShirt();
        browser.zone(zone);
        browser.open(page(client, "pieces/shirt"));
        assertThat(lastWorn(client)).isEqualTo(day);
        assertThat(browser.untilText(By.cssSelector("[data-testid='worn']"), text -> text.contains("2027")))
                .contains(words);
    }

    @Test
    void aPageLeftOpenOverMidnightKnowsTheNewDay() {
        String client = clientWithShirt();
        browser.zone("America/Lima");
        browser.open(page(client, "pieces/shirt"));
        browser.see(WORN);
        browser.run("const then = Date.now; Date.now = () => then() + 4 * 3600 * 1000;");
        assertThat(lastWorn(client)).isEqualTo("2027-01-13");
    }

    @ParameterizedTest(name = "in {0} it is {1}")
    @CsvSource({"America/Lima, 2027-01-12, Tue 12 Jan", "Pacific/Auckland, 2027-01-13, Wed 13 Jan"})
    void theForecastBeginsOnThatDay(String zone, String day, String words) {
        browser.zone(zone);
        browser.openClient("Ines Halvard", "counts");
        browser.open(browser.address().replaceAll("\\?.*", "") + "?season=" + day);
        browser.untilText(By.tagName("header"), text -> text.replace(",", "").contains(words));
    }

    @Test
    void consentIsGivenOnThatDay() {
        String client = stylist.newClient();
        stylist.put(client + "/brief", Map.of("set", Map.of("boundaries", Map.of("tucks", false))));
        browser.zone("America/Lima");
        browser.open(page(client, "brief"));
        browser.click(By.xpath("//button[starts-with(normalize-space(.), '› Notes') or contains(., '›Notes')]"));
        browser.click(By.xpath("//label[contains(., 'Agreed to photos')]"));
        browser.until(b -> stylist.get(client + "/brief").text().contains("photoConsent"));
        assertThat(stylist.get(client + "/brief").at("brief", "photoConsent")).isEqualTo("2027-01-12");
    }
}
