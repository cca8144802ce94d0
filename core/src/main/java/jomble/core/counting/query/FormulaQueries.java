package jomble.core.counting.query;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import jomble.core.brief.Palette;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.Option;
import jomble.core.formula.Formula;
import jomble.core.formula.SlotFormula;
import jomble.core.piece.Slot;

/**
 * Finds the outfits that match a formula, exactly, from the set of all that work. When a formula uses slots the question
 * does not count, those slots are counted as well. Every method throws {@link CountingStoppedException} when its
 * progress listener asks to stop.
 */
public final class FormulaQueries {
    private static final double FIND_SHARE = 0.5;

    private final SolutionFinder finder;

    public FormulaQueries(SolutionFinder finder) {
        this.finder = finder;
    }

    /**
     * Why no outfit matches a formula.
     *
     * @param slot the slot that would have to change
     */
    public record Missing(Slot slot, String text) {}

    /**
     * The outfits that match a formula.
     *
     * @param missing empty when there are any
     */
    public record Matches(BigInteger total, List<Combination> outfits, List<Missing> missing) {}

    /** A page of the outfits that match a formula, in the stable order of each structure. */
    public Matches matches(CountQuestion question, Formula formula, long offset, int limit, Progress progress) {
        return matches(question, formula, keeping -> keeping.list(0, offset, limit), progress);
    }

    /**
     * Outfits that match a formula, taken at even intervals from all of them, because neighbours in the stable order
     * are much alike.
     */
    public Matches spread(CountQuestion question, Formula formula, int most, Progress progress) {
        return matches(question, formula, keeping -> spread(keeping, most), progress);
    }

    private static List<Found> spread(CheapestPaths keeping, int most) {
        BigInteger total = keeping.count(0);
        if (total.compareTo(BigInteger.valueOf(most)) <= 0) {
            return keeping.list(0, 0, most);
        }
        long within = total.min(BigInteger.valueOf(Long.MAX_VALUE / most)).longValue();
        return LongStream.range(0, most)
                .mapToObj(i -> keeping.list(0, i * within / most, 1).get(0))
                .toList();
    }

    private Matches matches(
            CountQuestion question, Formula formula, Function<CheapestPaths, List<Found>> picking, Progress progress) {
        CountQuestion asked = OutfitQueries.counting(question, formula.slots().keySet());
        SolutionSet set = finder.find(asked, progress.part(0, FIND_SHARE));
        CheapestPaths keeping = new CheapestPaths(set, SlotCost.restrictedTo(predicates(asked, formula)));
        BigInteger total = keeping.count(0);
        return new Matches(
                total,
                finder.complete(asked, picking.apply(keeping), progress.part(FIND_SHARE, 1)),
                total.signum() > 0 ? List.of() : missing(set, asked, formula));
    }

    /** Number of outfits that match a formula. */
    public BigInteger count(CountQuestion question, Formula formula, Progress progress) {
        CountQuestion asked = OutfitQueries.counting(question, formula.slots().keySet());
        SolutionSet set = finder.find(asked, progress);
        return new CheapestPaths(set, SlotCost.restrictedTo(predicates(asked, formula))).count(0);
    }

    private static Map<Slot, Predicate<Option>> predicates(CountQuestion question, Formula formula) {
        Palette palette = question.contexts().get(0).brief().palette();
        Map<Slot, Predicate<Option>> predicates = new EnumMap<>(Slot.class);
        formula.slots().forEach((slot, asked) -> predicates.put(slot, option -> takes(asked, option, palette)));
        return predicates;
    }

    private static boolean takes(SlotFormula asked, Option option, Palette palette) {
        return option.pieces().stream().allMatch(piece -> asked.takes(piece, palette));
    }

    private static List<Missing> missing(SolutionSet set, CountQuestion question, Formula formula) {
        Map<Slot, Predicate<Option>> predicates = predicates(question, formula);
        List<Missing> missing = new ArrayList<>();
        formula.slots().forEach((slot, asked) -> {
            if (set.options().in(slot).stream().noneMatch(predicates.get(slot))) {
                missing.add(new Missing(slot, "Nothing to wear as " + name(slot) + " is " + asked.words() + "."));
            }
        });
        if (!missing.isEmpty()) {
            return missing;
        }
        for (Slot slot : formula.slots().keySet()) {
            Map<Slot, Predicate<Option>> freed = new EnumMap<>(predicates);
            freed.put(slot, option -> true);
            BigInteger opened = new CheapestPaths(set, SlotCost.restrictedTo(freed)).count(0);
            if (opened.signum() > 0) {
                String outfits = opened.equals(BigInteger.ONE) ? "1 outfit" : String.format("%,d outfits", opened);
                missing.add(new Missing(
                        slot,
                        "There are such pieces, but they do not work together; with another " + name(slot)
                                + " there would be " + outfits + "."));
            }
        }
        return missing;
    }

    private static String name(Slot slot) {
        return slot == Slot.ONEPIECE ? "one-piece" : slot == Slot.MID ? "layer" : slot.id();
    }
}
