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
import jomble.server.access.SecurityLog;
import jomble.server.problem.ProblemException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Rate limits. Failed sign-ins are limited by account and by address; repeated limits make the wait grow from a minute
 * to an hour. From an address that signed in to the account before, the right password is never refused, only slowed
 * down, so that wrong passwords of others do not keep the owner out.
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

    /** How long an attempt from a known address waits where others would be refused. */
    private static final Duration SLOWED = Duration.ofSeconds(2);

    private static final int AT_ONCE = 4;
    private static final int GATES = 64;

    /** By account, and address where it is known; some share one. */
    private final List<Semaphore> gates =
            Stream.generate(() -> new Semaphore(AT_ONCE)).limit(GATES).toList();

    private final BucketTable buckets;
    private final JdbcTemplate jdbc;
    private final SecurityLog log;

    Limits(DataSource database, JdbcTemplate jdbc, SecurityLog log) {
        this.log = log;
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
     * @param isKnown whether the account was signed in to from the address before
     * @param attempt empty when it fails
     * @throws ProblemException when too many attempts on the account or from the address failed
     */
    public <T> Optional<T> signIn(String account, String address, boolean isKnown, Supplier<Optional<T>> attempt) {
        String name = nameOfAccount(account) + (isKnown ? " from " + address : "");
        Semaphore gate = gates.get(Math.floorMod(name.hashCode(), gates.size()));
        gate.acquireUninterruptibly();
        try {
            BucketProxy own = buckets.builder().build(name, () -> BY_ACCOUNT);
            List<BucketProxy> all = isKnown ? List.of(own) : List.of(ofAddress(address), own);
            if (!isKnown) {
                all.forEach(bucket -> check(bucket.estimateAbilityToConsume(1), address));
            } else if (!own.estimateAbilityToConsume(1).canBeConsumed()) {
                Thread.sleep(SLOWED.toMillis());
            }
            Optional<T> found = attempt.get();
            if (found.isEmpty()) {
                check(own.estimateAbilityToConsume(1), address);
            }
            if (found.isEmpty()) {
                all.forEach(bucket -> bucket.tryConsume(1));
            } else {
                buckets.removeProxy(name);
            }
            return found;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } finally {
            gate.release();
        }
    }

    private void check(EstimationProbe probe, String address) {
        if (!probe.canBeConsumed()) {
            refuse("sign-in", address, probe.getNanosToWaitForRefill());
        }
    }

    /** @throws ProblemException when a token exceeds its rate */
    public void computing(String token, String address) {
        ConsumptionProbe probe =
                buckets.builder().build("compute " + token, () -> BY_TOKEN).tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            refuse("compute", address, probe.getNanosToWaitForRefill());
        }
    }

    private BucketProxy ofAddress(String address) {
        return buckets.builder().build("sign-in from " + address, () -> BY_ADDRESS);
    }

    /** The name as typed, cut to fit the column. */
    private static String nameOfAccount(String account) {
        return "sign-in as " + account.substring(0, Math.min(80, account.length()));
    }

    private void refuse(String limit, String address, long waitNanos) {
        long waitSeconds = 1 + TimeUnit.NANOSECONDS.toSeconds(waitNanos);
        log.limited(limit, address, waitSeconds);
        throw ProblemException.tooMany(waitSeconds);
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void forget() {
        jdbc.update("delete from rate_bucket where expires_at < ?", System.currentTimeMillis());
    }
}
