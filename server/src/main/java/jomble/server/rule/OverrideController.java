package jomble.server.rule;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jomble.core.document.Parts;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.Ruling;
import jomble.core.piece.PieceId;
import jomble.core.piece.Word;
import jomble.server.access.Requires;
import jomble.server.access.Right;
import jomble.server.client.WardrobeParts;
import jomble.server.client.WardrobeParts.Kept;
import jomble.server.document.NamedPieces;
import jomble.server.piece.Wardrobes;
import jomble.server.problem.ProblemException;
import jomble.server.studio.Ids;
import jomble.server.studio.IfMatch;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rulings: what goes together, or never does, whatever the rules find. */
@RestController
@Requires(Right.READ_CLIENTS)
@RequestMapping("/api/v1/clients/{clientId}/overrides")
class OverrideController {
    private static final int MOST_PIECES = 20;
    private static final int MOST_REASON = 400;
    private static final int MOST_BY = 80;

    private final WardrobeParts parts;
    private final Wardrobes wardrobes;

    OverrideController(WardrobeParts parts, Wardrobes wardrobes) {
        this.parts = parts;
        this.wardrobes = wardrobes;
    }

    /**
     * @param decision approved or never
     * @param gone those of its pieces that have left the wardrobe
     */
    record RulingView(
            String id,
            long version,
            List<String> pieces,
            List<String> gone,
            String decision,
            String reason,
            String by) {}

    /**
     * A ruling to be saved.
     *
     * @param pieces the pieces ruled on together
     * @param anyOf if given, the ruling applies to the pieces with each of these, one by one
     * @param decision approved or never
     */
    record Asked(List<String> pieces, List<String> anyOf, String decision, String reason, String by) {
        List<List<PieceId>> groups(Wardrobe wardrobe) {
            List<PieceId> together = NamedPieces.read("/pieces", pieces, wardrobe);
            List<PieceId> others = NamedPieces.read("/anyOf", anyOf, wardrobe);
            return others.isEmpty()
                    ? List.of(together)
                    : others.stream()
                            .map(other -> Stream.concat(together.stream(), Stream.of(other))
                                    .distinct()
                                    .toList())
                            .toList();
        }
    }

    /** The rulings for a client. */
    @GetMapping
    List<RulingView> all(@PathVariable UUID clientId) {
        Wardrobe wardrobe = wardrobes.of(clientId);
        return parts.entries(clientId, Parts.OVERRIDES).stream()
                .map(kept -> view(kept, wardrobe))
                .toList();
    }

    private static RulingView view(Kept<Ruling> kept, Wardrobe wardrobe) {
        Ruling ruling = kept.entry();
        return new RulingView(
                ruling.id(),
                kept.version(),
                values(ruling.pieces()),
                values(ruling.pieces().stream()
                        .filter(id -> wardrobe.find(id).isEmpty())
                        .toList()),
                ruling.decision().id(),
                ruling.reason(),
                ruling.by());
    }

    /** Saves rulings, all or nothing; they replace earlier ones on the same pieces. */
    @Requires(Right.CHANGE_CLIENTS)
    @PostMapping
    List<RulingView> rule(@PathVariable UUID clientId, @RequestBody Asked asked) {
        List<Ruling> wanted = asked.groups(wardrobes.of(clientId)).stream()
                .map(together -> read(together, asked))
                .toList();
        parts.change(clientId, Ids.next(), Parts.OVERRIDES, before -> {
            List<Ruling> rulings = before;
            for (Ruling ruling : wanted) {
                rulings = without(rulings, values(ruling.pieces()));
                rulings.add(ruling);
            }
            return rulings;
        });
        return all(clientId);
    }

    /** Deletes the ruling on exactly these pieces, if it is still at the version in If-Match. */
    @Requires(Right.CHANGE_CLIENTS)
    @DeleteMapping
    List<RulingView> takeBack(
            @PathVariable UUID clientId, @IfMatch long seen, @RequestParam("piece") List<String> named) {
        String id = parts.get(clientId, Parts.OVERRIDES).stream()
                .filter(ruling -> isOn(ruling, named))
                .map(Ruling::id)
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("A ruling on these pieces"));
        parts.deleteEntry(clientId, Parts.OVERRIDES, id, seen);
        return all(clientId);
    }

    private static List<Ruling> without(List<Ruling> rulings, List<String> pieces) {
        List<Ruling> others = new ArrayList<>(rulings);
        others.removeIf(ruling -> isOn(ruling, pieces));
        return others;
    }

    private static boolean isOn(Ruling ruling, List<String> pieces) {
        return new HashSet<>(values(ruling.pieces())).equals(new HashSet<>(pieces));
    }

    private static List<String> values(List<PieceId> ids) {
        return ids.stream().map(PieceId::value).toList();
    }

    private static Ruling read(List<PieceId> ids, Asked asked) {
        Optional<Ruling.Decision> decision = Word.find(Ruling.Decision.class, String.valueOf(asked.decision()));
        boolean approvesOne = ids.size() == 1 && decision.equals(Optional.of(Ruling.Decision.APPROVED));
        if (decision.isEmpty() || ids.isEmpty() || approvesOne || ids.size() > MOST_PIECES) {
            throw ProblemException.conflict(
                    "not-a-ruling",
                    "Approve two pieces or more, or rule out one or more, " + MOST_PIECES + " at most.");
        }
        return new Ruling(
                Ids.next().toString(), ids, decision.get(), cut(asked.reason(), MOST_REASON), cut(asked.by(), MOST_BY));
    }

    private static String cut(String text, int most) {
        String given = text == null ? "" : text.strip();
        if (given.length() > most) {
            throw ProblemException.conflict("too-long", "At most " + most + " characters fit here.");
        }
        return given;
    }
}
