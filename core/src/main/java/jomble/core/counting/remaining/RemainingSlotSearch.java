package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Rows;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.Verdict;

/**
 * Finds what can be put on over a dressed body, in one context and one structure, as a node of the diagram.
 *
 * <p>All that the open slots can see of what is worn is one key: what pair rules penalise in each way to fill the individual slots, the {@link
 * TransitionTable} for everything else, the rules already penalised that may be penalised again, and the points of the others. Bodies with equal keys
 * share a node, so that the work is done once for each key. Not for use by several threads.
 */
public final class RemainingSlotSearch {
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    /** Vectors that share a long of a key. */
    private static final int PER_LONG = 2;

    private final RemainingSlotRules rules;
    private final int levels;
    private final int individual;
    private final PenaltySets penaltySets;
    private final PairPenalties pairs;
    private final TransitionTable transitions;
    private final Joiner joiner;
    /** The diagram that leaves the warmth of the body open, where a rule about nothing else asks for it; else null. */
    private final DeferredWarmth openWarmth;

    /** By level, what it depends on. */
    private final SearchStates[] states;
    /** By individual level, what comes of a search state and of what pair rules penalise. */
    private final KeyTable[] tables;

    private final long[][] keys;
    /** By joint level, what comes of a search state; by the last individual one, what comes of it by choice, once all is penalised. */
    private final Rows[] answers;
    /** By individual level, the vectors of the individual levels from there on when it is its turn. */
    private final int[][] vectorNumbers;
    /** By level, what each way to decide it leads to. */
    private final int[][] children;

    /**
     * @param rules of which one search at a time may make use
     * @param mostPoints of an outfit that counts, where the diagram ends in those who complete a combination
     */
    public RemainingSlotSearch(RemainingSlotRules rules, Diagram diagram, int mostPoints) {
        RemainingSlots remaining = rules.remaining();
        this.rules = rules;
        this.levels = remaining.levels().size();
        this.individual = rules.individual();
        this.penaltySets = rules.penaltySets();
        this.pairs = rules.pairs();
        this.transitions = rules.transitions();
        this.states = new SearchStates[levels];
        this.tables = new KeyTable[individual];
        this.keys = new long[individual][];
        this.answers = new Rows[levels];
        this.vectorNumbers = new int[individual + 1][individual];
        this.children = new int[levels][];
        for (int level = 0; level < levels; level++) {
            states[level] = new SearchStates(penaltySets);
            children[level] = new int[pairs.ways(level) + 1];
            answers[level] = new Rows(level < individual ? children[level].length : 1);
        }
        for (int level = 0; level < individual; level++) {
            keys[level] = new long[1 + (individual - level) / PER_LONG];
            tables[level] = new KeyTable(keys[level].length);
        }
        DiagramJoiner verdicts = new DiagramJoiner(diagram, remaining);
        CompletionJoiner completions =
                diagram.completionSets() == null ? null : new CompletionJoiner(diagram, remaining, mostPoints);
        this.openWarmth = rules.warmth() == null ? null : openWarmth(rules, verdicts, completions);
        this.joiner = openWarmth != null ? openWarmth : completions != null ? completions : verdicts;
    }

    private static DeferredWarmth openWarmth(
            RemainingSlotRules rules, DiagramJoiner verdicts, CompletionJoiner completions) {
        WarmthScale scale = new WarmthScale(rules.warmth(), rules.remaining(), rules.context());
        Fillings fillings =
                completions == null ? new CheapestFillings(scale) : new CompletingFillings(scale, completions);
        return new DeferredWarmth(rules.remaining(), scale, fillings, verdicts);
    }

    public RemainingSlotRules rules() {
        return rules;
    }

    /**
     * The node of a body.
     *
     * @param body the first {@code count} of these ways
     * @param minor rules penalised so far, {@code major} likewise; at most {@link #MOST_POINTS} points
     */
    public int over(MeasureAccumulator worn, int[] body, int count, long minor, long major) {
        for (int level = 0; level < individual; level++) {
            vectorNumbers[0][level] = pairs.over(level, body, count);
        }
        int node = at(0, rules.seen(worn, body, count), penaltySets.number(minor, major), 0);
        return openWarmth == null ? node : openWarmth.given(node, worn);
    }

