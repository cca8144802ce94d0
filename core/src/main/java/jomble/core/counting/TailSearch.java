package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import jomble.core.judgement.Gauge;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * Finds what can be put on over a dressed body, in one context and one structure, as a node of the diagram.
 *
 * <p>All that the open slots can see of what is worn is one key: what pair rules charge each open option, the keys of the rules about
 * the whole that are still open, the rules already charged that may be charged again, and the points of the others. Bodies with equal
 * keys share a node, so that the work is done once for each key. Not for use by several threads.
 */
final class TailSearch implements OpenRule.Dresser {
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    /** Longs of a key before those of the rules. */
    private static final int FIXED = 4;
    /** Prospects of rules that share a long of a key. */
    private static final int PER_LONG = 2;

    private final CompiledContext context;
    private final Tail tail;
    private final Diagram diagram;
    private final List<Worn> ways;
    private final List<Option> options;
    private final PairVectors vectors;
    private final int[] vectorOfWay;
    private final int[] vectorOfOption;
    private final KeyTable[] tables;
    private final KeyTable narrowed = new KeyTable(1);
    private final long[] narrowedKey = new long[1];
    private final long[][] keys;
    private final int[][] children;
    private final Gauge[] gauges;
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

    private Gauge nextGauge;
    private int nextVector;
    private long nextMinor;
    private long nextMajor;

    private final List<CompiledContext.ReadyCheck> ofBody = new ArrayList<>();
    private final CompiledContext.Charge charge = new CompiledContext.Charge();

    TailSearch(CompiledContext context, Structure structure, Tail tail, Diagram diagram, List<Worn> ways) {
        this.context = context;
        this.tail = tail;
        this.diagram = diagram;
        this.ways = ways;
        this.options = tail.options();
        this.vectors = new PairVectors(options.size());
        this.vectorOfWay = new int[ways.size()];
        Arrays.fill(vectorOfWay, -1);
        int levels = tail.levels().size();
        this.keys = new long[levels][];
        this.children = new int[levels][];
        this.tables = new KeyTable[levels];
        this.gauges = new Gauge[levels + 1];
        this.pending = new OpenRule[levels + 1][];
        this.decided = new CompiledContext.ReadyCheck[levels][];
        this.live = new long[levels + 1];
        this.lists = new KeyTable[levels];
        CompiledContext.ReadyCheck warmth = schedule(structure, levels);
        this.fillings = warmth == null ? null : new Fillings(warmth);
        this.warmths = warmth == null ? null : new WarmthDiagram(diagram, fillings, tail.counted());
        for (int level = levels - 1; level >= 0; level--) {
            keys[level] = new long[FIXED + (pending[level].length + PER_LONG - 1) / PER_LONG];
            tables[level] = new KeyTable(keys[level].length);
            lists[level] = new KeyTable(keys[level].length);
            children[level] = new int[tail.levels().get(level).options().size() + 1];
            live[level] = live[level + 1] | chargeable(level);
        }
        for (int level = 0; level <= levels; level++) {
            gauges[level] = context.gauge();
        }
        this.vectorOfOption = new int[options.size()];
        for (int i = 0; i < vectorOfOption.length; i++) {
            vectorOfOption[i] = vectorOf(options.get(i).firstWay());
        }
    }

