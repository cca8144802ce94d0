package jomble.server.capsule;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jomble.core.capsule.SavedCapsule;
import jomble.core.document.CapsuleReader;
import jomble.core.document.Parts;
import jomble.core.document.QuestionReader;
import jomble.core.document.SavedCapsulePart;
import jomble.core.document.Wardrobe;
import jomble.core.document.part.SavedFields;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.document.ClientQuestions;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.IfMatch;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Saved capsules: named, versioned, locked for a season. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/capsules")
class SavedCapsuleController {
    private static final int MOST = 100;
    private static final int LONGEST_SEASON = 80;

    private final WardrobeParts parts;
    private final ClientQuestions questions;
    private final Clock clock;

    SavedCapsuleController(WardrobeParts parts, ClientQuestions questions, Clock clock) {
        this.parts = parts;
        this.questions = questions;
        this.clock = clock;
    }

    /** The saved capsules of a client. */
    @GetMapping
    List<SavedCapsuleView> all(@PathVariable UUID clientId) {
        return SavedCapsuleView.all(questions.wardrobe(clientId), parts.versions(clientId, Parts.CAPSULES));
    }

    /** Saves a capsule: its {@code name}, {@code pieces}, {@code wishes} and {@code notes}. */
    @Requires(Right.CHANGE_CLIENTS)
    @PostMapping
    SavedCapsuleView save(@PathVariable UUID clientId, @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("name", "notes", "pieces", "wishes"));
        Wardrobe wardrobe = questions.wardrobe(clientId);
        String name = SavedFields.name(node.field("name"));
        SavedCapsule.Version version = version(node, wardrobe);
        String notes = node.field("notes").isNull() ? "" : SavedFields.notes(node.field("notes"));
        node.finish();
        String id = Ids.next().toString();
        parts.change(clientId, Ids.next(), Parts.CAPSULES, now -> {
            if (now.size() >= MOST) {
                throw ProblemException.conflict("too-many", "A client has " + MOST + " capsules at most.");
            }
            checkName(now, id, name);
            List<SavedCapsule> capsules = new ArrayList<>(now);
            capsules.add(new SavedCapsule(id, name.strip(), notes, null, version, List.of()));
            return capsules;
        });
        return one(clientId, id);
    }

    /**
     * Changes the fields given, if the capsule is still as in If-Match: {@code name}, {@code notes}, {@code locked} as
     * {@code {"season": "winter"}} or null, {@code pieces} and {@code wishes}.
     */
    @Requires(Right.CHANGE_CLIENTS)
    @PatchMapping("/{id}")
    SavedCapsuleView change(
            @PathVariable UUID clientId,
            @PathVariable String id,
            @IfMatch long seen,
            @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(List.of("version", "name", "notes", "pieces", "wishes", "locked"));
        Integer numbered =
                request.containsKey("version") ? node.field("version").integer(1, Integer.MAX_VALUE) : null;
        Wardrobe wardrobe = questions.wardrobe(clientId);
        boolean hasVersion = request.containsKey("pieces") || request.containsKey("wishes");
        String name = request.containsKey("name") ? SavedFields.name(node.field("name")) : null;
        String notes = request.containsKey("notes") ? SavedFields.notes(node.field("notes")) : null;
        SavedCapsule.Version version = hasVersion ? version(node, wardrobe) : null;
        SavedCapsule.Lock lock = node.field("locked").isNull() ? null : lock(node.field("locked"));
        node.finish();
        parts.changeAmong(clientId, Parts.CAPSULES, id, seen, (now, capsule) -> {
            if (numbered != null && numbered != capsule.version()) {
                throw ProblemException.stale();
            }
            SavedCapsule changed = capsule;
            if (version != null) {
                checkUnlocked(capsule);
                changed = changed.changed(version);
            }
            if (name != null) {
                checkName(now, id, name);
            }
            changed = changed.named(
                    name == null ? changed.name() : name.strip(), notes == null ? changed.notes() : notes);
            return request.containsKey("locked") ? changed.locked(lock) : changed;
        });
        return one(clientId, id);
    }

    /** Deletes a saved capsule, if it is still as in If-Match; undo brings it back. */
    @Requires(Right.CHANGE_CLIENTS)
    @DeleteMapping("/{id}")
    List<SavedCapsuleView> delete(@PathVariable UUID clientId, @PathVariable String id, @IfMatch long seen) {
        parts.deleteEntry(clientId, Parts.CAPSULES, id, seen, SavedCapsuleController::checkUnlocked);
        return all(clientId);
    }

    private SavedCapsuleView one(UUID clientId, String id) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        return SavedCapsuleView.of(
                wardrobe.findCapsule(id).orElseThrow(() -> ProblemException.notFound("This capsule")),
                wardrobe,
                parts.versions(clientId, Parts.CAPSULES));
    }

    /** Pieces of the wardrobe and wishes that could be planned with. */
    private SavedCapsule.Version version(Node node, Wardrobe wardrobe) {
        List<PieceId> pieces = QuestionReader.pieceIds(node.field("pieces"), wardrobe).stream()
                .distinct()
                .toList();
        CapsuleReader.read(node.field("wishes"), wardrobe);
        return new SavedCapsule.Version(pieces, SavedCapsulePart.wishes(node.field("wishes")), clock.instant());
    }

    private SavedCapsule.Lock lock(Node node) {
        node.fields(List.of("season"));
        String season =
                node.field("season").isNull() ? "" : node.field("season").text(0, LONGEST_SEASON);
        return new SavedCapsule.Lock(season, LocalDate.now(clock));
    }

    private static void checkUnlocked(SavedCapsule capsule) {
        if (capsule.lock() != null) {
            throw ProblemException.conflict(
                    "locked", capsule.name() + " is locked. Unlock it first, or save this as another capsule.");
        }
    }

    private static void checkName(List<SavedCapsule> now, String id, String name) {
        boolean isTaken = now.stream()
                .anyMatch(other -> !other.id().equals(id) && other.name().equalsIgnoreCase(name.strip()));
        if (isTaken) {
            throw ProblemException.conflict("name-taken", "There is a capsule called " + name.strip() + " already.");
        }
    }
}
