package jomble.core.capsule;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;

/** Why each piece is in a capsule, by what would fail without it, and which wishes the capsule misses. Not thread-safe. */
final class PieceReasons {
    /** Wishes for a kind of piece to be present, not for a quantity. */
    private static final Set<FunctionWish> SOMETHING = EnumSet.of(
            FunctionWish.FAMILIES,
            FunctionWish.COAT,
            FunctionWish.WARM_COAT,
            FunctionWish.RAIN_COVER,
            FunctionWish.CLOSED_SHOES,
            FunctionWish.SECOND_SHOES,
            FunctionWish.TAILORED_JACKET,
            FunctionWish.SETS);

    private final CompiledCapsule compiled;
    private final Choice choice;
    /** By need, the outfits of the whole capsule in the weakest month. */
    private final long[] before;

    PieceReasons(CompiledCapsule compiled, Choice choice) {
        this.compiled = compiled;
        this.choice = choice;
        choice.score(compiled.aim());
        this.before = needs(compiled.aim());
    }

    /** By need, the outfits in the weakest month, for the choice scored last. */
    private static long[] needs(Aim aim) {
        long[] there = new long[aim.needs().size()];
        for (int i = 0; i < there.length; i++) {
            there[i] = aim.weakest(i, false);
        }
        return there;
    }

    /** The strongest reason for a piece of the capsule. */
    CapsulePlan.Why of(Piece piece) {
        int place = compiled.problem().pieces().indexOf(piece);
        Aim aim = compiled.aim();
        Family family = piece.kind().family();
        choice.without(place).score(aim);
        long[] left = needs(aim);
        long[] ofFamily = withoutOthersOf(family, place);
        CapsulePlan.Why.Kind kind = CapsulePlan.Why.Kind.CARRIES;
        int about = -1;
        double share = 0;
        for (int i = 0; i < before.length; i++) {
            CapsulePlan.Why.Kind here = before[i] > 0 && left[i] == 0
                    ? CapsulePlan.Why.Kind.NEED_FAILS
                    : before[i] > 0 && ofFamily[i] == before[i] && left[i] < before[i]
                            ? CapsulePlan.Why.Kind.ONLY_OF_FAMILY
                            : CapsulePlan.Why.Kind.CARRIES;
            double lost = before[i] == 0 ? 0 : 1 - (double) left[i] / before[i];
            if (here.compareTo(kind) < 0 || here == kind && lost > share) {
                kind = here;
                about = i;
                share = lost;
            }
        }
        boolean strong = kind.compareTo(CapsulePlan.Why.Kind.ONLY_OF_FAMILY) <= 0;
        FunctionWish wish = strong ? null : failing(place);
        if (wish != null) {
            kind = CapsulePlan.Why.Kind.FUNCTION;
        } else if (!strong && compiled.problem().wishes().must().contains(piece.id())) {
            kind = CapsulePlan.Why.Kind.ASKED_FOR;
        }
        Need need = about < 0 ? null : aim.needs().get(about);
        return new CapsulePlan.Why(
                kind,
                wish,
                family,
                need == null ? null : need.occasion().name(),
                need == null ? null : need.season().name(),
                share);
    }

    /** The presence wish that fails without a piece, or null. */
    private FunctionWish failing(int place) {
        return compiled.aim().requirements().stream()
                .filter(requirement -> SOMETHING.contains(requirement.wish()))
                .filter(requirement -> missed(requirement, choice.without(place)) > missed(requirement, choice))
                .map(Requirement::wish)
                .findFirst()
                .orElse(null);
    }

    private int missed(Requirement requirement, Choice of) {
        boolean[] there = new boolean[compiled.problem().pieces().size()];
        int[] members = of.sorted();
        for (int member : members) {
            there[member] = true;
        }
        return requirement.missedBy(there, members);
    }

    /** The outfits for each need when all other pieces of a family are left out. */
    private long[] withoutOthersOf(Family family, int place) {
        Choice less = choice;
        for (int other : choice.sorted()) {
            if (other != place && compiled.problem().pieces().get(other).kind().family() == family) {
                less = less.without(other);
            }
        }
        less.score(compiled.aim());
        return needs(compiled.aim());
    }

    /**
     * The function wishes the capsule misses.
     *
     * @param wouldDo the smallest size found that meets all wishes, or null
     */
    List<CapsulePlan.Missed> missed(Integer wouldDo) {
        return compiled.aim().requirements().stream()
                .map(requirement -> new CapsulePlan.Missed(requirement.wish(), missed(requirement, choice), wouldDo))
                .filter(missed -> missed.by() > 0)
                .toList();
    }
}
