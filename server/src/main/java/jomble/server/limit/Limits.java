package jomble.server.limit;

import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.distributed.BucketProxy;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.proxy.ClientSideConfig;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import jomble.server.problem.ProblemException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Bounds what may be tried in a while. Sign-ins are bounded by the account that is tried and by the address that tries; several bounds at once
 * make the wait grow from a minute to an hour. Only failures count.
 */
@Component
public class Limits {
    private static final Duration LONGEST = Duration.ofHours(2);
    private static final BucketConfiguration BY_ACCOUNT = BucketConfiguration.builder()
            .addLimit(limit -> limit.capacity(5).refillIntervally(5, Duration.ofMinutes(1)))
            .addLimit(limit -> limit.capacity(10).refillIntervally(10, Duration.ofMinutes(10)))
            .addLimit(limit -> limit.capacity(20).refillIntervally(20, Duration.ofHours(1)))
            .build();

    private static final BucketConfiguration BY_ADDRESS = BucketConfiguration.builder()
            .addLimit(limit -> limit.capacity(40).refillIntervally(40, Duration.ofMinutes(1)))
            .addLimit(limit -> limit.capacity(200).refillIntervally(200, Duration.ofHours(1)))
            .build();

    private static final BucketConfiguration BY_TOKEN = BucketConfiguration.builder()
            .addLimit(limit -> limit.capacity(3000).refillGreedy(3000, Duration.ofMinutes(1)))
            .build();

    private final BucketTable buckets;
    private final JdbcTemplate jdbc;

    Limits(DataSource database, JdbcTemplate jdbc) {
        this.buckets = new BucketTable(
                database,
                ClientSideConfig.getDefault()
                        .withExpirationAfterWriteStrategy(
                                ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(LONGEST)));
        this.jdbc = jdbc;
    }

    /**
     * Takes note of an attempt to sign in before it is known whether it is right.
     *
     * @throws ProblemException when there were too many of the account or from the address
     */
    public void signingIn(String account, String address) {
        use(ofAddress(address));
        use(ofAccount(account));
    }

    /** Takes the note back: what was right does not count, and clears the account. */
    public void signedIn(String account, String address) {
        ofAddress(address).addTokens(1);
        buckets.removeProxy(nameOfAccount(account));
    }

    /** @throws ProblemException when a token asks too much */
    public void computing(String token) {
        use(buckets.builder().build("compute " + token, () -> BY_TOKEN));
    }

    private BucketProxy ofAddress(String address) {
        return buckets.builder().build("sign-in from " + address, () -> BY_ADDRESS);
    }

    private BucketProxy ofAccount(String account) {
        return buckets.builder().build(nameOfAccount(account), () -> BY_ACCOUNT);
    }

    /** Whatever was typed, cut to what fits. */
    private static String nameOfAccount(String account) {
        return "sign-in as " + account.substring(0, Math.min(100, account.length()));
    }

    private static void use(BucketProxy bucket) {
        ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            throw ProblemException.tooMany(1 + TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()));
        }
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void forget() {
        jdbc.update("delete from rate_bucket where expires_at < ?", System.currentTimeMillis());
    }
}
