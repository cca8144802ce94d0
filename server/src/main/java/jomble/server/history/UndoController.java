package jomble.server.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.history.UndoService.TakenBack;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Undo and redo of everything a client has. */
@RestController
@Requires(Right.CHANGE_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}")
class UndoController {
    private final UndoService undo;

    UndoController(UndoService undo) {
        this.undo = undo;
    }

    /**
     * The step that was taken back.
     *
     * @param undone whether there was one; all else is null, zero or empty if not
     * @param action added, changed or deleted; undone or redone for a step that was taken back before
     * @param part the part of the wardrobe document it changed, such as pieces or wears
     * @param label what the entry is called; empty when it has no name
     * @param date the day the entry is about, or null
     * @param entries number of entries of the part that were changed
     * @param fields fields of the entry that were changed, for a part that is no list
     */
    record UndoView(
            boolean undone,
            String action,
            String part,
            String label,
            LocalDate date,
            int entries,
            List<String> fields) {
        static UndoView of(Optional<TakenBack> step) {
            return step.map(s -> new UndoView(true, s.action(), s.part(), s.title(), s.day(), s.entries(), s.fields()))
                    .orElse(new UndoView(false, null, null, null, null, 0, List.of()));
        }
    }

    /** Undoes the latest step, whatever it changed. */
    @PostMapping("/undo")
    UndoView undo(@PathVariable UUID clientId) {
        return UndoView.of(undo.undo(clientId));
    }

    /** Redoes the step undone last. */
    @PostMapping("/redo")
    UndoView redo(@PathVariable UUID clientId) {
        return UndoView.of(undo.redo(clientId));
    }
}
