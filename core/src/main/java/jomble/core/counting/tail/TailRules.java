package jomble.core.counting.tail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.judgement.Gauge;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * The rules that have a say in what is put on over a dressed body, in one context and one structure, each where it can be judged.
 * What is found out about them on the way is kept: it is the same for every body, whoever asks. Not for use by several threads.
 */
public final class TailRules implements OpenRule.Dresser {
    /** The rule that a walk obeys by its own shape. */
    public static final String STRUCTURE = "structure";

    private final CompiledContext context;
    private final Tail tail;
    private final int levels;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** The levels before this one are looked at one by one in a key, the others together. */
    private final int near;

    private final Charges charges = new Charges();
    private final PairCharges pairs;
    private final Prospects prospects;
    private final Outlook outlook;
    private final List<CompiledContext.ReadyCheck> ofBody = new ArrayList<>();
    private final CompiledContext.ReadyCheck warmth;
    /** By level, the rules that may still be charged whatever the body. */
    private final long[] live;

    /** @param wardrobe how many ways there are in all */
    public TailRules(CompiledContext context, Structure structure, Tail tail, int wardrobe) {
        this.context = context;
        this.tail = tail;
        this.levels = tail.levels().size();
        this.near = Math.max(tail.levelOf(Slot.MID), tail.levelOf(Slot.JACKET)) + 1;
        this.ways = tail.levels().stream().map(TailRules::ways).toArray(int[][]::new);
        this.pairs = new PairCharges(context, charges, ways, near, wardrobe);
        List<OpenRule> open = new ArrayList<>();
        this.warmth = schedule(structure, open);
        this.prospects = new Prospects(
                open, Arrays.stream(ways).mapToInt(there -> there.length).toArray(), charges);
        this.outlook = new Outlook(prospects, pairs, charges, tail, near);
        this.live = new long[levels + 1];
        for (int level = levels - 1; level >= 0; level--) {
            live[level] = live[level + 1] | prospects.decidedAt(level) | pairs.within(level);
        }
    }

    private static int[] ways(Tail.Level level) {
        return level.options().stream()
                .flatMapToInt(option -> IntStream.range(0, option.ways().size()).map(way -> option.firstWay() + way))
                .toArray();
    }

    /** Parts the rules; answers the one about warmth where the tail has a say in it, and leaves it out. */
    private CompiledContext.ReadyCheck schedule(Structure structure, List<OpenRule> open) {
        CompiledContext.ReadyCheck warmth = null;
        for (CompiledContext.ReadyCheck check : context.verdictChecks()) {
            boolean[] touched = new boolean[levels];
            boolean reaches = false;
            for (int level = 0; level < levels; level++) {
                touched[level] = tail.levels().get(level).options().stream()
                        .anyMatch(option -> check.isTouchedBy(option, structure));
                reaches |= touched[level];
            }
            if (!reaches) {
                ofBody.add(check);
            } else if (warmth == null && check.rule().readsWarmthOnly()) {
                warmth = check;
            } else if (!check.rule().id().equals(STRUCTURE)) {
                open.add(new OpenRule(check, touched, context.gauge(), this));
            }
        }
        return warmth;
    }

    /** The rules about the whole that nothing in the tail touches. */
    public List<CompiledContext.ReadyCheck> ofBody() {
        return ofBody;
    }

    public CompiledContext context() {
        return context;
    }

    public Tail tail() {
        return tail;
    }

    /** The rule about warmth where the tail has a say in it and it is about nothing else; null where there is none. */
    CompiledContext.ReadyCheck warmth() {
        return warmth;
    }

    int near() {
        return near;
    }

    Charges charges() {
        return charges;
    }

    PairCharges pairs() {
        return pairs;
    }

    Outlook outlook() {
        return outlook;
    }

    /** What is seen of a body. */
    int seen(Gauge worn, int[] body, int count) {
        return outlook.start(prospects.start(worn), pairs.farOver(body, count));
    }

    /** The rules that may still be charged from a level on, whatever the body. */
    long live(int level) {
        return live[level];
    }

    @Override
    public int ways(int level) {
        return ways[level].length;
    }

    @Override
    public boolean mayBeEmpty(int level) {
        return tail.levels().get(level).mayBeEmpty();
    }

    @Override
    public void wear(int level, int place, Gauge worn, Gauge after) {
        int way = ways[level][place];
        after.set(worn);
        after.add(context.part(way));
        Slot slot = tail.levels().get(level).slot();
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
            after.add(context.meeting(way, worn.jacket()));
        }
    }

    /** @param inner −1 where nothing is worn */
    private void meet(int inner, int outer, Gauge worn) {
        if (inner >= 0) {
            worn.add(context.meeting(inner, outer));
        }
    }
}
