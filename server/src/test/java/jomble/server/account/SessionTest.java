package jomble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import jomble.server.client.ClientService;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import jomble.server.studio.StudioMember;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.core.context.SecurityContextHolder;

@ExtendWith(RunningJomble.class)
class SessionTest {
    private static final String SESSION = "/api/v1/session";

    @Test
    void signsInAndOut(Jomble jomble) {
        Caller stylist = jomble.stylist();
        assertThat(stylist.get(SESSION).json())
                .containsEntry("studio", "Quarterlight Styling")
                .containsEntry("currency", "EUR");
        assertThat(stylist.delete(SESSION).status()).isEqualTo(204);
        assertThat(stylist.get(SESSION).status()).isEqualTo(401);
    }

    @ParameterizedTest
    @CsvSource({"stylist@quarterlight.example, wrong", "nobody@quarterlight.example, vessel-bay"})
    void refusesAWrongAddressAndAWrongPasswordAlike(String email, String password, Jomble jomble) {
        Caller caller = jomble.anonymous();
        caller.get(SESSION);
        Answer answer = caller.post(SESSION, Map.of("email", email, "password", password));
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.json())
                .containsEntry("code", "sign-in-failed")
                .containsEntry("detail", "The address or the password is not right.");
    }

    @Test
    void refusesAChangeWithoutTheCsrfToken(Jomble jomble) {
        Caller stylist = jomble.stylist();
        Answer bare = stylist.withoutCsrf().post("/api/v1/clients", Map.of("name", "Forged"));
        assertThat(bare.status()).isEqualTo(403);
        assertThat(bare.json()).containsEntry("code", "forbidden");
    }

    @Test
    void programsMayComputeAndNothingElse(Jomble jomble) {
        Caller program = jomble.program();
        assertThat(program.post("/api/v1/compute/count", Map.of("wardrobe", Map.of()))
                        .status())
                .isEqualTo(200);
        assertThat(program.get("/api/v1/clients").status()).isEqualTo(403);
        assertThat(jomble.anonymous()
                        .post("/api/v1/compute/count", Map.of("wardrobe", Map.of()))
                        .status())
                .isEqualTo(401);
    }

    @Test
    void aStudioNeverSeesAnothersClients(Jomble jomble) {
        UUID studio = jomble.newStudio("Second studio", "other@second.example", "second");
        Caller other = jomble.anonymous();
        other.signIn("other@second.example", "second");
        assertThat(other.get("/api/v1/clients").list()).isEmpty();

        String ines = jomble.stylist().get("/api/v1/clients").list().stream()
                .filter(client -> client.get("name").equals("Ines Halvard"))
                .map(client -> client.get("id").toString())
                .findFirst()
                .orElseThrow();
        assertThat(other.get("/api/v1/clients/" + ines + "/pieces").status()).isEqualTo(404);
        assertThat(other.put("/api/v1/clients/" + ines + "/document", Map.of()).status())
                .isEqualTo(404);
        assertThat(jomble.stylist().get("/api/v1/clients/" + ines + "/pieces").list())
                .hasSize(64);

        SecurityContextHolder.getContext()
                .setAuthentication(
                        new MemberAuthentication(new StudioMember(null, studio, "x", "Second studio", "EUR")));
        try {
            assertThat(jomble.bean(ClientService.class).all()).isEmpty();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }
}
