package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Rows;
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
    /** The rule that a walk obeys by its own shape. */
    static final String STRUCTURE = "structure";

    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    /** Longs of a key before the small numbers. */
    private static final int FIXED = 1;
    /** Small numbers that share a long of a key. */
    private static final int PER_LONG = 2;
    /** The place of a rule in a mask, or none. */
    private static final int BITS_OF_A_RULE = 7;

    private final CompiledContext context;
    private final Tail tail;
    private final Diagram diagram;
    private final int levels;
    /** By level, the numbers of the ways to fill it. */
    private final int[][] ways;
    /** By level, the choice each way belongs to; choices count from 1, 0 is the empty slot. */
    private final int[][] choices;

    private final Charges charged = new Charges();
    /** By level and way, what rules about one piece charge it. */
    private final int[][] own;

    private final PairVectors[] vectors;
    /** The levels before this one are looked at one by one in a key, the others together. */
    private final int near;

    private final FarVectors farVectors;
    /** What each way of the wardrobe charges the far levels; −1 until it was worked out. */
    private final int[] farCharges;

    /** By level up to {@link #near}, the far vectors when it is its turn. */
    private final int[] farSaid;

    /** By level, what each way of the wardrobe charges the ways to fill it; −1 until it was worked out. */
    private final int[][] charges;

    private final KeyTable[] tables;
    private final long[][] keys;
    /** By level, the vectors of the levels from there on when it is its turn. */
    private final int[][] said;
    /** By level, the packed clo of each choice: 0 of the empty slot, then of each way to fill it. */
    private final int[][] clo;

    private final Prospects prospects;
    /** By level, the rules that may still be charged whatever the body. */
    private final long[] live;

    /** What may be added to the warmth, where a rule about nothing else asks for it; else null. */
    private final Fillings fillings;

    private final WarmthDiagram warmths;
    /** By level that is filled, the lists of {@link #fillings} by key. */
    private final KeyTable[] lists;

    private final List<CompiledContext.ReadyCheck> ofBody = new ArrayList<>();
    /** By level, what is said there of each way to fill it. */
    private final int[][] chargedThere;
    /** By level and later level, what is said of the later one after each way to fill the first, and how the far ones fare. */
    private final int[][][] saidAfter;

    private final int[][] farSaidAfter;
    /** By level, where it leads to from the state there. */
    private final Prospects.Row[] leads;
    /** By level, the number of ways to fill those before it. */
    private final int[] offsets;

    private int nextState;
    private long nextMinor;
    private long nextMajor;

    /** @param wardrobe how many ways there are in all */
    TailSearch(CompiledContext context, Structure structure, Tail tail, Diagram diagram, int wardrobe) {
        this.context = context;
        this.tail = tail;
        this.diagram = diagram;
        this.levels = tail.levels().size();
        this.ways = new int[levels][];
        this.own = new int[levels][];
        this.choices = new int[levels][];
        this.vectors = new PairVectors[levels];
        this.charges = new int[levels][wardrobe];
        this.keys = new long[levels][];
        this.tables = new KeyTable[levels];
        this.lists = new KeyTable[levels];
        this.said = new int[levels + 1][levels];
        this.clo = new int[levels][];
        this.live = new long[levels + 1];
        this.chargedThere = new int[levels][];
        this.saidAfter = new int[levels][levels][];
        this.farSaidAfter = new int[levels][];
        this.leads = new Prospects.Row[levels];
        this.offsets = new int[levels + 1];
        for (int level = 0; level < levels; level++) {
            spreadWays(level);
        }
        this.near = Math.max(tail.levelOf(Slot.MID), tail.levelOf(Slot.JACKET)) + 1;
        this.farVectors = new FarVectors(offsets[near], Arrays.copyOfRange(vectors, near, levels));
        this.farCharges = new int[wardrobe];
        this.farSaid = new int[near + 1];
        Arrays.fill(farCharges, -1);
        List<OpenRule> open = new ArrayList<>();
        CompiledContext.ReadyCheck warmth = schedule(structure, open);
        this.prospects = new Prospects(
                open, Arrays.stream(ways).mapToInt(there -> there.length).toArray());
        this.fillings = warmth == null ? null : new Fillings(warmth);
        this.warmths = warmth == null ? null : new WarmthDiagram(diagram, fillings, tail.counted());
        for (int level = levels - 1; level >= 0; level--) {
            int small = level <= near ? near - level + 1 : levels - level;
            keys[level] = new long[FIXED + (small + PER_LONG - 1) / PER_LONG];
            tables[level] = new KeyTable(keys[level].length);
            lists[level] = new KeyTable(keys[level].length);
            live[level] = live[level + 1] | chargeable(level);
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
        clo[level] = IntStream.concat(
                        IntStream.of(0),
                        Arrays.stream(ways[level])
                                .map(way -> Fillings.pack(
                                        context.part(way).fullCentiClo(),
                                        context.part(way).peeledCentiClo())))
                .toArray();
        own[level] = Arrays.stream(ways[level]).map(way -> between(way, way)).toArray();
        vectors[level] = new PairVectors(charged, ways[level].length, offsets[level]);
        offsets[level + 1] = offsets[level] + ways[level].length;
        Arrays.fill(charges[level], -1);
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

    /** The rules that the ways to fill a level, and what is decided with it, may charge. */
    private long chargeable(int level) {
        long mask = prospects.decidedAt(level);
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
        return major == Charges.EVERY_RULE ? 0 : major;
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
        for (int level = 0; level < near; level++) {
            int vector = PairVectors.BLANK;
            for (int i = 0; i < count; i++) {
                vector = vectors[level].union(vector, charge(level, body[i]));
            }
            said[0][level] = vector;
        }
        farSaid[0] = FarVectors.BLANK;
        for (int i = 0; i < count; i++) {
            farSaid[0] = farVectors.union(farSaid[0], farCharge(body[i]));
        }
        int state = prospects.start(worn);
        return fillings == null
                ? build(0, state, minor, major)
                : warmths.given(
                        leaveOpen(0, state, minor, major), Fillings.pack(worn.fullCentiClo(), worn.peeledCentiClo()));
    }

    /** What a way charges the ways to fill a level. */
    private int charge(int level, int way) {
        if (charges[level][way] < 0) {
            int[] there = ways[level];
            int[] masks = new int[there.length];
            for (int i = 0; i < there.length; i++) {
                masks[i] = charged.bounded(between(way, there[i]));
            }
            charges[level][way] = vectors[level].number(masks);
        }
        return charges[level][way];
    }

    private int farCharge(int way) {
        if (farCharges[way] < 0) {
            int[] tuple = new int[levels - near];
            for (int level = near; level < levels; level++) {
                tuple[level - near] = charge(level, way);
            }
            farCharges[way] = farVectors.number(tuple);
        }
        return farCharges[way];
    }

    private int between(int one, int other) {
        return charged.number(context.minor(one, other), context.major(one, other));
    }

    /** Looks up everything about a level that is the same for all ways to decide it. */
    private void arrive(int level, int state) {
        if (level == near) {
            int[] tuple = farVectors.get(farSaid[near]);
            System.arraycopy(tuple, 0, said[near], near, tuple.length);
        }
        chargedThere[level] = vectors[level].get(said[level][level]);
        leads[level] = prospects.row(level, state);
        int end = level < near ? near : levels;
        for (int later = level + 1; later < end; later++) {
            saidAfter[level][later] = vectors[later].after(said[level][later]);
        }
        if (level < near) {
            farSaidAfter[level] = farVectors.after(farSaid[level]);
        }
    }

    private int build(int level, int state, long minor, long major) {
        if (level == levels) {
            return Charges.points(minor, major) <= Verdict.WORKS.mostPoints() ? Diagram.WORKS : Diagram.DARING;
        }
        long[] key = key(level, state, minor, major);
        int known = tables[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        int node = level < tail.counted() ? branch(level, state, minor, major) : best(level, state, minor, major);
        tables[level].put(key, node);
        return node;
    }

    /** All that the slots from a level on can see; it stands until the level is asked for again. */
    private long[] key(int level, int state, long minor, long major) {
        long[] key = keys[level];
        long alive = live[level];
        int small = 0;
        for (int later = level; later < (level <= near ? near : levels); later++) {
            int vector = said[level][later];
            alive |= vectors[later].charged(vector);
            add(key, small++, vector);
        }
        if (level <= near) {
            alive |= farVectors.charged(farSaid[level]);
            add(key, small, farSaid[level]);
        }
        key[0] = (long) packed(minor, major, alive) << Integer.SIZE | state;
        return key;
    }

    /** The rules charged so far, in one number: those that may be charged again by their places, of the others the points. */
    private static int packed(long minor, long major, long alive) {
        int code = Charges.points(minor & ~alive, major & ~alive);
        code = places(code, major & alive, 1);
        return places(code, minor & ~major & alive, MOST_POINTS);
    }

    private static int places(int code, long rules, int most) {
        long left = rules;
        int places = code;
        for (int i = 0; i < most; i++) {
            places = places << BITS_OF_A_RULE | (left == 0 ? Long.SIZE : Long.numberOfTrailingZeros(left));
            left &= left - 1;
        }
        return places;
    }

    private static void add(long[] key, int place, long number) {
        int at = FIXED + place / PER_LONG;
        key[at] = place % PER_LONG == 0 ? number : key[at] << Integer.SIZE | number;
    }

    /** A node with a child for every way to decide a counted slot. */
    private int branch(int level, int state, long minor, long major) {
        int[] of = new int[tail.levels().get(level).options().size() + 1];
        arrive(level, state);
        if (leave(level, state, minor, major)) {
            of[0] = build(level + 1, nextState, nextMinor, nextMajor);
        }
        for (int way = 0; way < ways[level].length; way++) {
            if (put(level, way, state, minor, major)) {
                int choice = choices[level][way];
                of[choice] = diagram.better(of[choice], build(level + 1, nextState, nextMinor, nextMajor));
            }
        }
        return diagram.node(level, of);
    }

    /** The best terminal over the ways to fill a slot and those after it. */
    private int best(int level, int state, long minor, long major) {
        arrive(level, state);
        int best = leave(level, state, minor, major) ? build(level + 1, nextState, nextMinor, nextMajor) : Diagram.NO;
        for (int way = 0; way < ways[level].length && best != Diagram.WORKS; way++) {
            if (put(level, way, state, minor, major)) {
                best = Math.max(best, build(level + 1, nextState, nextMinor, nextMajor));
            }
        }
        return best;
    }

    /** The node that leaves the warmth of the body open. */
    private int leaveOpen(int level, int state, long minor, long major) {
        if (level == levels) {
            int list = fillings.nothing(Charges.points(minor, major));
            return warmths.node(level, new int[1], new int[] {list}, new int[1]);
        }
        long[] key = key(level, state, minor, major);
        int known = tables[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        arrive(level, state);
        int[] choice = new int[ways[level].length + 1];
        System.arraycopy(choices[level], 0, choice, 1, ways[level].length);
        int[] of = new int[choice.length];
        int[] added = new int[choice.length];
        for (int i = 0; i < choice.length; i++) {
            boolean possible = i == 0 ? leave(level, state, minor, major) : put(level, i - 1, state, minor, major);
            if (possible) {
                added[i] = clo[level][i];
                of[i] = level < tail.counted()
                        ? leaveOpen(level + 1, nextState, nextMinor, nextMajor)
                        : fill(level + 1, nextState, nextMinor, nextMajor);
            }
        }
        int node = warmths.node(level, choice, of, added);
        tables[level].put(key, node);
        return node;
    }

    /** The list of what the slots from a level on may add to the warmth. */
    private int fill(int level, int state, long minor, long major) {
        if (level == levels) {
            return fillings.nothing(Charges.points(minor, major));
        }
        long[] key = key(level, state, minor, major);
        int known = lists[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        arrive(level, state);
        Fillings.Union union = fillings.new Union();
        for (int i = 0; i <= ways[level].length; i++) {
            boolean possible = i == 0 ? leave(level, state, minor, major) : put(level, i - 1, state, minor, major);
            if (possible) {
                union.add(fill(level + 1, nextState, nextMinor, nextMajor), clo[level][i]);
            }
        }
        int list = union.number();
        lists[level].put(key, list);
        return list;
    }

    /** Leaves a slot empty; what comes of it stands in the fields that begin with "next". False when it cannot be. */
    private boolean leave(int level, int state, long minor, long major) {
        if (!tail.levels().get(level).mayBeEmpty()) {
            return false;
        }
        if (!decide(level, state, 0, minor, major)) {
            return false;
        }
        if (level < near) {
            farSaid[level + 1] = farSaid[level];
        }
        int end = level < near ? near : levels;
        System.arraycopy(said[level], level + 1, said[level + 1], level + 1, end - level - 1);
        return true;
    }

    /** Fills a slot in one way, likewise. */
    private boolean put(int level, int place, int state, long minor, long major) {
        int charge = chargedThere[level][place];
        int alone = own[level][place];
        long lesser = minor | charged.minor(charge) | charged.minor(alone);
        long greater = major | charged.major(charge) | charged.major(alone);
        if (Charges.points(lesser, greater) > MOST_POINTS || !decide(level, state, place + 1, lesser, greater)) {
            return false;
        }
        int column = offsets[level] + place;
        int end = level < near ? near : levels;
        for (int later = level + 1; later < end; later++) {
            int[] after = saidAfter[level][later];
            if (after[column] == Rows.UNKNOWN) {
                after[column] = vectors[later].union(said[level][later], charge(later, ways[level][place]));
            }
            said[level + 1][later] = after[column];
        }
        if (level < near) {
            int[] after = farSaidAfter[level];
            if (after[column] == Rows.UNKNOWN) {
                after[column] = farVectors.union(farSaid[level], farCharge(ways[level][place]));
            }
            farSaid[level + 1] = after[column];
        }
        return true;
    }

    /** Charges what can be judged now that a level is decided. */
    private boolean decide(int level, int state, int choice, long minor, long major) {
        Prospects.Row row = leads[level];
        nextState = prospects.after(level, state, row, choice);
        nextMinor = minor | row.minor(choice);
        nextMajor = major | row.major(choice);
        return Charges.points(nextMinor, nextMajor) <= MOST_POINTS;
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
