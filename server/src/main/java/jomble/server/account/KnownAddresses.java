package jomble.server.account;

import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** From which addresses accounts were signed in to; forgotten a year after the last time. */
@Component
class KnownAddresses {
    private static final Duration KEPT = Duration.ofDays(365);

    private final JdbcTemplate jdbc;
    private final Clock clock;

    KnownAddresses(JdbcTemplate jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    boolean isKnown(UUID account, String address) {
        return !jdbc.queryForList(
                        "select 1 from known_address where account_id = ? and address = ? and seen_at > ?",
                        account.toString(),
                        address,
                        clock.millis() - KEPT.toMillis())
                .isEmpty();
    }

    void know(UUID account, String address) {
        jdbc.update(
                "insert into known_address (account_id, address, seen_at) values (?, ?, ?)"
                        + " on duplicate key update seen_at = values(seen_at)",
                account.toString(),
                address,
                clock.millis());
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.DAYS)
    void forget() {
        jdbc.update("delete from known_address where seen_at < ?", clock.millis() - KEPT.toMillis());
    }
}
