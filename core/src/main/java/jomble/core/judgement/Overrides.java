package jomble.core.judgement;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/**
 * A stylist's rulings, which take precedence over the rules. An approved pair has no findings except layers that do not
 * fit and hems that trail; an approved outfit works unless it cannot be worn; pieces ruled out together stop an outfit,
 * approved or not.
 */
public record Overrides(List<Ruling> rulings) {
    public static final Overrides NONE = new Overrides(List.of());
    /** The parameter of every rule that can be overruled: above 0 its findings are one step milder. */
    public static final String SOFTENED = "/softened";

    /** The rule id of findings about rulings. */
    public static final String ID = "override";

    /** Stops that no approval removes, besides those of rules named {@code boundary.…}. */
    private static final Set<String> NOT_OVERRULED =
            Set.of("structure", "available", "dress-code", "layer.order", "hem.heel");

    /** Evidence that the pieces are never worn together. */
    record Never(String reason) {}

    /** Evidence that the outfit is approved. */
    record Approved(String reason) {}

    public Overrides {
        rulings = List.copyOf(rulings);
    }

    public boolean isEmpty() {
        return rulings.isEmpty();
    }

    /** Whether no approval removes this finding. */
    public static boolean isFinal(String rule, FindingKind kind) {
        return kind == FindingKind.STOP && (NOT_OVERRULED.contains(rule) || rule.startsWith("boundary."));
    }

    /** Whether two pieces, each in one of its slots, are approved together. */
    public boolean approves(Worn one, Worn other) {
        for (Ruling ruling : rulings) {
            if (ruling.decision() == Ruling.Decision.APPROVED
                    && ruling.pieces().size() == 2
                    && isOn(one, other, ruling.pieces())) {
                return true;
            }
        }
        return false;
    }

    private static boolean isOn(Worn one, Worn other, List<PieceId> pair) {
        return has(one, pair.get(0)) && has(other, pair.get(1)) || has(one, pair.get(1)) && has(other, pair.get(0));
    }

    private static boolean has(Worn worn, PieceId id) {
        for (Piece piece : worn.pieces()) {
            if (piece.id().equals(id)) {
                return true;
            }
        }
        return false;
    }

    /** A ruling against pieces that are all worn, or null. */
    public Ruling against(Collection<PieceId> worn) {
        for (Ruling ruling : rulings) {
            if (ruling.decision() == Ruling.Decision.NEVER && worn.containsAll(ruling.pieces())) {
                return ruling;
            }
        }
        return null;
    }

    /** The approval of the outfit of exactly these pieces, or null. */
    public Ruling approvalOf(Set<PieceId> worn) {
        for (Ruling ruling : approvedOutfits()) {
            if (worn.equals(new HashSet<>(ruling.pieces()))) {
                return ruling;
            }
        }
        return null;
    }

    /** The approvals of three or more pieces. */
    public List<Ruling> approvedOutfits() {
        List<Ruling> outfits = new ArrayList<>();
        for (Ruling ruling : rulings) {
            if (ruling.decision() == Ruling.Decision.APPROVED && ruling.pieces().size() > 2) {
                outfits.add(ruling);
            }
        }
        return outfits;
    }

    /** The rulings against at least and at most so many pieces. */
    public List<Ruling> neverOf(int least, int most) {
        return rulings.stream()
                .filter(ruling -> ruling.decision() == Ruling.Decision.NEVER)
                .filter(ruling ->
                        ruling.pieces().size() >= least && ruling.pieces().size() <= most)
                .toList();
    }
}
