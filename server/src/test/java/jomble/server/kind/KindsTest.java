package jomble.server.kind;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningJomble.class)
@Tag("writes")
class KindsTest {
    private static String name() {
        return "smock " + UUID.randomUUID().toString().replaceAll("[-\\d]", "");
    }

    private static Caller.Answer make(Caller stylist, String name) {
        Map<String, Object> set = Map.of("cloth", "canvas", "cost", Map.of("amount", 5, "currency", "EUR"));
        return stylist.post("/api/v1/kinds", Map.of("name", name, "like", "overshirt", "set", set));
    }

    @Test
    void aKindMadeByCopyingIsEnteredByNameAndTravelsInTheDocument(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String name = name();
        assertThat(make(stylist, name).at("set")).as("a cost is of one piece").isEqualTo(Map.of("cloth", "canvas"));

        String client = stylist.newClient();
        Caller.Answer piece = stylist.post(client + "/pieces/entry", Map.of("line", name + " red"));
        assertThat(piece.at("kindName")).isEqualTo(name);
        assertThat(piece.at("resolved", "cloth")).isEqualTo("canvas");
        assertThat(piece.at("set", "cloth")).isNull();

        Map<String, Object> document = stylist.get(client + "/document").json();
        assertThat(document.get("kinds"))
                .asInstanceOf(InstanceOfAssertFactories.LIST)
                .hasSize(1);
        String other = stylist.newClient();
        assertThat(stylist.put(other + "/document", document).status()).isEqualTo(200);
        assertThat(stylist.get(other + "/document").json()).isEqualTo(document);
    }

    @Test
    void aKindNoLongerOfferedStaysWithItsPieces(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String name = name();
        String id = make(stylist, name).at("id").toString();
        String client = stylist.newClient();
        stylist.post(client + "/pieces/entry", Map.of("line", name + " red"));
        stylist.put("/api/v1/kinds/" + id + "/offered", Map.of("offered", false));

        assertThat(stylist.post(client + "/pieces/entry", Map.of("line", name + " blue"))
                        .status())
                .isEqualTo(400);
        assertThat(stylist.get(client + "/pieces").at(0, "kindName")).isEqualTo(name);
        assertThat(stylist.post(client + "/undo", null).at("undone")).isEqualTo(true);
        assertThat(stylist.post(client + "/redo", null).at("undone")).isEqualTo(true);
    }

    @Test
    void refusesANameThatIsTakenAndAKindThatIsLikeNothing(Jomble jomble) {
        Caller stylist = jomble.stylist();
        assertThat(make(stylist, "trench coat").at("code")).isEqualTo("kind-taken");
        Caller.Answer unlike = stylist.post("/api/v1/kinds", Map.of("name", name(), "like", "overshrit"));
        assertThat(unlike.at("errors", 0, "message").toString()).contains("overshirt");
        assertThat(List.of(unlike.status(), make(stylist, "a/b").status())).containsExactly(400, 400);
    }
}
