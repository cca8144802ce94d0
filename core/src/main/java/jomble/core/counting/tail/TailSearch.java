package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Rows;
import jomble.core.counting.table.Squares;
import jomble.core.judgement.Gauge;
import jomble.core.judgement.Verdict;

/**
 * Finds what can be put on over a dressed body, in one context and one structure, as a node of the diagram.
 *
 * <p>All that the open slots can see of what is worn is one key: what pair rules charge each way to fill the near slots, the {@link
 * Outlook} for everything else, the rules already charged that may be charged again, and the points of the others. Bodies with equal keys
 * share a node, so that the work is done once for each key. Not for use by several threads.
 */
public final class TailSearch {
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    private static final int BITS_OF_POINTS = 2;
    /** Vectors that share a long of a key. */
    private static final int PER_LONG = 2;

    private final TailRules rules;
    private final int levels;
    private final int near;
    private final Charges charges;
    private final PairCharges pairs;
    private final Outlook outlook;
    private final Joiner joiner;
    /** The diagram that leaves the warmth of the body open, where a rule about nothing else asks for it; else null. */
    private final OpenWarmth openWarmth;

    private final KeyTable[] tables;
    private final long[][] keys;
    /** By far level, what comes of a price and what is seen. */
    private final Squares[] answers;
    /** By near level, the vectors of the near levels from there on when it is its turn. */
    private final int[][] said;
    /** By near level and later one, the rows of vectors after each way to fill the first. */
    private final int[][][] saidAfter;
    /** By level, what each way to decide it leads to. */
    private final int[][] children;

    /**
     * @param rules of which one search at a time may make use
     * @param mostPoints of an outfit that counts, where the diagram ends in those who complete a combination
     */
    public TailSearch(TailRules rules, Diagram diagram, int mostPoints) {
        Tail tail = rules.tail();
        this.rules = rules;
        this.levels = tail.levels().size();
        this.near = rules.near();
        this.charges = rules.charges();
        this.pairs = rules.pairs();
        this.outlook = rules.outlook();
        this.tables = new KeyTable[levels];
        this.keys = new long[levels][];
        this.answers = new Squares[levels];
        this.said = new int[near + 1][near];
        this.saidAfter = new int[near][near][];
        this.children = new int[levels][];
        for (int level = 0; level < levels; level++) {
            children[level] = new int[pairs.ways(level) + 1];
            keys[level] = new long[1 + (Math.max(0, near - level) + PER_LONG - 1) / PER_LONG];
            tables[level] = new KeyTable(keys[level].length);
            answers[level] = new Squares();
        }
        DiagramJoiner verdicts = new DiagramJoiner(diagram, tail);
        CompletionJoiner completions =
                diagram.completers() == null ? null : new CompletionJoiner(diagram, tail, mostPoints);
        this.openWarmth = rules.warmth() == null ? null : openWarmth(rules, verdicts, completions);
        this.joiner = openWarmth != null ? openWarmth : completions != null ? completions : verdicts;
    }

    private static OpenWarmth openWarmth(TailRules rules, DiagramJoiner verdicts, CompletionJoiner completions) {
        WarmthScale scale = new WarmthScale(rules.warmth(), rules.tail(), rules.context());
        Fillings fillings =
                completions == null ? new CheapestFillings(scale) : new CompletingFillings(scale, completions);
        return new OpenWarmth(rules.tail(), scale, fillings, verdicts);
    }

    public TailRules rules() {
        return rules;
    }

    /**
     * The node of a body.
     *
     * @param body the first {@code count} of these ways
     * @param minor rules charged so far, {@code major} likewise; at most {@link #MOST_POINTS} points
     */
    public int over(Gauge worn, int[] body, int count, long minor, long major) {
        for (int level = 0; level < near; level++) {
            said[0][level] = pairs.over(level, body, count);
        }
        int node = at(0, rules.seen(worn, body, count), charges.number(minor, major), 0);
        return openWarmth == null ? node : openWarmth.given(node, worn);
    }

