package jomble.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;

@ExtendWith(RunningJomble.class)
class SecurityLogTest {
    private static final Logger LOGGER = (Logger) LoggerFactory.getLogger("jomble.security");
    private final ListAppender<ILoggingEvent> events = new ListAppender<>();

    @BeforeEach
    void listen() {
        events.start();
        LOGGER.addAppender(events);
    }

    @AfterEach
    void leave() {
        LOGGER.detachAppender(events);
    }

    private Iterable<String> told() {
        return events.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
    }

    @Test
    void tellsOfFailedSignInsAndLimitsWithoutWhatWasTyped(Jomble jomble) {
        jomble.newStudio("Logged", "logged@signs.example", "password");
        Caller caller = jomble.anonymous();
        caller.get("/api/v1/session");
        for (int i = 0; i < 6; i++) {
            caller.post("/api/v1/session", Map.of("email", "logged@signs.example", "password", "Secret words"));
        }
        caller.post("/api/v1/session", Map.of("email", "my password in the wrong field", "password", "x"));
        assertThat(told())
                .filteredOn(line -> line.contains("event=sign-in-failed"))
                .hasSize(6)
                .allSatisfy(line -> assertThat(line).contains("address=127.0.0.1"))
                .anySatisfy(line -> assertThat(line).contains("account=unknown"));
        assertThat(told()).anySatisfy(line -> assertThat(line).contains("event=too-many-requests", "limit=sign-in"));
        assertThat(told()).allSatisfy(line -> assertThat(line).doesNotContain("Secret", "wrong field", "logged@"));
    }

    @Test
    void tellsOfForgedRequests(Jomble jomble) {
        jomble.stylist().withoutCsrf().post("/api/v1/clients", Map.of("name", "Forged name"));
        assertThat(told())
                .singleElement()
                .satisfies(line -> assertThat(line)
                        .contains("event=csrf-refused", "method=POST")
                        .doesNotContain("Forged name"));
    }
}
