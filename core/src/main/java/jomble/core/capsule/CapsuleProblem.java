package jomble.core.capsule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.counting.CountedSlots;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Schools;
import jomble.core.piece.Attribute;
import jomble.core.piece.Decision;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Whereabouts;

/**
 * A wardrobe, the needs it serves, and the wishes for its capsule.
 *
 * @param timesWorn by piece, from the wear log; missing for pieces never worn
 * @param needs at least one
 */
public record CapsuleProblem(
        List<Piece> pieces, Map<PieceId, Integer> timesWorn, List<Need> needs, CapsuleWishes wishes) {
    /** The slots whose pieces are distinguished during the search. */
    private static final Set<Slot> DISTINGUISHED =
            CountedSlots.OUTFITS.and(Slot.COAT).slots();

    public CapsuleProblem {
        pieces = List.copyOf(pieces);
        timesWorn = Map.copyOf(timesWorn);
        needs = List.copyOf(needs);
        if (needs.isEmpty()) {
            throw new IllegalArgumentException("nothing is needed");
        }
    }

    /**
     * The slots that count, by the school; a piece that can stand in one of them counts towards the size of a capsule,
     * and everything else is free.
     */
    private static Set<Slot> counted(Schools schools) {
        return switch (schools.of(SchoolSwitch.CAPSULE_SIZE)) {
            case "clothes" -> CountedSlots.CLOTHES.and(Slot.COAT).slots();
            case "everything" -> CountedSlots.LOOKS.slots();
            default -> DISTINGUISHED;
        };
    }

    /** Whether a piece counts towards the size of a capsule, by the school. */
    public static boolean counts(Piece piece, Schools schools) {
        return piece.roles().stream().anyMatch(counted(schools)::contains);
    }

    /** Whether a piece counts towards the size. */
    public boolean counts(Piece piece) {
        return counts(piece, needs.get(0).months().get(0).context().schools());
    }

    public CapsuleProblem wishing(CapsuleWishes others) {
        return new CapsuleProblem(pieces, timesWorn, needs, others);
    }

    public CapsuleProblem needing(List<Need> others) {
        return new CapsuleProblem(pieces, timesWorn, others, wishes);
    }

    /** This problem for a wardrobe without some pieces. */
    CapsuleProblem without(Set<PieceId> out) {
        return new CapsuleProblem(
                pieces.stream().filter(piece -> !out.contains(piece.id())).toList(), timesWorn, needs, wishes);
    }

    /**
     * The pieces as the search sees them. Pieces that count do not complete other outfits, because a piece outside the
     * capsule must not fill a gap for free. The finished capsule is counted with everything its pieces can do, so it
     * may have slightly more outfits.
     */
    List<Piece> searched() {
        return pieces.stream()
                .map(piece -> counts(piece) ? withoutCompleting(piece) : piece)
                .toList();
    }

    private static Piece withoutCompleting(Piece piece) {
        List<Slot> distinguished =
                piece.roles().stream().filter(DISTINGUISHED::contains).toList();
        if (distinguished.size() == piece.roles().size()) {
            return piece;
        }
        Map<Attribute<?>, Object> set = new LinkedHashMap<>(piece.set());
        set.put(Attribute.ROLES, distinguished);
        return Piece.of(piece.id(), piece.kind(), set);
    }

    /** Whether a piece may be chosen: it counts, is being kept, is available and is not excluded. */
    boolean isCandidate(Piece piece) {
        return counts(piece)
                && !piece.roles().isEmpty()
                && (wishes.must().contains(piece.id())
                        || piece.get(Attribute.DECISION) != Decision.PART_WITH
                                && piece.get(Attribute.WHEREABOUTS) != Whereabouts.MISSING
                                && !wishes.never().contains(piece.id())
                                && (wishes.from() == null || wishes.from().contains(piece.id())));
    }
}
