package jomble.core.counting.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.NeverTogether;
import jomble.core.counting.SlotPair;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.remaining.RemainingSlotRules;
import jomble.core.counting.table.Figures;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Result;
import jomble.core.judgement.Rule;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.Summary;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * For two pieces that occur in no combination, the rule that most often forbids them.
 *
 * <p>The pair is placed in the simplest outfits it can be part of, one for each way to fill the other mandatory slots.
 * Each is judged in every context, worn in its least forbidden way. Every rule that stops is counted or, when none
 * does, every rule that costs points. Rules about warmth are counted only when no other rule forbids anything. Not
 * thread-safe.
 */
public final class NeverTogetherFinder {
    private static final int MOST_OUTFITS = 40;

    private final RuleCatalogue catalogue;
    private final CompiledQuestion compiled;
    private final Options options;
    private final int[] votes;
    private final Worn[] worn = new Worn[Slot.values().length];
    private final Blame blame = new Blame();
    private boolean countsWarmth;

    /** The rules that forbid an outfit in the best way found so far to wear it. */
    private final class Blame {
        private int stops;
        private int points;
        /** As catalogue indices. */
        private final BitSet rules = new BitSet();

        void clear() {
            stops = Integer.MAX_VALUE;
            points = Integer.MAX_VALUE;
            rules.clear();
        }

        void offer(boolean stopped, BitSet stopping, Penalties found) {
            int itsStops = stopped ? Math.max(1, stopping.cardinality()) : 0;
            int itsPoints = found.points();
            if (itsStops < stops || itsStops == stops && itsPoints < points) {
                stops = itsStops;
                points = itsPoints;
                rules.clear();
                if (stopped) {
                    rules.or(stopping);
                } else if (itsPoints > Verdict.WORKS.mostPoints()) {
                    addFaults(false, found.minor() | found.major());
                    addFaults(true, found.minorBeyond() | found.majorBeyond());
                }
            }
        }

        private void addFaults(boolean areBeyond, long faults) {
            for (long left = faults; left != 0; left &= left - 1) {
                Rule rule = catalogue.withFaultBit(areBeyond, Long.numberOfTrailingZeros(left));
                rules.set(catalogue.bits(rule).place());
            }
        }
    }

    public NeverTogetherFinder(RuleCatalogue catalogue, CompiledQuestion compiled) {
        this.catalogue = catalogue;
        this.compiled = compiled;
        this.options = compiled.options();
        this.votes = new int[catalogue.rules().size()];
    }

    /** Nothing is known about uncounted slots, because the pieces that fill them are not distinguished. */
    public List<NeverTogether> find(List<SlotPair> crossings, List<Map<Option, Map<Option, Figures>>> crossed) {
        CountedSlots counted = compiled.question().counted();
        List<NeverTogether> never = new ArrayList<>();
        for (int i = 0; i < crossings.size(); i++) {
            SlotPair pair = crossings.get(i);
            boolean areCounted = counted.has(pair.first()) && counted.has(pair.second());
            for (Option a : areCounted ? options.in(pair.first()) : List.<Option>of()) {
                Map<Option, Figures> row = crossed.get(i).getOrDefault(a, Map.of());
                for (Option b : options.in(pair.second())) {
                    if (!row.containsKey(b) && !a.overlaps(b)) {
                        never.add(new NeverTogether(a.ids().get(0), b.ids().get(0), commonestRule(a, b)));
                    }
                }
            }
        }
        return never;
    }

    private String commonestRule(Option a, Option b) {
        if (isRuledOut(a, b)) {
            return Overrides.ID;
        }
        Arrays.fill(votes, 0);
        List<List<Option>> outfits = plainOutfits(a, b);
        vote(outfits, false);
        if (Arrays.stream(votes).allMatch(n -> n == 0)) {
            vote(outfits, true);
        }
        int most = 0;
        for (int rule = 1; rule < votes.length; rule++) {
            most = votes[rule] > votes[most] ? rule : most;
        }
        return votes[most] == 0
                ? RemainingSlotRules.STRUCTURE
                : catalogue.rules().get(most).id();
    }

