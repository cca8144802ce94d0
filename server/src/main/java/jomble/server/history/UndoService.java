package jomble.server.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.server.studio.Ids;
import jomble.server.studio.Write;
import org.springframework.stereotype.Service;

/** Undoes and redoes steps of a client's wardrobe, whatever parts of it they touched. */
@Service
class UndoService {
    private final History history;
    private final List<Keeper> keepers;

    UndoService(History history, List<Keeper> keepers) {
        this.history = history;
        this.keepers = keepers;
    }

    /**
     * The step that was taken back.
     *
     * @param action added, changed, deleted, or undone and redone
     * @param part the part of the wardrobe it is named by: the pieces if there are any in it
     * @param title,day what the entry is called, where it was a single one
     * @param entries number of entries of that part it touched
     */
    record TakenBack(String action, String part, String title, LocalDate day, int entries, List<String> fields) {}

    /** Undoes the newest step not yet undone; empty when there is none. */
    @Write
    public Optional<TakenBack> undo(UUID clientId) {
        history.hold(clientId);
        return takeBack(clientId, history.lastStep(clientId));
    }

    /** Redoes the step undone last, unless something changed since. */
    @Write
    public Optional<TakenBack> redo(UUID clientId) {
        history.hold(clientId);
        return takeBack(clientId, history.lastUndoing(clientId));
    }

    private Optional<TakenBack> takeBack(UUID clientId, List<Change> changes) {
        if (changes.isEmpty()) {
            return Optional.empty();
        }
        Taking step = new Taking(clientId, Ids.next(), changes.get(0).step());
        for (Keeper keeper : keepers) {
            List<Change> its =
                    changes.stream().filter(c -> keeper.keeps(c.part())).toList();
            if (!its.isEmpty()) {
                keeper.takeBack(clientId, its, step);
            }
        }
        return Optional.of(named(changes));
    }

    private final class Taking implements Keeper.Step {
        private final UUID clientId;
        private final UUID id;
        private final UUID undone;

        Taking(UUID clientId, UUID id, UUID undone) {
            this.clientId = clientId;
            this.id = id;
            this.undone = undone;
        }

        @Override
        public UUID id() {
            return id;
        }

        @Override
        public UUID undone() {
            return undone;
        }

        @Override
        public long record(Change change, Integer place) {
            return history.recordTakenBack(clientId, change, id, place);
        }
    }

    /** A step is named by the entry it changed first; a set made for a piece goes by the name of the piece. */
    private TakenBack named(List<Change> changes) {
        Change first = changes.get(changes.size() - 1);
        Change telling = changes.stream()
                .filter(change -> change.part().equals(Change.PIECES))
                .reduce((newer, older) -> older)
                .orElse(first);
        List<Change> its = changes.stream()
                .filter(change -> change.part().equals(telling.part()))
                .toList();
        Keeper.Subject subject = keepers.stream()
                .filter(keeper -> keeper.keeps(telling.part()))
                .findFirst()
                .orElseThrow()
                .subject(telling);
        boolean isOne = its.size() == 1;
        return new TakenBack(
                telling.action(),
                telling.part(),
                isOne ? subject.title() : "",
                isOne ? subject.day() : null,
                its.size(),
                subject.fields());
    }
}
