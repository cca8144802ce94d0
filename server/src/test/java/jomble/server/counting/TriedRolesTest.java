package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningJomble.class)
class TriedRolesTest {
    private static final Pattern TOTAL = Pattern.compile("event:complete\\s+data:\\{\"total\":(\\d+)");

    private static int total(Caller stylist, String address) {
        Matcher matcher = TOTAL.matcher(stylist.get(address).text());
        assertThat(matcher.find()).as(address).isTrue();
        return Integer.parseInt(matcher.group(1));
    }

    @Test
    void countsAsIfThePieceHadOtherRolesAndSavesNothing(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        for (String line : new String[] {"t-shirt white", "jeans navy", "trainers white", "overshirt olive"}) {
            stylist.post(client + "/pieces/entry", Map.of("line", line));
        }
        String counts = client + "/counts";
        assertThat(total(stylist, counts))
                .as("overshirt off, over the T-shirt, on its own")
                .isEqualTo(3);
        assertThat(total(stylist, counts + "?trying=p4&roles=mid")).isEqualTo(2);
        assertThat(total(stylist, counts)).isEqualTo(3);
        assertThat(stylist.get(counts + "?trying=p9&roles=mid").status()).isEqualTo(404);
        assertThat(stylist.get(counts + "?trying=p4&roles=middle").at("errors", 0, "pointer"))
                .isEqualTo("/roles/0");
    }

    @Test
    void crossesTheSlotsThatAreAskedFor(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        for (String line : new String[] {"t-shirt white", "jeans navy", "chinos grey", "trainers white"}) {
            stylist.post(client + "/pieces/entry", Map.of("line", line));
        }
        String counts = client + "/counts";
        assertThat(stylist.get(counts + "?rows=shoes&columns=bottom").text())
                .contains("shoes×bottom", "{\"a\":\"p4\",\"b\":\"p2\",\"n\":1}")
                .doesNotContain("top×bottom");
        assertThat(stylist.get(counts + "?rows=shoes&columns=socks").at("errors", 0, "message"))
                .asString()
                .contains("socks");
        assertThat(stylist.get(counts + "?rows=top&columns=top").at("errors", 0, "code"))
                .isEqualTo("not-a-pair");
    }
}
