package jomble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpHeaders;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
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
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
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

    /** Tells how long to wait, and lets others and right passwords through. */
    @Test
    void boundsHowOftenAPasswordIsTried(Jomble jomble) {
        String email = "tried@quarterlight.example";
        jomble.newStudio("Tried", email, "right");
        Caller caller = jomble.anonymous();
        caller.get(SESSION);
        for (int i = 0; i < 4; i++) {
            assertThat(caller.post(SESSION, Map.of("email", email, "password", "wrong"))
                            .status())
                    .isEqualTo(401);
        }
        caller.signIn(email.toUpperCase(Locale.ROOT), "right");
        List<Answer> answers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            answers.add(caller.post(SESSION, Map.of("email", email, "password", "wrong")));
        }
        assertThat(answers).extracting(Answer::status).containsExactly(401, 401, 401, 401, 401, 429, 429, 429);
        Answer last = answers.get(7);
        assertThat(last.json()).containsEntry("code", "too-many-requests");
        assertThat(Integer.parseInt(last.headers().firstValue("Retry-After").orElseThrow()))
                .isBetween(1, 61);
        assertThat(jomble.bean(JdbcTemplate.class)
                        .queryForObject("select count(*) from rate_bucket where id like '%tried@%'", Integer.class))
                .isEqualTo(1);
        assertThat(caller.post(SESSION, Map.of("email", email, "password", "right"))
                        .status())
                .as("with the right one, from where the account was signed in to before")
                .isEqualTo(200);
        assertThat(jomble.stylist().get(SESSION).status()).isEqualTo(200);
    }

    /** Everybody but the owner comes from elsewhere; the application is told by a proxy from where. */
    @Test
    void isNotLockedForItsOwnerByWrongPasswordsOfOthers() {
        try (Jomble jomble = Jomble.another(Map.of("server.tomcat.remoteip.internal-proxies", "127\\.0\\.0\\.1"))) {
            String email = "owner@besieged.example";
            jomble.newStudio("Besieged", email, "right");
            Caller caller = jomble.anonymous();
            assertThat(signInFrom(caller, "192.0.2.7", email, "right")).isEqualTo(200);
            List<Integer> others = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                others.add(signInFrom(caller, "198.51.100." + i, email, "wrong"));
            }
            assertThat(others).containsExactly(401, 401, 401, 401, 401, 429, 429);
            assertThat(signInFrom(caller, "198.51.100.9", email, "right"))
                    .as("from an address never seen before")
                    .isEqualTo(429);
            assertThat(signInFrom(caller, "192.0.2.7", email, "right")).isEqualTo(200);
        }
    }

    private static int signInFrom(Caller caller, String address, String email, String password) {
        caller.get(SESSION);
        return caller.send("POST", SESSION, Map.of("email", email, "password", password), "X-Forwarded-For", address)
                .status();
    }

    @ParameterizedTest
    @ValueSource(strings = {"update account set version = version + 1", "delete from account"})
    void endsWhenTheAccountChangesOrGoes(String change, Jomble jomble) {
        String email = change.substring(0, 6) + "@changing.example";
        jomble.newStudio("Changing", email, "password");
        Caller caller = jomble.anonymous();
        caller.signIn(email, "password");
        assertThat(caller.get("/api/v1/clients").status()).isEqualTo(200);
        jomble.bean(JdbcTemplate.class).update(change + " where email = ?", email);
        assertThat(caller.get("/api/v1/clients").status()).isEqualTo(401);
        assertThat(caller.get("/api/v1/clients").status()).isEqualTo(401);
    }

    @Test
    void endsAWeekAfterItBegan(Jomble jomble) {
        Caller caller = jomble.stylist();
        jomble.bean(JdbcTemplate.class)
                .update("update SPRING_SESSION set CREATION_TIME = CREATION_TIME - ?", TimeUnit.DAYS.toMillis(8));
        assertThat(caller.get("/api/v1/clients").status()).isEqualTo(401);
    }

    @Test
    void saysWhatABrowserShouldKnow(Jomble jomble) {
        HttpHeaders headers = jomble.anonymous().get("/").headers();
        assertThat(headers.firstValue("Referrer-Policy")).contains("same-origin");
        assertThat(headers.firstValue("Permissions-Policy").orElse("")).contains("geolocation=()");
        assertThat(headers.firstValue("Cross-Origin-Opener-Policy")).contains("same-origin");
        assertThat(headers.firstValue("Content-Security-Policy").orElse("")).contains("frame-ancestors 'none'");
    }

    @Test
    void saysHowItFaresToWhoeverMayKnow(Jomble jomble) {
        for (String path : List.of("/healthz", "/readyz")) {
            assertThat(jomble.anonymous().get(path).json()).containsEntry("status", "UP");
        }
        assertThat(jomble.program().get("/metrics").text()).contains("jvm_memory_used_bytes", "hikaricp_connections");
        assertThat(jomble.anonymous().get("/metrics").status())
                .as("from this machine, or through a proxy on it")
                .isEqualTo(401);
        assertThat(jomble.stylist().get("/metrics").status()).isEqualTo(403);
        assertThat(jomble.anonymous().get("/env").status()).isEqualTo(404);
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
                        new MemberAuthentication(new StudioMember(null, 0, studio, "x", "Second studio", "EUR")));
        try {
            assertThat(jomble.bean(ClientService.class).all(java.time.LocalDate.EPOCH))
                    .isEmpty();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }
}
