package jomble.server.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningJomble.class)
class DrawingsTest {
    @Test
    void aDrawingIsKeptForEverUnderAnAddressThatChangesWithTheLook(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = stylist.newClient();
        Map<String, Object> shirt = Map.of("kind", "shirt", "label", "Hers", "colours", new String[] {"#22304d"});
        String address = stylist.post(client + "/pieces", shirt).at("flat").toString();
        Caller.Answer drawing = jomble.anonymous().get(address);
        assertThat(drawing.status()).isEqualTo(200);
        assertThat(drawing.headers().firstValue("Cache-Control"))
                .hasValueSatisfying(v -> assertThat(v).contains("immutable").contains("max-age=31536000"));
        assertThat(drawing.text()).startsWith("<svg").contains("#22304d").doesNotContain("Hers");
        assertThat(drawing.headers().allValues("Set-Cookie")).isEmpty();

        Map<String, Object> renamed = Map.of("kind", "shirt", "colours", new String[] {"#22304d"}, "notes", "old");
        assertThat(stylist.post(client + "/pieces", renamed).at("flat")).isEqualTo(address);
        Map<String, Object> red = Map.of("kind", "shirt", "colours", new String[] {"#c0272d"});
        assertThat(stylist.post(client + "/pieces", red).at("flat")).isNotEqualTo(address);
    }

    @Test
    void anotherEditionIsDrawnButNotKeptAndABadLookIsNamed(Jomble jomble) {
        Caller anyone = jomble.anonymous();
        Caller.Answer old = anyone.get("/drawings/000000000000/flat.svg?kind=shirt");
        assertThat(old.headers().firstValue("Cache-Control")).hasValue("no-store");
        Caller.Answer bad = anyone.get("/drawings/" + DrawingAddress.EDITION + "/flat.svg?kind=shirt&sleeve=endless");
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.at("errors", 0, "pointer")).isEqualTo("/sleeve");
    }
}
