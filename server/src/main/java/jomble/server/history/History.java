package jomble.server.history;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.server.studio.StudioMember;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * The append-only history of a client's wardrobe: its pieces and the frame. Called within the transaction of the
 * change, which has locked the client.
 */
@Component
public class History {
    /** In place of a piece's ref, for the frame of the wardrobe: its brief and sets. */
    public static final String FRAME = "";

    private static final Limit NEWEST = Limit.of(1);
    private static final Limit STORY = Limit.of(200);

    private final ChangeRepository changes;
    private final EntityManager entities;
    private final Clock clock;

    History(ChangeRepository changes, EntityManager entities, Clock clock) {
        this.changes = changes;
        this.entities = entities;
        this.clock = clock;
    }

    public void record(UUID clientId, UUID step, String ref, String before, String after) {
        save(clientId, Change.of(clientId, step, ref, before, after));
    }

    /**
     * Records the deletion of a piece.
     *
     * @param place its place in the wardrobe
     */
    public void recordDeleted(UUID clientId, UUID step, String ref, String before, int place) {
        save(clientId, Change.of(clientId, step, ref, before, null).from(place));
    }

    /**
     * Records that a change was undone, as part of the step {@code step}.
     *
     * @param place the place of a piece this deletes, or null
     */
    public void recordTakenBack(UUID clientId, Change change, UUID step, Integer place) {
        save(clientId, Change.takingBack(change, step).from(place));
    }

    private void save(UUID clientId, Change change) {
        long number = entities.find(ChangeCounter.class, clientId).next();
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        changes.save(
                change.at(number).by(who instanceof StudioMember member ? member.accountId() : null, clock.instant()));
    }

    /** The number of the client's latest change; empty when there is no such client. */
    public Optional<Long> latest(UUID clientId) {
        return entities.createQuery(
                        "select counter.lastChange from ChangeCounter counter where counter.id = :id", Long.class)
                .setParameter("id", clientId)
                .getResultStream()
                .findFirst();
    }

    /** The changes of the newest step that can be undone, newest first; empty when there is none. */
    public List<Change> lastStep(UUID clientId) {
        return stepOf(clientId, changes.undoable(clientId, NEWEST).stream().findFirst());
    }

    /** The changes of the newest undo step that can be redone, newest first. */
    public List<Change> lastUndoing(UUID clientId) {
        return stepOf(clientId, changes.redoable(clientId, NEWEST).stream().findFirst());
    }

    private List<Change> stepOf(UUID clientId, Optional<Change> change) {
        return change.map(c -> changes.findByClientIdAndStepOrderByNumberDesc(clientId, c.step()))
                .orElse(List.of());
    }

    /** The changes of a piece, newest first. */
    public List<Change> story(UUID clientId, String ref) {
        return changes.findByClientIdAndRefOrderByNumberDesc(clientId, ref, STORY);
    }
}
