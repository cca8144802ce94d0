package jomble.core.counting.compiled;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Judges outfits of one wardrobe in one context by what was worked out beforehand: the findings of pieces and pairs are looked up,
 * those about the whole read the summary. Answers verdict, points and which rules spoke, as {@link jomble.core.judgement.Judge}
 * would; the sentences are left to that. Rulings on whole outfits are not looked at. Not for use by several threads.
 */
public final class CompiledJudge {
    private static final int SLOTS = Slot.values().length;

    private final Options options;
    private final CompiledContext context;
    private final Map<PieceId, Option[]> places = new HashMap<>();
    private final List<CompiledContext.ReadyCheck> onceForAllWays = new ArrayList<>();
    private final List<CompiledContext.ReadyCheck> forEachWay = new ArrayList<>();
    private final Worn[] worn = new Worn[SLOTS];
    private final Option[] chosen = new Option[SLOTS];
    private final int[] ways = new int[SLOTS];
    private int count;
    private long bestMinor;
    private long bestMajor;
    private int bestPoints;

    /**
     * The outcome.
     *
     * @param points {@link Integer#MAX_VALUE} for a stop
     * @param minor bits of the rules whose worst finding is minor, {@code major} of those where it is major or a stop
     */
    public record Outcome(Verdict verdict, int points, long minor, long major) {}

    /** @param pieces all that outfits may be made of */
    public CompiledJudge(List<Piece> pieces, JudgementContext judged, RuleCatalogue catalogue) {
        this.options = new Options(pieces, judged);
        List<Worn> all = options.ways();
        this.context = new CompiledContext(
                judged,
                catalogue,
                all,
                new FindingMasks(options, catalogue, judged, false),
                judged.weather() == null ? null : new FindingMasks(options, catalogue, judged, true));
        for (Option option : options.all()) {
            if (option.pieces().size() == 1) {
                places.computeIfAbsent(option.pieces().get(0).id(), id -> new Option[SLOTS])[
                        option.slot().ordinal()] = option;
            }
        }
        context.verdictChecks()
                .forEach(check -> (check.rule().readsFinishes() ? forEachWay : onceForAllWays).add(check));
    }

    /**
     * The best over the ways to wear it.
     *
     * @throws IllegalArgumentException when a piece is not of the wardrobe or has no such role
     */
    public Outcome best(Outfit outfit) {
        count = 0;
        Arrays.fill(worn, null);
        for (Worn one : outfit.worn()) {
            Option option = option(one);
            chosen[count++] = option;
            worn[one.slot().ordinal()] = option.ways().get(0);
        }
        CompiledContext.Penalties penalties = new CompiledContext.Penalties();
        penalties.add(onceForAllWays, context.summarise(worn));
        bestPoints = Integer.MAX_VALUE;
        bestMinor = penalties.minor;
        bestMajor = PenaltySets.EVERY_RULE;
        choose(0, penalties.minor, penalties.major);
        boolean stopped = bestMajor == PenaltySets.EVERY_RULE;
        return new Outcome(
                Verdict.of(stopped, stopped ? 0 : bestPoints),
                stopped ? Integer.MAX_VALUE : bestPoints,
                bestMinor,
                bestMajor);
    }

    /**
     * Whether two pieces in two slots can be worn in some way that rules about pieces and pairs let pass.
     *
     * @throws IllegalArgumentException when a piece is not of the wardrobe or has no such role
     */
    public boolean mayMeet(Worn one, Worn other) {
        Option a = option(one);
        Option b = option(other);
        for (int i = 0; i < a.ways().size(); i++) {
            for (int k = 0; k < b.ways().size(); k++) {
                int inner = a.firstWay() + i;
                int outer = b.firstWay() + k;
                long minor = context.minor(inner, inner) | context.minor(outer, outer) | context.minor(inner, outer);
                long major = context.major(inner, inner) | context.major(outer, outer) | context.major(inner, outer);
                if (PenaltySets.points(minor, major) <= Verdict.DARING.mostPoints()) {
                    return true;
                }
            }
        }
        return false;
    }

    private Option option(Worn one) {
        Option[] bySlot = places.get(one.piece().id());
        Option option = bySlot == null || one.pieces().size() > 1
                ? null
                : bySlot[one.slot().ordinal()];
        if (option == null) {
            throw new IllegalArgumentException(one + " is not of this wardrobe");
        }
        return option;
    }

    private void choose(int next, long minor, long major) {
        if (major == PenaltySets.EVERY_RULE || PenaltySets.points(minor, major) >= bestPoints) {
            return;
        }
        if (next == count) {
            settle(minor, major);
            return;
        }
        Option option = chosen[next];
        for (int i = 0; i < option.ways().size(); i++) {
            int way = option.firstWay() + i;
            long lesser = minor | context.minor(way, way);
            long greater = major | context.major(way, way);
            for (int before = 0; before < next; before++) {
                lesser |= context.minor(way, ways[before]);
                greater |= context.major(way, ways[before]);
            }
            ways[next] = way;
            worn[option.slot().ordinal()] = option.ways().get(i);
            choose(next + 1, lesser, greater);
        }
    }

    private void settle(long minor, long major) {
        CompiledContext.Penalties penalties = new CompiledContext.Penalties();
        if (!forEachWay.isEmpty()) {
            penalties.add(forEachWay, context.summarise(worn));
        }
        long lesser = minor | penalties.minor;
        long greater = major | penalties.major;
        int points = PenaltySets.points(lesser, greater);
        if (greater != PenaltySets.EVERY_RULE && points < bestPoints) {
            bestPoints = points;
            bestMinor = lesser & ~greater;
            bestMajor = greater;
        }
    }

    /** Whether nothing is left out: no ruling speaks of a whole outfit. */
    public static boolean covers(Overrides overrides) {
        return overrides.approvedOutfits().isEmpty();
    }
}
