package jomble.server.history;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.server.idempotency.IdempotencyKeys;
import jomble.server.problem.ProblemException;
import jomble.server.studio.StudioMember;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The append-only history of a client's wardrobe. Whoever changes anything in it holds the client first and records the
 * change in the same transaction.
 */
@Component
public class History {
    private static final Limit NEWEST = Limit.of(1);
    private static final Limit STORY = Limit.of(200);

    private final ChangeRepository changes;
    private final ChangeCounterRepository counters;
    private final EntityManager entities;
    private final IdempotencyKeys keys;
    private final Clock clock;

    History(
            ChangeRepository changes,
            ChangeCounterRepository counters,
            EntityManager entities,
            IdempotencyKeys keys,
            Clock clock) {
        this.keys = keys;
        this.changes = changes;
        this.counters = counters;
        this.entities = entities;
        this.clock = clock;
    }

    /**
     * Locks the client's wardrobe until the transaction ends, so that changes are serialised and each reads the result
     * of the one before. Must be called before anything is read in it.
     * Claims the request's Idempotency-Key, too.
     *
     * @throws ProblemException when there is no such client
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(UUID clientId) {
        if (counters.findToChange(clientId).isEmpty()) {
            throw ProblemException.notFound("This client");
        }
        keys.claim();
    }

    /**
     * Records a change of one entry.
     *
     * @param part the part of the wardrobe document
     * @param ref id of the entry; empty for a part that is no list
     * @param before,after document forms; null if there was none
     * @return its number among the client's changes, which only ever rises
     */
    public long record(UUID clientId, UUID step, String part, String ref, String before, String after) {
        return save(clientId, Change.of(clientId, step, part, ref, before, after));
    }

    /**
     * Records the deletion or the move of an entry.
     *
     * @param after null for a deletion
     * @param place where it stood
     */
    public long recordFrom(int place, UUID clientId, UUID step, String part, String ref, String before, String after) {
        return save(
                clientId, Change.of(clientId, step, part, ref, before, after).from(place));
    }

    /**
     * Records that a change was undone, as part of the step {@code step}.
     *
     * @param place where the entry stood if this deletes or moves it, or null
     */
    long recordTakenBack(UUID clientId, Change change, UUID step, Integer place) {
        return save(clientId, Change.takingBack(change, step).from(place));
    }

    private long save(UUID clientId, Change change) {
        // Held before, so it is at hand without another query.
        long number = entities.find(ChangeCounter.class, clientId).next();
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        changes.save(
                change.at(number).by(who instanceof StudioMember member ? member.accountId() : null, clock.instant()));
        return number;
    }

    /** The number of the client's latest change; empty when there is no such client. */
    public Optional<Long> latest(UUID clientId) {
        return counters.latest(clientId);
    }

    /** The first changes after one, oldest first, at most {@code most}. */
    public List<Change> since(UUID clientId, long number, int most) {
        return changes.findByClientIdAndNumberGreaterThanOrderByNumber(clientId, number, Limit.of(most));
    }

    /** The changes of the newest step that can be undone, newest first; empty when there is none. */
    List<Change> lastStep(UUID clientId) {
        return stepOf(clientId, changes.undoable(clientId, NEWEST).stream().findFirst());
    }

    /** The changes of the newest undo step that can be redone, newest first. */
    List<Change> lastUndoing(UUID clientId) {
        return stepOf(clientId, changes.redoable(clientId, NEWEST).stream().findFirst());
    }

    private List<Change> stepOf(UUID clientId, Optional<Change> change) {
        return change.map(c -> changes.findByClientIdAndStepOrderByNumberDesc(clientId, c.step()))
                .orElse(List.of());
    }

    /** The changes of an entry, newest first. */
    public List<Change> story(UUID clientId, String part, String ref) {
        return changes.findByClientIdAndPartAndRefOrderByNumberDesc(clientId, part, ref, STORY);
    }
}