    /** Plans when each rule is judged; answers the one about warmth where the tail has a say in it, and leaves it out. */
    private CompiledContext.ReadyCheck schedule(Structure structure, int levels) {
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
            } else {
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

    /** The rules that the options of a level, and what is decided with it, may charge. */
    private long chargeable(int level) {
        long mask = 0;
        for (CompiledContext.ReadyCheck check : decided[level]) {
            mask |= check.bit();
        }
        for (Option option : tail.levels().get(level).options()) {
            int way = option.firstWay();
            mask |= context.minor(way, way) | unlessStop(context.major(way, way));
            for (int before = 0; before < level; before++) {
                for (Option other : tail.levels().get(before).options()) {
                    int beside = other.firstWay();
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

    /** What a way charges the options of the tail, as a number for {@link #union}. */
    int vectorOf(int way) {
        if (vectorOfWay[way] < 0) {
            long[] masks = new long[2 * options.size()];
            for (int i = 0; i < options.size(); i++) {
                int other = options.get(i).firstWay();
                if (other != way) {
                    masks[i] = context.minor(way, other);
                    masks[options.size() + i] = context.major(way, other);
                }
            }
            vectorOfWay[way] = vectors.number(masks);
        }
        return vectorOfWay[way];
    }

    int union(int one, int other) {
        return vectors.union(one, other);
    }

    /**
     * The node of a body.
     *
     * @param vector union of what its ways charge
     * @param minor rules charged so far, {@code major} likewise; at most {@link #MOST_POINTS} points
     */
    int over(Gauge body, int vector, long minor, long major) {
        return fillings == null
                ? build(0, body, vector, minor, major)
                : warmths.given(leaveOpen(0, body, vector, minor, major), sums(body));
    }

    private int build(int level, Gauge worn, int vector, long minor, long major) {
        if (level == tail.levels().size()) {
            return FindingMasks.points(minor, major) <= Verdict.WORKS.mostPoints() ? Diagram.WORKS : Diagram.DARING;
        }
        int known = tables[level].get(key(level, worn, vector, minor, major));
        if (known != KeyTable.ABSENT) {
            return known;
        }
        int node = level < tail.counted()
                ? branch(level, worn, vector, minor, major)
                : best(level, worn, vector, minor, major);
        tables[level].put(key(level, worn, vector, minor, major), node);
        return node;
    }

    /** All that the slots from a level on can see. */
    private long[] key(int level, Gauge worn, int vector, long minor, long major) {
        long[] key = keys[level];
        long alive = live[level] | vectors.charged(vector);
        key[0] = vector;
        key[1] = FindingMasks.points(minor & ~alive, major & ~alive);
        key[2] = minor & ~major & alive;
        key[3] = major & alive;
        OpenRule[] waiting = pending[level];
        for (int i = 0; i < waiting.length; i++) {
            int at = FIXED + i / PER_LONG;
            long prospect = waiting[i].prospect(level, worn);
            key[at] = i % PER_LONG == 0 ? prospect : key[at] << Integer.SIZE | prospect;
        }
        return key;
    }

    /** A node with a child for every way to decide a counted slot. */
    private int branch(int level, Gauge worn, int vector, long minor, long major) {
        Tail.Level here = tail.levels().get(level);
        int[] of = children[level];
        for (int choice = 0; choice <= here.options().size(); choice++) {
            of[choice] = choose(level, choice, worn, vector, minor, major)
                    ? build(level + 1, nextGauge, nextVector, nextMinor, nextMajor)
                    : Diagram.NO;
        }
        return diagram.node(level, of);
    }

    /** The best terminal over the ways to fill a slot and those after it. */
    private int best(int level, Gauge worn, int vector, long minor, long major) {
        Tail.Level here = tail.levels().get(level);
        int best = Diagram.NO;
        for (int choice = 0; choice <= here.options().size() && best != Diagram.WORKS; choice++) {
            if (choose(level, choice, worn, vector, minor, major)) {
                best = Math.max(best, build(level + 1, nextGauge, nextVector, nextMinor, nextMajor));
            }
        }
        return best;
    }

    private static int sums(Gauge worn) {
        return Fillings.pack(worn.fullCentiClo(), worn.peeledCentiClo());
    }

    /** The node that leaves the warmth of the body open. */
    private int leaveOpen(int level, Gauge worn, int vector, long minor, long major) {
        if (level == tail.levels().size()) {
            int list = fillings.nothing(FindingMasks.points(minor, major));
            return warmths.node(level, new int[] {list}, new int[1]);
        }
        int known = tables[level].get(key(level, worn, vector, minor, major));
        if (known != KeyTable.ABSENT) {
            return known;
        }
        int choices = tail.levels().get(level).options().size() + 1;
        int[] of = new int[choices];
        int[] added = new int[choices];
        for (int choice = 0; choice < choices; choice++) {
            if (choose(level, choice, worn, vector, minor, major)) {
                added[choice] = sums(nextGauge) - sums(worn);
                of[choice] = level < tail.counted()
                        ? leaveOpen(level + 1, nextGauge, nextVector, nextMinor, nextMajor)
                        : fill(level + 1, nextGauge, nextVector, nextMinor, nextMajor);
            }
        }
        int node = warmths.node(level, of, added);
        tables[level].put(key(level, worn, vector, minor, major), node);
        return node;
    }

    /** The list of what the slots from a level on may add to the warmth. */
    private int fill(int level, Gauge worn, int vector, long minor, long major) {
        if (level == tail.levels().size()) {
            return fillings.nothing(FindingMasks.points(minor, major));
        }
        int known = lists[level].get(key(level, worn, vector, minor, major));
        if (known != KeyTable.ABSENT) {
            return known;
        }
        Tail.Level here = tail.levels().get(level);
        Fillings.Union union = fillings.new Union();
        for (int choice = 0; choice <= here.options().size(); choice++) {
            if (choose(level, choice, worn, vector, minor, major)) {
                int more = sums(nextGauge) - sums(worn);
                union.add(fill(level + 1, nextGauge, nextVector, nextMinor, nextMajor), more);
            }
        }
        int list = union.number();
        lists[level].put(key(level, worn, vector, minor, major), list);
        return list;
    }

    /**
     * Decides a level and judges what can be judged then; what comes of it stands in the fields that begin with "next".
     *
     * @param choice 0 for the empty slot, the options from 1 on
     * @return false when it cannot be
     */
    private boolean choose(int level, int choice, Gauge worn, int vector, long minor, long major) {
        Tail.Level here = tail.levels().get(level);
        long lesser = minor;
        long greater = major;
        Gauge after = worn;
        int said = vector;
        if (choice == 0 && !here.mayBeEmpty()) {
            return false;
        }
        if (choice > 0) {
            int place = here.first() + choice - 1;
            int way = options.get(place).firstWay();
            lesser |= vectors.minor(vector, place) | context.minor(way, way);
            greater |= vectors.major(vector, place) | context.major(way, way);
            if (FindingMasks.points(lesser, greater) > MOST_POINTS) {
                return false;
            }
            after = gauges[level + 1];
            wear(level, choice - 1, worn, after);
            said = vectors.union(vector, vectorOfOption[place]);
        }
        if (decided[level].length > 0) {
            charge.clear();
            for (CompiledContext.ReadyCheck check : decided[level]) {
                check.judge(after, charge);
            }
            lesser |= charge.minor;
            greater |= charge.major;
        }
        nextGauge = after;
        nextVector = narrow(level + 1, said);
        nextMinor = lesser;
        nextMajor = greater;
        return FindingMasks.points(lesser, greater) <= MOST_POINTS;
    }

    @Override
    public int options(int level) {
        return tail.levels().get(level).options().size();
    }

    @Override
    public boolean mayBeEmpty(int level) {
        return tail.levels().get(level).mayBeEmpty();
    }

    @Override
    public void wear(int level, int option, Gauge worn, Gauge after) {
        Tail.Level here = tail.levels().get(level);
        int way = here.options().get(option).firstWay();
        after.set(worn);
        after.add(context.part(way));
        if (here.slot() == Slot.LEGWEAR && worn.onepiece() >= 0) {
            after.add(context.summariser().meeting(ways.get(worn.onepiece()), ways.get(way)));
        }
    }

    /** The vector without what it says of the slots already decided. */
    private int narrow(int level, int vector) {
        if (vector == PairVectors.BLANK || level == tail.levels().size()) {
            return PairVectors.BLANK;
        }
        narrowedKey[0] = (long) level << 32 | vector;
        int known = narrowed.get(narrowedKey);
        if (known == KeyTable.ABSENT) {
            known = vectors.from(vector, tail.levels().get(level).first());
            narrowed.put(narrowedKey, known);
        }
        return known;
    }
}