    /**
     * Counts, for each rule, the outfits it forbids.
     *
     * @param warmth whether rules about warmth alone are counted: a simple outfit is often too cold only for lack of a
     *     coat or a layer
     */
    private void vote(List<List<Option>> outfits, boolean warmth) {
        countsWarmth = warmth;
        for (List<Option> outfit : outfits) {
            for (CompiledContext context : compiled.contexts()) {
                blame.clear();
                Arrays.fill(worn, null);
                wear(context, outfit, new int[outfit.size()], 0, Penalties.NONE, new BitSet(), false);
                blame.rules.stream().forEach(place -> votes[place]++);
            }
        }
    }

    /** Whether a ruling of the stylist forbids the pair, whatever the rules find. */
    private boolean isRuledOut(Option a, Option b) {
        List<PieceId> both = new ArrayList<>(a.ids());
        both.addAll(b.ids());
        for (CompiledContext context : compiled.contexts()) {
            for (Ruling ruling : context.context().overrides().neverOf(1, 2)) {
                if (both.containsAll(ruling.pieces())) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Adds the options from an index on, in every way. */
    private void wear(
            CompiledContext context,
            List<Option> outfit,
            int[] ways,
            int next,
            Penalties found,
            BitSet stops,
            boolean stopped) {
        if (next == ways.length) {
            offer(context, found, stops, stopped);
            return;
        }
        Option option = outfit.get(next);
        for (int i = 0; i < option.ways().size(); i++) {
            int way = option.firstWay() + i;
            ways[next] = way;
            worn[option.slot().ordinal()] = option.ways().get(i);
            Penalties worse = found;
            BitSet against = (BitSet) stops.clone();
            boolean dead = stopped;
            for (int k = 0; k <= next; k++) {
                long major = context.major(ways[k], way);
                dead |= major == PenaltySets.EVERY_RULE;
                worse = worse.plus(new Penalties(
                        context.minor(ways[k], way),
                        major == PenaltySets.EVERY_RULE ? 0 : major,
                        context.minorBeyond(ways[k], way),
                        context.majorBeyond(ways[k], way),
                        0));
                context.addStops(ways[k], way, against);
            }
            wear(context, outfit, ways, next + 1, worse, against, dead);
        }
    }

    private void offer(CompiledContext context, Penalties ofPieces, BitSet stops, boolean stopped) {
        Penalties found = ofPieces;
        boolean dead = stopped;
        BitSet all = (BitSet) stops.clone();
        Summary summary = context.summarise(worn);
        for (ReadyCheck check : context.verdictChecks()) {
            Optional<Result> result = check.check().judge(summary);
            boolean counts = countsWarmth || !check.rule().readsWarmthOnly();
            if (result.isEmpty() || !counts) {
                continue;
            }
            if (result.get().kind() == FindingKind.STOP) {
                dead = true;
                if (check.bits().place() >= 0) {
                    all.set(check.bits().place());
                }
            } else {
                found = found.plus(result.get().kind(), check.bits());
            }
        }
        blame.offer(dead, all, found);
    }

    private List<List<Option>> plainOutfits(Option a, Option b) {
        Optional<Structure> home = List.of(Structure.values()).stream()
                .filter(s -> s.allows(a.slot()) && s.allows(b.slot()))
                .filter(s -> s.takes(a.slot(), a.pieces().get(0))
                        && s.takes(b.slot(), b.pieces().get(0)))
                .findFirst();
        if (home.isEmpty()) {
            return List.of();
        }
        List<List<Option>> picks = new ArrayList<>(List.of(List.of(a, b)));
        for (Slot slot : home.get().mandatory(compiled.wantsShoes())) {
            if (slot != a.slot() && slot != b.slot()) {
                picks = extend(picks, options.in(slot));
            }
        }
        return picks;
    }

    private static List<List<Option>> extend(List<List<Option>> picks, List<Option> choices) {
        List<List<Option>> extended = new ArrayList<>();
        for (List<Option> pick : picks) {
            for (Option choice : choices) {
                if (extended.size() < MOST_OUTFITS && pick.stream().noneMatch(choice::overlaps)) {
                    List<Option> more = new ArrayList<>(pick);
                    more.add(choice);
                    extended.add(more);
                }
            }
        }
        return extended;
    }
}
