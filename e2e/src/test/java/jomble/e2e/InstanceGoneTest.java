package jomble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;

/** The instance that counts for a page goes: the page asks again, and another one answers. */
@ExtendWith(RunningJomble.class)
class InstanceGoneTest {
    private static final String CLIENT = "Counted twice";

    @Test
    void thePageAsksAnotherOne(Jomble jomble) throws Exception {
        Caller stylist = jomble.stylist();
        String client = "/api/v1/clients/"
                + stylist.post("/api/v1/clients", Map.of("name", CLIENT)).at("id");
        for (String line : new String[] {"t-shirt white", "jeans navy", "trainers white", "shirt pale blue"}) {
            stylist.post(client + "/pieces/entry", Map.of("line", line));
        }
        try (Jomble second = Jomble.another();
                Relay relay = new Relay(second.address(), jomble.address(), "event:counts\n")) {
            Browser browser = new Browser(relay.address());
            try {
                browser.signIn();
                browser.openClient(CLIENT, "counts");
                String figures =
                        browser.untilText(By.tagName("aside"), text -> text.contains("outfits you would wear"));
                assertThat(figures).contains("2\n");
                assertThat(relay.isFirstGone()).isTrue();
            } finally {
                browser.close();
            }
        }
    }
}
