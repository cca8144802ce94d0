package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import jomble.core.judgement.Gauge;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Finds what can be put on over a dressed body, in one context and one structure, as a node of the diagram.
 *
 * <p>All that the open slots can see of what is worn is one key: what pair rules charge each way to fill them, the prospects of the rules
 * about the whole that are still open, the rules already charged that may be charged again, and the points of the others. Bodies with
 * equal keys share a node, so that the work is done once for each key. Not for use by several threads.
 */
final class TailSearch implements OpenRule.Dresser {
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    /** Longs of a key before the small numbers. */
    private static final int FIXED = 3;
    /** Small numbers that share a long of a key. */
    private static final int PER_LONG = 2;

    private final CompiledContext context;
    private final Tail tail;
    private final Diagram diagram;
    private final int levels;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** By level, the choice each way belongs to; choices count from 1, 0 is the empty slot. */
    private final int[][] choices;

    private final PairVectors[] vectors;
    /** By level, what each way of the wardrobe charges the ways to fill it; −1 until it was worked out. */
    private final int[][] charges;

    private final KeyTable[] tables;
    private final long[][] keys;
    private final Gauge[] gauges;
    /** By level, the vectors of the levels from there on when it is its turn. */
    private final int[][] said;
    /** By level, the rules that wait for it or for one after it. */
    private final OpenRule[][] pending;
    /** By level, the rules that have seen all they can once it is decided. */
    private final CompiledContext.ReadyCheck[][] decided;
    /** By level, the rules that may still be charged whatever the body. */
    private final long[] live;

    /** What may be added to the warmth, where a rule about nothing else asks for it; else null. */
    private final Fillings fillings;

    private final WarmthDiagram warmths;
    /** By level that is filled, the lists of {@link #fillings} by key. */
    private final KeyTable[] lists;

    private final List<CompiledContext.ReadyCheck> ofBody = new ArrayList<>();
    private final CompiledContext.Charge charge = new CompiledContext.Charge();
    private Gauge nextGauge;
    private long nextMinor;
    private long nextMajor;

    /** @param wardrobe how many ways there are in all */
    TailSearch(CompiledContext context, Structure structure, Tail tail, Diagram diagram, int wardrobe) {
        this.context = context;
        this.tail = tail;
        this.diagram = diagram;
        this.levels = tail.levels().size();
        this.ways = new int[levels][];
        this.choices = new int[levels][];
        this.vectors = new PairVectors[levels];
        this.charges = new int[levels][wardrobe];
        this.keys = new long[levels][];
        this.tables = new KeyTable[levels];
        this.lists = new KeyTable[levels];
        this.gauges = new Gauge[levels + 1];
        this.said = new int[levels + 1][levels];
        this.pending = new OpenRule[levels + 1][];
        this.decided = new CompiledContext.ReadyCheck[levels][];
        this.live = new long[levels + 1];
        for (int level = 0; level < levels; level++) {
            spreadWays(level);
        }
        CompiledContext.ReadyCheck warmth = schedule(structure);
        this.fillings = warmth == null ? null : new Fillings(warmth);
        this.warmths = warmth == null ? null : new WarmthDiagram(diagram, fillings, tail.counted());
        for (int level = levels - 1; level >= 0; level--) {
            int small = levels - level + pending[level].length;
            keys[level] = new long[FIXED + (small + PER_LONG - 1) / PER_LONG];
            tables[level] = new KeyTable(keys[level].length);
            lists[level] = new KeyTable(keys[level].length);
            live[level] = live[level + 1] | chargeable(level);
        }
        for (int level = 0; level <= levels; level++) {
            gauges[level] = context.gauge();
        }
    }

    private void spreadWays(int level) {
        List<Option> options = tail.levels().get(level).options();
        ways[level] = options.stream()
                .flatMapToInt(option -> IntStream.range(0, option.ways().size()).map(w -> option.firstWay() + w))
                .toArray();
        choices[level] = IntStream.range(0, options.size())
                .flatMap(o -> options.get(o).ways().stream().mapToInt(way -> o + 1))
                .toArray();
        vectors[level] = new PairVectors(ways[level].length);
        Arrays.fill(charges[level], -1);
    }

