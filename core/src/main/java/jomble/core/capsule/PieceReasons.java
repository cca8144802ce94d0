package jomble.core.capsule;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
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
            FunctionWish.SECOND_WARM_COAT,
            FunctionWish.RAIN_COVER,
            FunctionWish.CLOSED_SHOES,
            FunctionWish.SECOND_SHOES,
            FunctionWish.TAILORED_JACKET,
            FunctionWish.SETS);

    private final CompiledCapsule compiled;
    private final Choice choice;
    /** By need, the outfits of the whole capsule in the weakest month. */
    private final long[] before;
    /** By piece index, the contexts, as bits, in which the capsule wears it. */
    private final long[] worksIn;

    PieceReasons(CompiledCapsule compiled, Choice choice) {
        this.compiled = compiled;
        this.choice = choice;
        choice.score(compiled.aim());
        this.before = needs(compiled.aim());
        this.worksIn = new long[compiled.problem().pieces().size()];
        compiled.aim().outfits().worksIn(worksIn);
    }

    /** By need, the outfits in the weakest month, for the choice scored last. */
    private static long[] needs(Aim aim) {
        long[] there = new long[aim.needs().size()];
        for (int i = 0; i < there.length; i++) {
            there[i] = aim.weakest(i, false);
        }
        return there;
    }

    /**
     * The strongest reason for a piece of the capsule.
     *
     * @param losesOutfits whether the capsule has fewer outfits without it
     */
    CapsulePlan.Why of(Piece piece, boolean losesOutfits) {
        int place = compiled.problem().pieces().indexOf(piece);
        Family family = piece.kind().family();
        CapsulePlan.Why ofNeeds = ofNeeds(place, family);
        if (ofNeeds != null && ofNeeds.isEssential()) {
            return ofNeeds;
        }
        FunctionWish wish = failing(place);
        if (wish != null) {
            return CapsulePlan.Why.aboutWish(wish, family);
        }
        if (compiled.problem().wishes().must().contains(piece.id())) {
            return CapsulePlan.Why.of(CapsulePlan.Why.Kind.ASKED_FOR, family);
        }
        return ofNeeds != null
                ? ofNeeds
                : CapsulePlan.Why.of(losesOutfits ? CapsulePlan.Why.Kind.ADDS : CapsulePlan.Why.Kind.SPARE, family);
    }

    /** The need that loses most without a piece; null when none loses any. */
    private CapsulePlan.Why ofNeeds(int place, Family family) {
        Aim aim = compiled.aim();
        choice.without(place).score(aim);
        long[] left = needs(aim);
        CapsulePlan.Why why = null;
        for (int i = 0; i < before.length; i++) {
            if (left[i] < before[i]) {
                CapsulePlan.Why.Kind kind = left[i] == 0
                        ? CapsulePlan.Why.Kind.NEED_FAILS
                        : isOnlyOf(family, place, aim.bitsOf(i))
                                ? CapsulePlan.Why.Kind.ONLY_OF_FAMILY
                                : CapsulePlan.Why.Kind.CARRIES;
                double share = 1 - (double) left[i] / before[i];
                if (why == null || kind.compareTo(why.kind()) < 0 || kind == why.kind() && share > why.share()) {
                    why = CapsulePlan.Why.aboutNeed(kind, family, aim.needs().get(i), share);
                }
            }
        }
        return why;
    }

    /** Whether no other piece of the family is worn in these contexts. */
    private boolean isOnlyOf(Family family, int place, long contexts) {
        return Arrays.stream(choice.sorted())
                .filter(other -> other != place
                        && compiled.problem().pieces().get(other).kind().family() == family)
                .noneMatch(other -> (worksIn[other] & contexts) != 0);
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

    /**
     * The function wishes the capsule misses.
     *
     * @param wouldDo the smallest size found that meets all wishes, or null
     */
    List<CapsulePlan.Missed> missed(Integer wouldDo) {
        Map<FunctionWish, Integer> missed = new EnumMap<>(FunctionWish.class);
        compiled.aim()
                .requirements()
                .forEach(requirement -> missed.merge(requirement.wish(), missed(requirement, choice), Integer::sum));
        missed.values().removeIf(by -> by == 0);
        return missed.entrySet().stream()
                .map(one -> new CapsulePlan.Missed(one.getKey(), one.getValue(), wouldDo))
                .toList();
    }
}
