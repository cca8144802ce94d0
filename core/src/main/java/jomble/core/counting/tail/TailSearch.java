package jomble.core.counting.tail;

import java.util.Arrays;
import jomble.core.counting.compiled.Charges;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Rows;
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

    /** By level, what it is met with. */
    private final Situations[] situations;
    /** By near level, what comes of a situation and of what pair rules charge. */
    private final KeyTable[] tables;

    private final long[][] keys;
    /** By far level, what comes of a situation; by the last near one, what comes of it by choice, once all is charged. */
    private final Rows[] answers;
    /** By near level, the vectors of the near levels from there on when it is its turn. */
    private final int[][] said;
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
        this.situations = new Situations[levels];
        this.tables = new KeyTable[near];
        this.keys = new long[near][];
        this.answers = new Rows[levels];
        this.said = new int[near + 1][near];
        this.children = new int[levels][];
        for (int level = 0; level < levels; level++) {
            situations[level] = new Situations(charges);
            children[level] = new int[pairs.ways(level) + 1];
            answers[level] = new Rows(level < near ? children[level].length : 1);
        }
        for (int level = 0; level < near; level++) {
            keys[level] = new long[1 + (near - level) / PER_LONG];
            tables[level] = new KeyTable(keys[level].length);
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
        long live = rules.live(level) | outlook.rules(level, seen);
        for (int later = level; later < near; later++) {
            live |= pairs.rules(later, said[level][later]);
        }
        int kept = charges.within(live, charge);
        int gone = spent + charges.points(charge) - charges.points(kept);
        int situation = situations[level].number(seen, kept, gone);
        return level < near ? near(level, situation) : far(level, situation);
    }

    private int near(int level, int situation) {
        int known = tables[level].get(key(level, situation));
        if (known == KeyTable.ABSENT) {
            known = level + 1 < near ? throughNear(level, situation) : throughLastNear(level, situation);
            tables[level].put(key(level, situation), known);
        }
        return known;
    }

    /** All that the slots from a near level on can see; it stands until the level is asked for again. */
    private long[] key(int level, int situation) {
        long[] key = keys[level];
        key[0] = situation;
        for (int later = level; later < near; later++) {
            int place = later - level + 1;
            int at = place / PER_LONG;
            key[at] = place % PER_LONG == 0 ? said[level][later] : key[at] << Integer.SIZE | said[level][later];
        }
        return key;
    }

    /** A far level sees nothing else: a look at a row. */
    private int far(int level, int situation) {
        int[] known = answers[level].get(situation);
        if (known[0] == Rows.UNKNOWN) {
            int[] of = children[level];
            Arrays.fill(of, Joiner.NO);
            for (int choice = 0; choice < of.length; choice++) {
                of[choice] = go(level, situation, choice);
                if (joiner.suffices(level, of[choice])) {
                    break;
                }
            }
            known[0] = joiner.join(level, of);
        }
        return known[0];
    }

    private int throughNear(int level, int situation) {
        int[] of = children[level];
        for (int choice = 0; choice < of.length; choice++) {
            int charged = charged(level, situation, choice);
            for (int later = level + 1; later < near && charged != Situations.HOPELESS; later++) {
                said[level + 1][later] =
                        choice == 0 ? said[level][later] : pairs.with(later, said[level][later], level, choice - 1);
            }
            of[choice] = charged == Situations.HOPELESS ? Joiner.NO : go(level, charged, choice);
        }
        return joiner.join(level, of);
    }

    /** What comes after the last near level depends on what is charged then and on nothing else: a look at a row. */
    private int throughLastNear(int level, int situation) {
        int[] of = children[level];
        for (int choice = 0; choice < of.length; choice++) {
            int charged = charged(level, situation, choice);
            int[] known = answers[level].get(charged);
            if (known[choice] == Rows.UNKNOWN) {
                known[choice] = charged == Situations.HOPELESS ? Joiner.NO : go(level, charged, choice);
            }
            of[choice] = known[choice];
        }
        return joiner.join(level, of);
    }

    /** The situation with what pair rules charge a choice of a near level. */
    private int charged(int level, int situation, int choice) {
        return choice == 0
                ? situation
                : situations[level].with(situation, pairs.charge(level, said[level][level], choice - 1));
    }

    /** Decides a level and goes on; what pair rules charge to a near one is charged already. */
    private int go(int level, int situation, int choice) {
        int seen = situations[level].seen(situation);
        int spent = situations[level].spent(situation);
        Outlook.Row row = outlook.row(level, seen);
        int next = row.next[choice];
        if (next == Rows.UNKNOWN) {
            outlook.look(level, seen, choice);
            next = row.next[choice];
        }
        int charged = charges.union(situations[level].charge(situation), row.charge[choice]);
        return charges.points(charged) + spent > MOST_POINTS ? Joiner.NO : at(level + 1, next, charged, spent);
    }
}