    /** Plans when each rule is judged; answers the one about warmth where the tail has a say in it, and leaves it out. */
    private CompiledContext.ReadyCheck schedule(Structure structure) {
        CompiledContext.ReadyCheck warmth = null;
        List<OpenRule> open = new ArrayList<>();
        List<Integer> lastOf = new ArrayList<>();
        for (CompiledContext.ReadyCheck check : context.verdictChecks()) {
            boolean[] touched = new boolean[levels];
            int last = -1;
            for (int level = 0; level < levels; level++) {
                touched[level] = tail.levels().get(level).options().stream()
                        .anyMatch(option -> check.isTouchedBy(option, structure));
                last = touched[level] ? level : last;
            }
            if (last < 0) {
                ofBody.add(check);
            } else if (warmth == null && check.rule().readsWarmthOnly()) {
                warmth = check;
            } else if (!check.rule().id().equals(BodyWalk.STRUCTURE)) {
                open.add(new OpenRule(check, touched, context.gauge(), this));
                lastOf.add(last);
            }
        }
        for (int level = 0; level <= levels; level++) {
            int here = level;
            pending[level] = IntStream.range(0, open.size())
                    .filter(i -> lastOf.get(i) >= here)
                    .mapToObj(open::get)
                    .toArray(OpenRule[]::new);
            if (level < levels) {
                decided[level] = IntStream.range(0, open.size())
                        .filter(i -> lastOf.get(i) == here)
                        .mapToObj(i -> open.get(i).check())
                        .toArray(CompiledContext.ReadyCheck[]::new);
            }
        }
        return warmth;
    }

    /** The rules that the ways to fill a level, and what is decided with it, may charge. */
    private long chargeable(int level) {
        long mask = 0;
        for (CompiledContext.ReadyCheck check : decided[level]) {
            mask |= check.bit();
        }
        for (int way : ways[level]) {
            mask |= context.minor(way, way) | unlessStop(context.major(way, way));
            for (int before = 0; before < level; before++) {
                for (int beside : ways[before]) {
                    mask |= context.minor(way, beside) | unlessStop(context.major(way, beside));
                }
            }
        }
        return mask;
    }

    private static long unlessStop(long major) {
        return major == FindingMasks.STOP ? 0 : major;
    }

    /** The rules about the whole that nothing in the tail touches. */
    List<CompiledContext.ReadyCheck> ofBody() {
        return ofBody;
    }

    CompiledContext context() {
        return context;
    }

    Tail tail() {
        return tail;
    }

    /**
     * The node of a body.
     *
     * @param body the first {@code count} of these ways
     * @param minor rules charged so far, {@code major} likewise; at most {@link #MOST_POINTS} points
     */
    int over(Gauge worn, int[] body, int count, long minor, long major) {
        for (int level = 0; level < levels; level++) {
            int vector = PairVectors.BLANK;
            for (int i = 0; i < count; i++) {
                vector = vectors[level].union(vector, charge(level, body[i]));
            }
            said[0][level] = vector;
        }
        return fillings == null
                ? build(0, worn, minor, major)
                : warmths.given(leaveOpen(0, worn, minor, major), sums(worn));
    }

    /** What a way charges the ways to fill a level. */
    private int charge(int level, int way) {
        if (charges[level][way] < 0) {
            int[] there = ways[level];
            long[] masks = new long[2 * there.length];
            for (int i = 0; i < there.length; i++) {
                masks[i] = context.minor(way, there[i]);
                masks[there.length + i] = context.major(way, there[i]);
            }
            charges[level][way] = vectors[level].number(masks);
        }
        return charges[level][way];
    }

    private static int sums(Gauge worn) {
        return Fillings.pack(worn.fullCentiClo(), worn.peeledCentiClo());
    }

