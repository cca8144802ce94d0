package jomble.server.history;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.server.studio.StudioMember;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * The append-only history of a client's wardrobe: its pieces, and the frame around them. Called within the transaction of
 * the change it records.
 */
@Component
public class History {
    /** Stands for the frame of the wardrobe, its brief and its sets, where a piece's ref stands otherwise. */
    public static final String FRAME = "";

    private static final Limit NEWEST = Limit.of(1);
    private static final Limit STORY = Limit.of(200);

    private final ChangeRepository changes;
    private final Clock clock;

    History(ChangeRepository changes, Clock clock) {
        this.changes = changes;
        this.clock = clock;
    }

    public void record(UUID clientId, UUID step, String ref, String before, String after) {
        save(Change.of(clientId, step, ref, before, after));
    }

    /**
     * Records that a piece was deleted.
     *
     * @param place where in the wardrobe it stood
     */
    public void recordDeleted(UUID clientId, UUID step, String ref, String before, int place) {
        save(Change.of(clientId, step, ref, before, null).from(place));
    }

    /**
     * Records that a change was taken back, as part of the step {@code step}.
     *
     * @param place where the piece stood if it goes with that, or null
     */
    public void recordTakenBack(Change change, UUID step, Integer place) {
        save(Change.takingBack(change, step).from(place));
    }

    private void save(Change change) {
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        changes.save(change.by(who instanceof StudioMember member ? member.accountId() : null, clock.instant()));
    }

    /** The changes of the newest step that can be undone, newest first; empty when there is none. */
    public List<Change> lastStep(UUID clientId) {
        return stepOf(clientId, changes.undoable(clientId, NEWEST).stream().findFirst());
    }

    /** The changes of the newest undoing that can be redone, newest first. */
    public List<Change> lastUndoing(UUID clientId) {
        return stepOf(clientId, changes.redoable(clientId, NEWEST).stream().findFirst());
    }

    private List<Change> stepOf(UUID clientId, Optional<Change> change) {
        return change.map(c -> changes.findByClientIdAndStepOrderByIdDesc(clientId, c.step()))
                .orElse(List.of());
    }

    /** What happened to a piece, newest first. */
    public List<Change> story(UUID clientId, String ref) {
        return changes.findByClientIdAndRefOrderByIdDesc(clientId, ref, STORY);
    }
}