    /**
     * What comes of the ways to go on from a level, made one by the joiner.
     *
     * @param seen a number of the transition table
     * @param penalties what is penalised so far
     * @param spent points of what is penalised besides
     */
    private int at(int level, int seen, int penalties, int spent) {
        if (level == levels) {
            return joiner.end(penaltySets.points(penalties) + spent);
        }
        long live = rules.live(level) | transitions.rules(level, seen);
        for (int later = level; later < individual; later++) {
            live |= pairs.rules(later, vectorNumbers[level][later]);
        }
        int kept = penaltySets.within(live, penalties);
        int gone = spent + penaltySets.points(penalties) - penaltySets.points(kept);
        int state = states[level].number(seen, kept, gone);
        return level < individual ? individual(level, state) : joint(level, state);
    }

    private int individual(int level, int state) {
        int known = tables[level].get(key(level, state));
        if (known == KeyTable.ABSENT) {
            known = level + 1 < individual ? throughIndividual(level, state) : throughLastIndividual(level, state);
            tables[level].put(key(level, state), known);
        }
        return known;
    }

    /** All that the slots from an individual level on can see; it stands until the level is asked for again. */
    private long[] key(int level, int state) {
        long[] key = keys[level];
        key[0] = state;
        for (int later = level; later < individual; later++) {
            int place = later - level + 1;
            int at = place / PER_LONG;
            key[at] = place % PER_LONG == 0
                    ? vectorNumbers[level][later]
                    : key[at] << Integer.SIZE | vectorNumbers[level][later];
        }
        return key;
    }

    /** A joint level sees nothing else: a look at a row. */
    private int joint(int level, int state) {
        int[] known = answers[level].get(state);
        if (known[0] == Rows.UNKNOWN) {
            int[] of = children[level];
            Arrays.fill(of, Joiner.NO);
            for (int choice = 0; choice < of.length; choice++) {
                of[choice] = go(level, state, choice);
                if (joiner.suffices(level, of[choice])) {
                    break;
                }
            }
            known[0] = joiner.join(level, of);
        }
        return known[0];
    }

    private int throughIndividual(int level, int state) {
        int[] of = children[level];
        for (int choice = 0; choice < of.length; choice++) {
            int penalised = penalised(level, state, choice);
            for (int later = level + 1; later < individual && penalised != SearchStates.HOPELESS; later++) {
                vectorNumbers[level + 1][later] = choice == 0
                        ? vectorNumbers[level][later]
                        : pairs.with(later, vectorNumbers[level][later], level, choice - 1);
            }
            of[choice] = penalised == SearchStates.HOPELESS ? Joiner.NO : go(level, penalised, choice);
        }
        return joiner.join(level, of);
    }

    /** What comes after the last individual level depends on what is penalised then and on nothing else: a look at a row. */
    private int throughLastIndividual(int level, int state) {
        int[] of = children[level];
        for (int choice = 0; choice < of.length; choice++) {
            int penalised = penalised(level, state, choice);
            int[] known = answers[level].get(penalised);
            if (known[choice] == Rows.UNKNOWN) {
                known[choice] = penalised == SearchStates.HOPELESS ? Joiner.NO : go(level, penalised, choice);
            }
            of[choice] = known[choice];
        }
        return joiner.join(level, of);
    }

    /** The search state with what pair rules penalise in a choice of an individual level. */
    private int penalised(int level, int state, int choice) {
        return choice == 0
                ? state
                : states[level].with(state, pairs.penalties(level, vectorNumbers[level][level], choice - 1));
    }

    /** Decides a level and goes on; what pair rules penalise in an individual one is penalised already. */
    private int go(int level, int state, int choice) {
        int seen = states[level].seen(state);
        int spent = states[level].spent(state);
        TransitionTable.Row row = transitions.row(level, seen);
        int next = row.next[choice];
        if (next == Rows.UNKNOWN) {
            transitions.look(level, seen, choice);
            next = row.next[choice];
        }
        int penalised = penaltySets.union(states[level].penalties(state), row.penalties[choice]);
        return penaltySets.points(penalised) + spent > MOST_POINTS ? Joiner.NO : at(level + 1, next, penalised, spent);
    }
}
