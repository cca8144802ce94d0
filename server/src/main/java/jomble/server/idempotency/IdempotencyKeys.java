package jomble.server.idempotency;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import jomble.server.problem.ProblemException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Remembers for a day which keyed requests were carried out. The key is stored in the transaction of what it did: there
 * is never one without the other.
 */
@Component
public class IdempotencyKeys {
    static final String ATTEMPT = IdempotencyKeys.class.getName();
    private static final Duration KEPT = Duration.ofDays(1);
    private static final int TRIES = 5;
    private static final Logger LOG = LoggerFactory.getLogger(IdempotencyKeys.class);

    private final JdbcTemplate jdbc;
    private final Clock clock;

    IdempotencyKeys(JdbcTemplate jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A request with a key that is being carried out. */
    record Attempt(UUID studioId, String key, UUID id) {}

    /**
     * A request that was carried out.
     *
     * @param digest,answer null until it was answered
     */
    record Done(String digest, byte[] answer) {}

    /**
     * Stores the key of the current request, if it has one, in the current transaction. Call it before anything is
     * written. With a lock on the row: a repetition that runs at the same time waits for the first, then is refused.
     *
     * @throws ProblemException when a request with this key was carried out before
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void claim() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        Object found = request == null ? null : request.getAttribute(ATTEMPT, RequestAttributes.SCOPE_REQUEST);
        if (!(found instanceof Attempt attempt)) {
            return;
        }
        int added = jdbc.update(
                "insert ignore into done_request (studio_id, id, attempt, done_at) values (?, ?, ?, ?)",
                attempt.studioId().toString(),
                attempt.key(),
                attempt.id().toString(),
                clock.millis());
        boolean isOwn = added > 0
                || jdbc.queryForList(
                                // No stronger lock than a duplicate insert takes: two repetitions that both want more
                                // of the
                                // row would deadlock with each other and with whoever stores the answer.
                                "select attempt from done_request where studio_id = ? and id = ? lock in share mode",
                                String.class,
                                attempt.studioId().toString(),
                                attempt.key())
                        .contains(attempt.id().toString());
        if (!isOwn) {
            throw ProblemException.alreadyDone();
        }
    }

    Optional<Done> find(UUID studioId, String key) {
        List<Done> found = jdbc.query(
                "select digest, answer from done_request where studio_id = ? and id = ?",
                (row, number) -> new Done(row.getString(1), row.getBytes(2)),
                studioId.toString(),
                key);
        return found.stream().findFirst();
    }

    /**
     * Stores the answer, if the request was one that claims its key. What was done is saved by then, so that a failure
     * here is none of the request: without its answer a repetition is told that it was done.
     */
    void answered(Attempt attempt, String digest, byte[] answer) {
        for (int i = 0; i < TRIES; i++) {
            try {
                store(attempt, digest, answer);
                return;
            } catch (TransientDataAccessException e) {
                LOG.debug("the answer to a repeated request has to be stored again", e);
            } catch (DataAccessException e) {
                LOG.warn("the answer to a request with a key is not stored", e);
                return;
            }
        }
    }

    private void store(Attempt attempt, String digest, byte[] answer) {
        jdbc.update(
                "update done_request set digest = ?, answer = ? where studio_id = ? and id = ? and attempt = ?",
                digest,
                answer,
                attempt.studioId().toString(),
                attempt.key(),
                attempt.id().toString());
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void forget() {
        jdbc.update("delete from done_request where done_at < ?", clock.millis() - KEPT.toMillis());
    }
}
