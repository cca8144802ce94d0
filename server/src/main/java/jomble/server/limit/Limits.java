package jomble.server.limit;

import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.EstimationProbe;
import io.github.bucket4j.distributed.BucketProxy;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.proxy.ClientSideConfig;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javax.sql.DataSource;
import jomble.server.problem.ProblemException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Rate limits. Failed sign-ins are limited by account and by address; repeated limits make the wait grow from a minute
 * to an hour.
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

    private static final int AT_ONCE = 4;
    private static final int GATES = 64;

    /** By account; some accounts share one. */
    private final List<Semaphore> gates =
            Stream.generate(() -> new Semaphore(AT_ONCE)).limit(GATES).toList();

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
     * Attempts a sign-in. At most {@value #AT_ONCE} attempts on one account run at once, so that many concurrent ones
     * cannot pass before the first has failed.
     *
     * @param attempt empty when it fails
     * @throws ProblemException when too many attempts on the account or from the address failed
     */
    public <T> Optional<T> signIn(String account, String address, Supplier<Optional<T>> attempt) {
        Semaphore gate = gates.get(Math.floorMod(account.hashCode(), gates.size()));
        gate.acquireUninterruptibly();
        try {
            List<BucketProxy> both = List.of(ofAddress(address), ofAccount(account));
            both.forEach(bucket -> check(bucket.estimateAbilityToConsume(1)));
            Optional<T> found = attempt.get();
            if (found.isEmpty()) {
                both.forEach(bucket -> bucket.tryConsume(1));
            } else {
                buckets.removeProxy(nameOfAccount(account));
            }
            return found;
        } finally {
            gate.release();
        }
    }

    private static void check(EstimationProbe probe) {
        if (!probe.canBeConsumed()) {
            refuse(probe.getNanosToWaitForRefill());
        }
    }

    /** @throws ProblemException when a token exceeds its rate */
    public void computing(String token) {
        use(buckets.builder().build("compute " + token, () -> BY_TOKEN));
    }

    private BucketProxy ofAddress(String address) {
        return buckets.builder().build("sign-in from " + address, () -> BY_ADDRESS);
    }

    private BucketProxy ofAccount(String account) {
        return buckets.builder().build(nameOfAccount(account), () -> BY_ACCOUNT);
    }

    /** The name as typed, cut to fit the column. */
    private static String nameOfAccount(String account) {
        return "sign-in as " + account.substring(0, Math.min(100, account.length()));
    }

    private static void use(BucketProxy bucket) {
        ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            refuse(probe.getNanosToWaitForRefill());
        }
    }

    private static void refuse(long waitNanos) {
        throw ProblemException.tooMany(1 + TimeUnit.NANOSECONDS.toSeconds(waitNanos));
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void forget() {
        jdbc.update("delete from rate_bucket where expires_at < ?", System.currentTimeMillis());
    }
}
