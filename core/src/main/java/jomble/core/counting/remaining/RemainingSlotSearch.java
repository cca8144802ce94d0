package jomble.core.counting.remaining;

import java.util.Arrays;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.PenaltySets;
import jomble.core.counting.table.KeyTable;
import jomble.core.counting.table.Rows;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.Verdict;

/**
 * Computes the diagram node for everything that can be added to a dressed body, in one context and one structure.
 *
 * <p>The result depends on the body through a key with four parts: the pair-rule penalties of the individual levels, a
 * state of the {@link TransitionTable}, the rules already penalised that may be penalised again, and the points of all
 * others. Bodies with equal keys share a node, so each key is searched once. Not thread-safe.
 */
public final class RemainingSlotSearch {
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();
    /** How many vectors are packed into one long of a key. */
    private static final int PER_LONG = 2;

    private final RemainingSlotRules rules;
    private final int levels;
    private final int individual;
    private final PenaltySets penaltySets;
    private final PairPenalties pairs;
    private final TransitionTable transitions;
    /** Of the second word, only rules about pieces and pairs can be penalised again. */
    private final long liveBeyond;

    private final Joiner joiner;
    /** The builder that leaves the body's warmth open, if the warmth rule depends on nothing else; otherwise null. */
    private final DeferredWarmth openWarmth;

    /** By level, the search states. */
    private final SearchStates[] states;
    /** By individual level, the result for a search state and its pair-rule penalties. */
    private final KeyTable[] tables;

    private final long[][] keys;
    /**
     * By joint level, the result for a search state; at the last individual level, the result for a search state by
     * choice.
     */
    private final Rows[] answers;
    /** By individual level, the vectors from that level on when the search reaches it. */
    private final int[][] vectorNumbers;
    /** By level, the result of each choice. */
    private final int[][] children;

    /**
     * @param rules not shared with another search at the same time
     * @param mostPoints the most points an outfit may have to count when completions are tracked
     */
    public RemainingSlotSearch(RemainingSlotRules rules, Diagram diagram, int mostPoints) {
        RemainingSlots remaining = rules.remaining();
        this.rules = rules;
        this.levels = remaining.levels().size();
        this.individual = rules.individual();
        this.penaltySets = rules.penaltySets();
        this.pairs = rules.pairs();
        this.transitions = rules.transitions();
        this.liveBeyond = rules.context().pairsBeyond();
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
     * @param body the first {@code count} entries are the ways it wears
     * @param found penalties so far, at most {@link #MOST_POINTS} points
     */
    public int over(MeasureAccumulator worn, int[] body, int count, Penalties found) {
        for (int level = 0; level < individual; level++) {
            vectorNumbers[0][level] = pairs.over(level, body, count);
        }
        int node = at(0, rules.seen(worn, body, count), penaltySets.number(found), 0);
        return openWarmth == null ? node : openWarmth.given(node, worn);
    }

    /**
     * The combined result of all choices from a level on.
     *
     * @param seen a state of the transition table
     * @param penalties the penalty set so far
     * @param spent points of the rules that are not in {@code penalties}
     */
    private int at(int level, int seen, int penalties, int spent) {
        if (level == levels) {
            return joiner.end(penaltySets.points(penalties) + spent);
        }
        long live = rules.live(level) | transitions.rules(level, seen);
        for (int later = level; later < individual; later++) {
            live |= pairs.rules(later, vectorNumbers[level][later]);
        }
        int kept = penaltySets.within(live, liveBeyond, penalties);
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

    /**
     * The key of everything that levels from an individual one on depend on; valid until the next call for that level.
     */
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

    /** A joint level depends on the search state only, so its result is a table lookup. */
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

    /**
     * The result after the last individual level depends only on the search state after it, so it is a table lookup.
     */
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

    /** The search state after adding the pair-rule penalties of a choice at an individual level. */
    private int penalised(int level, int state, int choice) {
        return choice == 0
                ? state
                : states[level].with(state, pairs.penalties(level, vectorNumbers[level][level], choice - 1));
    }

    /**
     * Makes a choice at a level and searches on; the pair-rule penalties of an individual level have been added
     * already.
     */
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