    private int build(int level, Gauge worn, long minor, long major) {
        if (level == levels) {
            return FindingMasks.points(minor, major) <= Verdict.WORKS.mostPoints() ? Diagram.WORKS : Diagram.DARING;
        }
        long[] key = key(level, worn, minor, major);
        int known = tables[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        int node = level < tail.counted() ? branch(level, worn, minor, major) : best(level, worn, minor, major);
        tables[level].put(key, node);
        return node;
    }

    /** All that the slots from a level on can see; it stands until the level is asked for again. */
    private long[] key(int level, Gauge worn, long minor, long major) {
        long[] key = keys[level];
        long alive = live[level];
        int small = 0;
        for (int later = level; later < levels; later++) {
            int vector = said[level][later];
            alive |= vectors[later].charged(vector);
            add(key, small++, vector);
        }
        for (OpenRule rule : pending[level]) {
            add(key, small++, rule.prospect(level, worn));
        }
        key[0] = FindingMasks.points(minor & ~alive, major & ~alive);
        key[1] = minor & ~major & alive;
        key[2] = major & alive;
        return key;
    }

    private static void add(long[] key, int place, long number) {
        int at = FIXED + place / PER_LONG;
        key[at] = place % PER_LONG == 0 ? number : key[at] << Integer.SIZE | number;
    }

    /** A node with a child for every way to decide a counted slot. */
    private int branch(int level, Gauge worn, long minor, long major) {
        int[] of = new int[tail.levels().get(level).options().size() + 1];
        if (leave(level, worn, minor, major)) {
            of[0] = build(level + 1, nextGauge, nextMinor, nextMajor);
        }
        for (int way = 0; way < ways[level].length; way++) {
            if (put(level, way, worn, minor, major)) {
                int choice = choices[level][way];
                of[choice] = diagram.better(of[choice], build(level + 1, nextGauge, nextMinor, nextMajor));
            }
        }
        return diagram.node(level, of);
    }

    /** The best terminal over the ways to fill a slot and those after it. */
    private int best(int level, Gauge worn, long minor, long major) {
        int best = leave(level, worn, minor, major) ? build(level + 1, nextGauge, nextMinor, nextMajor) : Diagram.NO;
        for (int way = 0; way < ways[level].length && best != Diagram.WORKS; way++) {
            if (put(level, way, worn, minor, major)) {
                best = Math.max(best, build(level + 1, nextGauge, nextMinor, nextMajor));
            }
        }
        return best;
    }

    /** The node that leaves the warmth of the body open. */
    private int leaveOpen(int level, Gauge worn, long minor, long major) {
        if (level == levels) {
            int list = fillings.nothing(FindingMasks.points(minor, major));
            return warmths.node(level, new int[1], new int[] {list}, new int[1]);
        }
        long[] key = key(level, worn, minor, major);
        int known = tables[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        int[] choice = new int[ways[level].length + 1];
        System.arraycopy(choices[level], 0, choice, 1, ways[level].length);
        int[] of = new int[choice.length];
        int[] added = new int[choice.length];
        for (int i = 0; i < choice.length; i++) {
            boolean possible = i == 0 ? leave(level, worn, minor, major) : put(level, i - 1, worn, minor, major);
            if (possible) {
                added[i] = sums(nextGauge) - sums(worn);
                of[i] = level < tail.counted()
                        ? leaveOpen(level + 1, nextGauge, nextMinor, nextMajor)
                        : fill(level + 1, nextGauge, nextMinor, nextMajor);
            }
        }
        int node = warmths.node(level, choice, of, added);
        tables[level].put(key, node);
        return node;
    }

    /** The list of what the slots from a level on may add to the warmth. */
    private int fill(int level, Gauge worn, long minor, long major) {
        if (level == levels) {
            return fillings.nothing(FindingMasks.points(minor, major));
        }
        long[] key = key(level, worn, minor, major);
        int known = lists[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        Fillings.Union union = fillings.new Union();
        for (int i = 0; i <= ways[level].length; i++) {
            boolean possible = i == 0 ? leave(level, worn, minor, major) : put(level, i - 1, worn, minor, major);
            if (possible) {
                int more = sums(nextGauge) - sums(worn);
                union.add(fill(level + 1, nextGauge, nextMinor, nextMajor), more);
            }
        }
        int list = union.number();
        lists[level].put(key, list);
        return list;
    }

    /** Leaves a slot empty; what comes of it stands in the fields that begin with "next". False when it cannot be. */
    private boolean leave(int level, Gauge worn, long minor, long major) {
        if (!tail.levels().get(level).mayBeEmpty()) {
            return false;
        }
        System.arraycopy(said[level], level + 1, said[level + 1], level + 1, levels - level - 1);
        return decide(level, worn, minor, major);
    }

    /** Fills a slot in one way, likewise. */
    private boolean put(int level, int place, Gauge worn, long minor, long major) {
        int way = ways[level][place];
        int vector = said[level][level];
        long lesser = minor | vectors[level].minor(vector, place) | context.minor(way, way);
        long greater = major | vectors[level].major(vector, place) | context.major(way, way);
        if (FindingMasks.points(lesser, greater) > MOST_POINTS) {
            return false;
        }
        wear(level, place, worn, gauges[level + 1]);
        for (int later = level + 1; later < levels; later++) {
            said[level + 1][later] = vectors[later].union(said[level][later], charge(later, way));
        }
        return decide(level, gauges[level + 1], lesser, greater);
    }

    /** Judges what can be judged now that a level is decided. */
    private boolean decide(int level, Gauge worn, long minor, long major) {
        nextGauge = worn;
        nextMinor = minor;
        nextMajor = major;
        if (decided[level].length > 0) {
            charge.clear();
            for (CompiledContext.ReadyCheck check : decided[level]) {
                check.judge(worn, charge);
            }
            nextMinor |= charge.minor;
            nextMajor |= charge.major;
        }
        return FindingMasks.points(nextMinor, nextMajor) <= MOST_POINTS;
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
