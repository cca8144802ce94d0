package jomble.server.piece;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.server.studio.StudioMember;
import org.springframework.data.domain.Limit;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The append-only history of a client's pieces. Called within the transaction of the change it records. */
@Component
class PieceHistory {
    private static final Limit NEWEST = Limit.of(1);
    private static final Limit STORY = Limit.of(200);

    private final PieceChangeRepository changes;
    private final Clock clock;

    PieceHistory(PieceChangeRepository changes, Clock clock) {
        this.changes = changes;
        this.clock = clock;
    }

    void record(UUID clientId, UUID step, String ref, String before, String after) {
        save(PieceChange.of(clientId, step, ref, before, after));
    }

    /** Records that a change was taken back, as part of the step {@code step}. */
    void recordTakenBack(PieceChange change, UUID step) {
        save(PieceChange.takingBack(change, step));
    }

    private void save(PieceChange change) {
        Object who = SecurityContextHolder.getContext().getAuthentication().getPrincipal();
        changes.save(change.by(who instanceof StudioMember member ? member.accountId() : null, clock.instant()));
    }

    /** The changes of the newest step that can be undone, newest first; empty when there is none. */
    List<PieceChange> lastStep(UUID clientId) {
        return stepOf(clientId, changes.undoable(clientId, NEWEST).stream().findFirst());
    }

    /** The changes of the newest undoing that can be redone, newest first. */
    List<PieceChange> lastUndoing(UUID clientId) {
        return stepOf(clientId, changes.redoable(clientId, NEWEST).stream().findFirst());
    }

    private List<PieceChange> stepOf(UUID clientId, Optional<PieceChange> change) {
        return change.map(c -> changes.findByClientIdAndStepOrderByIdDesc(clientId, c.step()))
                .orElse(List.of());
    }

    /** What happened to a piece, newest first. */
    List<PieceChange> story(UUID clientId, String ref) {
        return changes.findByClientIdAndRefOrderByIdDesc(clientId, ref, STORY);
    }
}
