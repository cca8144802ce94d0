package jomble.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.server.access.WritingCalls.Client;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Calls;
import jomble.server.running.Calls.Call;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is refused was not done: each writing call, refused for every reason there is, leaves everything as it was. */
@ExtendWith(RunningJomble.class)
class NoTraceTest {
    /** Calls that change nothing although they are no GET: they answer a question with a long body. */
    private static final Set<String> ASKING = Set.of(
            "capsule-figures",
            "changes",
            "missing-piece",
            "of-outfit",
            "outfits",
            "preview",
            "judge",
            "occasion-trial",
            "paths",
            "why",
            "read",
            "entry",
            "lines");

    private static Caller stylist;
    private static List<Caller> notAllowed;

    @BeforeAll
    static void somebodyAndThoseWhoMayNot(Jomble jomble) {
        stylist = jomble.stylist();
        notAllowed =
                List.of(jomble.anonymous(), jomble.program(), jomble.stylist().withoutCsrf());
    }

    static Stream<String> writing() {
        return Calls.all()
                .filter(Call::changes)
                .filter(call -> !call.isCompute() && !call.path().endsWith("/session"))
                .filter(call -> !(call.method().equals("POST") && isAsking(call.path())))
                .map(Call::toString);
    }

    private static boolean isAsking(String path) {
        boolean recordsPieces = path.contains("/pieces/entr");
        return !recordsPieces && ASKING.contains(path.substring(path.lastIndexOf('/') + 1));
    }

    @Test
    void everyWritingCallIsTried() {
        Client client = WritingCalls.aClient(stylist);
        assertThat(WritingCalls.bodies(stylist, client).keySet())
                .containsExactlyInAnyOrderElementsOf(writing().collect(Collectors.toSet()));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("writing")
    void aRefusalLeavesNoTrace(String call, Jomble jomble) {
        Client client = WritingCalls.aClient(stylist);
        Object body = WritingCalls.bodies(stylist, client).get(call);
        String address = client.address(call);
        String method = call.substring(0, call.indexOf(' '));
        String type = body instanceof byte[]
                ? "application/octet-stream"
                : body instanceof String ? "text/csv" : "application/json";
        String tag = stylist.tag(address);
        Map<String, Object> before = everything(jomble, client);

        List<Answer> refused = new ArrayList<>();
        refused.add(
                stylist.raw(method, address, body, "Accept", "application/xml", "Content-Type", type, "If-Match", tag));
        refused.add(stylist.raw(method, address, body, "Accept", "no type", "Content-Type", type, "If-Match", tag));
        notAllowed.forEach(
                caller -> refused.add(caller.raw(method, address, body, "Content-Type", type, "If-Match", tag)));
        if (body != null) {
            refused.add(
                    stylist.raw(method, address, "<wardrobe/>", "Content-Type", "application/xml", "If-Match", tag));
        }
        if (body instanceof Map) {
            refused.add(stylist.raw(method, address, "{", "Content-Type", type, "If-Match", tag));
            refused.add(stylist.raw(method, address, "{\"unknown\": 1}", "Content-Type", type, "If-Match", tag));
        }
        if (address.startsWith(client.path() + "/")) {
            String elsewhere = address.replace(client.path(), "/api/v1/clients/" + new UUID(0, 1));
            refused.add(stylist.raw(method, elsewhere, body, "Content-Type", type, "If-Match", tag));
        }
        if (!method.equals("POST")) {
            Answer unseen = stylist.raw(method, address, body, "Content-Type", type);
            assertThat(unseen.status())
                    .as("without a version: " + unseen.text())
                    .isEqualTo(428);
            Answer stale = stylist.raw(method, address, body, "Content-Type", type, "If-Match", "\"987654321\"");
            assertThat(stale.status())
                    .as("with a version that never was: " + stale.text())
                    .isEqualTo(412);
        }
        assertThat(refused)
                .extracting(Answer::status)
                .allSatisfy(status -> assertThat(status).isBetween(400, 499));
        assertThat(everything(jomble, client)).isEqualTo(before);

        Answer done = stylist.raw(method, address, body, "Content-Type", type, "If-Match", tag);
        assertThat(done.status())
                .as("what was refused could have been done: " + done.text())
                .isBetween(200, 299);
        assertThat(everything(jomble, client)).as("and is seen where it is").isNotEqualTo(before);
    }

    /** All that is stored for the client and the studio. */
    private static Map<String, Object> everything(Jomble jomble, Client client) {
        JdbcTemplate database = jomble.bean(JdbcTemplate.class);
        String id = client.path().substring(client.path().lastIndexOf('/') + 1);
        return Map.of(
                "document", stylist.get(client.path() + "/document").text(),
                "history",
                        database.queryForList(
                                "select number, action, ref from wardrobe_change where client_id = ? order by number",
                                id),
                "counters", database.queryForMap("select last_change, last_piece from client where id = ?", id),
                "photos", database.queryForList("select id, gone_with from photo where client_id = ? order by id", id),
                "clients", database.queryForObject("select count(*) from client", Integer.class),
                "studio",
                        database.queryForList(
                                "select rules, occasions, rules_version, occasions_version from studio order by id"),
                "kinds", database.queryForList("select name, offered, version from studio_kind order by name"));
    }
}
