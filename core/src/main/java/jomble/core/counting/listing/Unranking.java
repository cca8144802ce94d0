package jomble.core.counting.listing;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.enumeration.Collector;
import jomble.core.counting.enumeration.Graph;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.query.Found;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.counting.table.Figures;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;

/**
 * Lists one page of all combinations with one verdict, in the stable order, as the pieces in their counted slots.
 * Combinations before the page are skipped by their counts. Those that count only because they were approved come last
 * in their structure.
 */
public final class Unranking implements Collector {
    private final Verdict wanted;
    private final long offset;
    private final int limit;
    private final List<Found> page = new ArrayList<>();
    private final Figures seen = new Figures(1);
    /** The last partition of the structure being listed. */
    private PartitionSolutions last;

    private final List<Option[]> onlyApproved = new ArrayList<>();

    public Unranking(Verdict wanted, long offset, int limit) {
        this.wanted = wanted;
        this.offset = offset;
        this.limit = limit;
    }

    @Override
    public void add(PartitionSolutions solutions) {
        if (last != null && !solutions.isOf(last.structure(), last.constraints())) {
            close();
        }
        last = solutions;
        for (int i = 0; i < solutions.size(); i++) {
            Option[] body = solutions.bodies()[i];
            boolean oneByOne = wanted == Verdict.DARING
                    && Arrays.stream(solutions.approved()).anyMatch(combination -> isOver(body, combination));
            descend(solutions, body.clone(), solutions.nodes()[i], 0, oneByOne);
        }
        for (int i = 0; i < solutions.approved().length; i++) {
            if (wanted == Verdict.WORKS && solutions.verdicts()[i] != Diagram.WORKS) {
                onlyApproved.add(solutions.approved()[i]);
            }
        }
    }

    /** Ends a structure. */
    private void close() {
        onlyApproved.forEach(combination -> list(last.structure(), combination));
        onlyApproved.clear();
    }

    /** Available once all partitions were added. */
    public List<Found> page() {
        close();
        return page;
    }

    /** Available once all partitions were added. */
    public BigInteger total() {
        close();
        return seen.get(0);
    }

    /** The part of an offset that lies beyond this list. */
    public long left(long ofOffset) {
        return BigInteger.valueOf(ofOffset)
                .subtract(total())
                .max(BigInteger.ZERO)
                .longValueExact();
    }

    private static boolean isOver(Option[] body, Option[] combination) {
        return CountedSlots.BODY.stream().allMatch(slot -> body[slot.ordinal()] == combination[slot.ordinal()]);
    }

    /**
     * @param oneByOne whether combinations must be visited individually, because some were approved and are not daring
     */
    private void descend(PartitionSolutions solutions, Option[] combination, int node, int level, boolean oneByOne) {
        Graph graph = solutions.graph();
        Figures figures = wanted == Verdict.WORKS ? graph.works() : graph.daring();
        if (figures.isZero(node)) {
            return;
        }
        boolean passedOver = !oneByOne && (page.size() == limit || !seen.exceedsWith(figures, node, offset));
        if (passedOver) {
            seen.add(0, figures, node);
            return;
        }
        if (level == solutions.remaining().counted()) {
            boolean approved =
                    oneByOne && Arrays.stream(solutions.approved()).anyMatch(one -> Arrays.equals(one, combination));
            if (!approved) {
                list(solutions.structure(), combination);
            }
            return;
        }
        RemainingSlots.Level here = solutions.remaining().levels().get(level);
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            combination[here.slot().ordinal()] =
                    choice == 0 ? null : here.options().get(choice - 1);
            descend(solutions, combination, graph.child(edge), level + 1, oneByOne);
        }
        combination[here.slot().ordinal()] = null;
    }

    private void list(Structure structure, Option[] combination) {
        if (seen.get(0).compareTo(BigInteger.valueOf(offset)) >= 0 && page.size() < limit) {
            page.add(new Found(structure, combination.clone(), wanted));
        }
        seen.add(0, 1);
    }
}