    /**
     * What comes of the ways to go on from a level, made one by the joiner.
     *
     * @param seen a number of the outlook
     * @param charge what is charged so far
     * @param spent points of what is charged besides
     */
    private int at(int level, int seen, int charge, int spent) {
        if (level == levels) {
            return joiner.end(charges.points(charge) + spent);
        }
        Outlook.Row row = outlook.row(level, seen);
        long live = rules.live(level) | row.rules;
        for (int later = level; later < near; later++) {
            live |= pairs.rules(later, said[level][later]);
        }
        int kept = charges.within(live, charge);
        int gone = spent + charges.points(charge) - charges.points(kept);
        long[] key = key(level, seen, kept, gone);
        int known = tables[level].get(key);
        if (known != KeyTable.ABSENT) {
            return known;
        }
        int found = level < near ? throughNear(level, seen, row, kept, gone) : throughFar(level, seen, row, kept, gone);
        tables[level].put(key(level, seen, kept, gone), found);
        return found;
    }

    /** The same for a far level, which sees nothing else: a look at a table. */
    private int atFar(int level, int seen, int charge, int spent) {
        int price = charge << BITS_OF_POINTS | spent;
        int found = answers[level].get(price, seen);
        if (found == Squares.UNKNOWN) {
            found = at(level, seen, charge, spent);
            answers[level].put(price, seen, found);
        }
        return found;
    }

    /** All that the slots from a level on can see; it stands until the level is asked for again. */
    private long[] key(int level, int seen, int charge, int spent) {
        long[] key = keys[level];
        key[0] = (long) charge << Integer.SIZE + BITS_OF_POINTS | (long) spent << Integer.SIZE | seen;
        for (int later = level; later < near; later++) {
            int place = later - level;
            int at = 1 + place / PER_LONG;
            key[at] = place % PER_LONG == 0 ? said[level][later] : key[at] << Integer.SIZE | said[level][later];
        }
        return key;
    }

    private int throughNear(int level, int seen, Outlook.Row row, int charge, int spent) {
        int[] of = children[level];
        int[] there = pairs.charges(level, said[level][level]);
        int[][] after = saidAfter[level];
        for (int later = level + 1; later < near; later++) {
            after[later] = pairs.after(later, said[level][later]);
        }
        for (int choice = 0; choice < of.length; choice++) {
            int charged = choice == 0 ? charge : charges.union(charge, there[choice - 1]);
            of[choice] = isHopeless(charged, spent) ? Joiner.NO : go(level, seen, row, choice, charged, spent);
        }
        return joiner.join(level, of);
    }

    private int throughFar(int level, int seen, Outlook.Row row, int charge, int spent) {
        int[] of = children[level];
        Arrays.fill(of, Joiner.NO);
        for (int choice = 0; choice < of.length; choice++) {
            of[choice] = go(level, seen, row, choice, charge, spent);
            if (joiner.suffices(level, of[choice])) {
                break;
            }
        }
        return joiner.join(level, of);
    }

    /** Decides a level and goes on; what pair rules charge to a near one is charged already. */
    private int go(int level, int seen, Outlook.Row row, int choice, int charge, int spent) {
        int next = row.next[choice];
        if (next == Rows.UNKNOWN) {
            outlook.look(level, seen, choice);
            next = row.next[choice];
        }
        int charged = charges.union(charge, row.charge[choice]);
        if (isHopeless(charged, spent)) {
            return Joiner.NO;
        }
        for (int later = level + 1; later < near; later++) {
            said[level + 1][later] = choice == 0 ? said[level][later] : after(level, later, choice - 1);
        }
        return level + 1 < near || level + 1 == levels
                ? at(level + 1, next, charged, spent)
                : atFar(level + 1, next, charged, spent);
    }

    private boolean isHopeless(int charge, int spent) {
        return charges.points(charge) + spent > MOST_POINTS;
    }

    /** What a later near level is charged once a level was filled. */
    private int after(int level, int later, int place) {
        int[] row = saidAfter[level][later];
        int column = pairs.column(level) + place;
        if (row[column] == Rows.UNKNOWN) {
            row[column] = pairs.with(later, said[level][later], level, place);
        }
        return row[column];
    }
}
