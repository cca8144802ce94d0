package jomble.core.counting.remaining;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * The rules that the remaining slots can affect in one context and one structure, divided by how they are evaluated.
 * What they compute is cached, because it is the same for every body. Not thread-safe.
 */
public final class RemainingSlotRules implements RuleAutomaton.Dresser {
    /** The rule that every enumerated outfit satisfies by construction. */
    public static final String STRUCTURE = "structure";

    private final CompiledContext context;
    private final RemainingSlots remaining;
    private final int levels;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** Levels before this one are individual parts of a search key; the others are joint. */
    private final int individual;

    private final PenaltySets penaltySets = new PenaltySets();
    private final PairPenalties pairs;
    private final ProductAutomaton automaton;
    private final TransitionTable transitions;
    private final List<ReadyCheck> ofBody = new ArrayList<>();
    private final ReadyCheck warmth;
    /** By level, the rules that can still be penalised, whatever the body. */
    private final long[] live;

    /** @param wardrobe number of ways in the whole wardrobe */
    public RemainingSlotRules(CompiledContext context, Structure structure, RemainingSlots remaining, int wardrobe) {
        this.context = context;
        this.remaining = remaining;
        this.levels = remaining.levels().size();
        this.individual = Math.max(remaining.levelOf(Slot.MID), remaining.levelOf(Slot.JACKET)) + 1;
        this.ways = remaining.levels().stream().map(RemainingSlotRules::ways).toArray(int[][]::new);
        this.pairs = new PairPenalties(context, penaltySets, ways, individual, wardrobe);
        List<RuleAutomaton> open = new ArrayList<>();
        this.warmth = schedule(structure, open);
        this.automaton = new ProductAutomaton(
                open, Arrays.stream(ways).mapToInt(there -> there.length).toArray(), penaltySets);
        this.transitions = new TransitionTable(automaton, pairs, penaltySets, remaining, individual);
        this.live = new long[levels + 1];
        for (int level = levels - 1; level >= 0; level--) {
            live[level] = live[level + 1] | automaton.decidedAt(level) | pairs.within(level);
        }
    }

    private static int[] ways(RemainingSlots.Level level) {
        return level.options().stream()
                .flatMapToInt(option -> IntStream.range(0, option.ways().size()).map(way -> option.firstWay() + way))
                .toArray();
    }

    /**
     * Divides the rules. Returns the warmth rule if the remaining slots affect it, and leaves it out of the other
     * groups.
     */
    private ReadyCheck schedule(Structure structure, List<RuleAutomaton> open) {
        ReadyCheck warmth = null;
        for (ReadyCheck check : context.verdictChecks()) {
            boolean[] touched = new boolean[levels];
            boolean reaches = false;
            for (int level = 0; level < levels; level++) {
                touched[level] = remaining.levels().get(level).options().stream()
                        .anyMatch(option -> check.isTouchedBy(option, structure));
                reaches |= touched[level];
            }
            if (!reaches) {
                ofBody.add(check);
            } else if (warmth == null && check.rule().readsWarmthOnly()) {
                warmth = check;
            } else if (!check.rule().id().equals(STRUCTURE)) {
                open.add(new RuleAutomaton(check, touched, context.accumulator(), this));
            }
        }
        return warmth;
    }

    /** The whole-outfit rules that the remaining slots cannot affect. */
    public List<ReadyCheck> ofBody() {
        return ofBody;
    }

    public CompiledContext context() {
        return context;
    }

    public RemainingSlots remaining() {
        return remaining;
    }

    /** The warmth rule if the remaining slots affect it and it depends on nothing else; otherwise null. */
    ReadyCheck warmth() {
        return warmth;
    }

    int individual() {
        return individual;
    }

    PenaltySets penaltySets() {
        return penaltySets;
    }

    PairPenalties pairs() {
        return pairs;
    }

    TransitionTable transitions() {
        return transitions;
    }

    /** The first state of the transition table for a body. */
    int seen(MeasureAccumulator worn, int[] body, int count) {
        return transitions.start(automaton.start(worn), pairs.farOver(body, count));
    }

    /** The rules that can still be penalised from a level on, whatever the body. */
    long live(int level) {
        return live[level];
    }

    @Override
    public int ways(int level) {
        return ways[level].length;
    }

    @Override
    public boolean mayBeEmpty(int level) {
        return remaining.levels().get(level).mayBeEmpty();
    }

    @Override
    public void wear(int level, int place, MeasureAccumulator worn, MeasureAccumulator after) {
        int way = ways[level][place];
        after.set(worn);
        after.add(context.contribution(way));
        Slot slot = remaining.levels().get(level).slot();
        if (slot == Slot.MID || slot == Slot.JACKET) {
            meet(worn.bottom(), way, after);
        }
        if (slot == Slot.JACKET) {
            meet(worn.mid(), way, after);
        }
        if (slot == Slot.MID || slot == Slot.LEGWEAR) {
            meet(worn.onepiece(), way, after);
        }
        if (slot == Slot.MID && worn.jacket() >= 0) {
            after.add(context.contribution(way, worn.jacket()));
        }
    }

    /** @param inner −1 for an empty slot */
    private void meet(int inner, int outer, MeasureAccumulator worn) {
        if (inner >= 0) {
            worn.add(context.contribution(inner, outer));
        }
    }
}
