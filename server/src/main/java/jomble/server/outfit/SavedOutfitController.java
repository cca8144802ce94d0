package jomble.server.outfit;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import jomble.core.document.Parts;
import jomble.core.document.QuestionReader;
import jomble.core.document.SavedOutfitPart;
import jomble.core.document.Wardrobe;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Finish;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.document.ClientQuestions;
import jomble.server.drawing.OutfitDrawings;
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

/** Saved outfits: named, versioned, judged anew whenever they are shown. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/saved-outfits")
class SavedOutfitController {
    private static final int MOST = 500;
    private static final List<String> ABOUT = List.of("name", "notes", "occasions", "seasons", "tags", "favourite");

    private final WardrobeParts parts;
    private final ClientQuestions questions;
    private final SavedOutfitViews views;
    private final Clock clock;

    SavedOutfitController(WardrobeParts parts, ClientQuestions questions, SavedOutfitViews views, Clock clock) {
        this.parts = parts;
        this.questions = questions;
        this.views = views;
        this.clock = clock;
    }

    /** The saved outfits of a client, judged as their pieces are now. */
    @GetMapping
    List<SavedOutfitView> all(@PathVariable UUID clientId) {
        return views.all(questions.wardrobe(clientId), parts.versions(clientId, Parts.OUTFITS));
    }

    /**
     * Saves an outfit: its {@code name}, {@code slots} and {@code finishes}, and optionally {@code notes}, {@code
     * occasions}, {@code seasons}, {@code tags}, {@code favourite}.
     */
    @Requires(Right.CHANGE_CLIENTS)
    @PostMapping
    SavedOutfitView save(@PathVariable UUID clientId, @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(with(ABOUT, "slots", "finishes"));
        SavedOutfit.About about = SavedOutfitPart.about(node);
        SavedOutfit.Version version = version(node, questions.wardrobe(clientId));
        node.finish();
        SavedOutfit saved = new SavedOutfit(Ids.next().toString(), about, version, List.of());
        parts.change(clientId, Ids.next(), Parts.OUTFITS, now -> {
            if (now.size() >= MOST) {
                throw ProblemException.conflict("too-many", "A client has " + MOST + " saved outfits at most.");
            }
            checkName(now, saved);
            List<SavedOutfit> outfits = new ArrayList<>(now);
            outfits.add(saved);
            return outfits;
        });
        return one(clientId, saved.id());
    }

    /** Changes the fields given, if the outfit is still as in If-Match. */
    @Requires(Right.CHANGE_CLIENTS)
    @PatchMapping("/{id}")
    SavedOutfitView change(
            @PathVariable UUID clientId,
            @PathVariable String id,
            @IfMatch long seen,
            @RequestBody Map<String, Object> request) {
        Node node = Node.root(request);
        node.fields(with(ABOUT, "slots", "finishes", "version"));
        Integer numbered =
                request.containsKey("version") ? node.field("version").integer(1, Integer.MAX_VALUE) : null;
        boolean hasVersion = request.containsKey("slots");
        SavedOutfit.Version version = hasVersion ? version(node, questions.wardrobe(clientId)) : null;
        node.finish();
        parts.changeAmong(clientId, Parts.OUTFITS, id, seen, (now, before) -> {
            if (numbered != null && numbered != before.version()) {
                throw ProblemException.stale();
            }
            SavedOutfit after = before.described(about(request, before.about()));
            checkName(now, after);
            return version == null ? after : after.changed(version);
        });
        return one(clientId, id);
    }

    /** Deletes a saved outfit, if it is still as in If-Match, and returns the others; undo restores it. */
    @Requires(Right.CHANGE_CLIENTS)
    @DeleteMapping("/{id}")
    List<SavedOutfitView> delete(@PathVariable UUID clientId, @PathVariable String id, @IfMatch long seen) {
        parts.deleteEntry(clientId, Parts.OUTFITS, id, seen);
        return all(clientId);
    }

    private SavedOutfitView one(UUID clientId, String id) {
        Wardrobe wardrobe = questions.wardrobe(clientId);
        return views.of(find(wardrobe.outfits(), id), wardrobe, parts.versions(clientId, Parts.OUTFITS));
    }

    private static SavedOutfit find(List<SavedOutfit> outfits, String id) {
        return outfits.stream()
                .filter(outfit -> outfit.id().equals(id))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("This outfit"));
    }

    /** The earlier name, notes and purpose with the given changes. */
    private static SavedOutfit.About about(Map<String, Object> request, SavedOutfit.About before) {
        Map<String, Object> merged = SavedOutfitPart.write(before);
        ABOUT.stream().filter(request::containsKey).forEach(name -> merged.put(name, request.get(name)));
        Node node = Node.root(merged);
        SavedOutfit.About about = SavedOutfitPart.about(node);
        node.finish();
        return about;
    }

    private SavedOutfit.Version version(Node node, Wardrobe wardrobe) {
        Map<Slot, List<PieceId>> slots = QuestionReader.outfit(node.field("slots"), wardrobe);
        if (slots.isEmpty()) {
            node.field("slots").reject("no-pieces", "at least one piece is expected here");
        }
        Outfit outfit = OutfitDrawings.outfit(slots, wardrobe);
        Map<PieceId, Set<Finish>> finishes = QuestionReader.finishes(node.field("finishes"), outfit);
        return new SavedOutfit.Version(slots, finishes, clock.instant());
    }

    private static List<String> with(List<String> fields, String... more) {
        List<String> all = new ArrayList<>(fields);
        all.addAll(List.of(more));
        return all;
    }

    private static void checkName(List<SavedOutfit> now, SavedOutfit outfit) {
        String name = outfit.about().name();
        boolean isTaken = now.stream()
                .anyMatch(other ->
                        !other.id().equals(outfit.id()) && other.about().name().equalsIgnoreCase(name));
        if (isTaken) {
            throw ProblemException.conflict("name-taken", "There is an outfit called " + name + " already.");
        }
    }
}
