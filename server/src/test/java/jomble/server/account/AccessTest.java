package jomble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Calls;
import jomble.server.running.Calls.Call;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every call there is, by everybody who must not make it. */
@ExtendWith(RunningJomble.class)
class AccessTest {
    private static final String SESSION = "/api/v1/session";
    private static final Set<String> PUBLIC = Set.of("/api/v1/schema/wardrobe.json", SESSION);
    private static final String NOBODY = new UUID(0, 1).toString();
    private static String client;
    private static Caller stranger;
    private static Caller anybody;
    private static Caller otherPage;
    private static Caller program;

    static Stream<Call> closed() {
        return Calls.all().filter(call -> !PUBLIC.contains(call.path()));
    }

    static Stream<Call> changing() {
        return Calls.all().filter(call -> call.changes() && !call.isCompute());
    }

    static Stream<Call> ofAClient() {
        return Calls.all().filter(Call::isOfAClient);
    }

    static Stream<Call> notForPrograms() {
        return closed().filter(call -> !call.isCompute());
    }

    @BeforeAll
    static void aStudioOfItsOwn(Jomble jomble) {
        client = jomble.stylist().get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").equals("Tomas Redfern"))
                .map(one -> one.get("id").toString())
                .findFirst()
                .orElseThrow();
        jomble.newStudio("Third studio", "stranger@third.example", "third");
        stranger = jomble.anonymous();
        stranger.signIn("stranger@third.example", "third");
        anybody = jomble.anonymous();
        anybody.get(SESSION);
        otherPage = jomble.stylist().withoutCsrf();
        program = jomble.program();
    }

    @Test
    void thereAreCallsOfEverySort() {
        assertThat(Stream.of(closed(), changing(), ofAClient(), notForPrograms()))
                .allSatisfy(calls -> assertThat(calls).hasSizeGreaterThan(15));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("closed")
    void nobodyCallsWithoutSigningIn(Call call) {
        Answer answer = call.by(anybody, client);
        assertThat(answer.status()).as(answer.text()).isEqualTo(401);
        assertThat(answer.text()).doesNotContain("Tomas");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("changing")
    void noOtherPageCallsInAStylistsName(Call call) {
        assertThat(call.by(otherPage, client).status()).isEqualTo(403);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("notForPrograms")
    void programsComputeAndNothingElse(Call call) {
        assertThat(call.by(program, client).status()).isEqualTo(403);
    }

    /** Not even that there is such a client: what is answered is what is answered of nobody. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("ofAClient")
    void aClientIsOfOneStudioOnly(Call call) {
        Answer answer = call.by(stranger, client);
        Answer ofNobody = call.by(stranger, NOBODY);
        assertThat(answer.status())
                .as(answer.text())
                .isEqualTo(ofNobody.status())
                .isBetween(400, 499);
        assertThat(answer.text().replace(client, "")).isEqualTo(ofNobody.text().replace(NOBODY, ""));
    }

    @AfterAll
    static void nothingWasChangedByAnyOfThem(Jomble jomble) {
        Caller stylist = jomble.stylist();
        assertThat(stylist.get("/api/v1/clients/" + client + "/pieces").list()).hasSize(48);
        assertThat(stylist.get("/api/v1/clients").list()).extracting("name").contains("Tomas Redfern");
    }
}
