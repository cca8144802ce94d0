package jomble.core.counting.listing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.EnsembleListener;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.enumeration.CompiledQuestion;
import jomble.core.counting.enumeration.Graph;
import jomble.core.counting.enumeration.PartitionSolutions;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Reads ensembles off the solutions: paths down to the last layer are the clothes, and the rest of the diagram below a
 * node is shared by all paths that reach it.
 */
public final class EnsembleFinder {
    private final EnsembleListener listener;
    private final Map<PieceId, Integer> places = new HashMap<>();
    private final List<PieceId> shoes;
    private final List<PieceId> coats;

    public EnsembleFinder(CompiledQuestion compiled, EnsembleListener listener) {
        CountQuestion question = compiled.question();
        this.listener = listener;
        for (int i = 0; i < question.pieces().size(); i++) {
            places.put(question.pieces().get(i).id(), i);
        }
        this.shoes = pieces(compiled, Slot.SHOES);
        this.coats = pieces(compiled, Slot.COAT);
        listener.begin(shoes, coats);
    }

    private static List<PieceId> pieces(CompiledQuestion compiled, Slot slot) {
        return compiled.options().in(slot).stream()
                .map(option -> option.ids().get(0))
                .toList();
    }

    public void add(PartitionSolutions solutions) {
        Map<List<Integer>, BitSet> onlyApproved = onlyApproved(solutions);
        Map<Integer, BitSet> found = new HashMap<>();
        for (int i = 0; i < solutions.size(); i++) {
            int[] clothes = clothes(solutions.bodies()[i]);
            descend(solutions, clothes, solutions.nodes()[i], 0, found, onlyApproved);
        }
        onlyApproved.forEach((clothes, finishes) ->
                listener.ensemble(clothes.stream().mapToInt(place -> place).toArray(), finishes));
    }

    private int[] clothes(Option[] options) {
        int[] clothes = new int[EnsembleListener.CLOTHES.size()];
        for (int i = 0; i < clothes.length; i++) {
            Option option = options[EnsembleListener.CLOTHES.get(i).ordinal()];
            clothes[i] = option == null ? -1 : places.get(option.ids().get(0));
        }
        return clothes;
    }

    private void descend(
            PartitionSolutions solutions,
            int[] clothes,
            int node,
            int level,
            Map<Integer, BitSet> found,
            Map<List<Integer>, BitSet> onlyApproved) {
        RemainingSlots remaining = solutions.remaining();
        int at = level == remaining.counted()
                ? -1
                : EnsembleListener.CLOTHES.indexOf(remaining.levels().get(level).slot());
        Graph graph = solutions.graph();
        if (at < 0) {
            BitSet finishes = found.computeIfAbsent(node, n -> finishes(solutions, n, level));
            if (!finishes.isEmpty()) {
                tell(clothes, finishes, onlyApproved);
            }
            return;
        }
        RemainingSlots.Level here = remaining.levels().get(level);
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            clothes[at] = choice == 0
                    ? -1
                    : places.get(here.options().get(choice - 1).ids().get(0));
            descend(solutions, clothes, graph.child(edge), level + 1, found, onlyApproved);
        }
        clothes[at] = -1;
    }

    private void tell(int[] clothes, BitSet finishes, Map<List<Integer>, BitSet> onlyApproved) {
        BitSet more = onlyApproved.isEmpty()
                ? null
                : onlyApproved.remove(Arrays.stream(clothes).boxed().toList());
        if (more != null) {
            more.or(finishes);
        }
        listener.ensemble(clothes, more == null ? finishes : more);
    }

    private BitSet finishes(PartitionSolutions solutions, int node, int level) {
        BitSet finishes = new BitSet();
        collect(solutions, node, level, new int[] {0, 0}, finishes);
        return finishes;
    }

    /** @param chosen choice of coat and of shoes */
    private void collect(PartitionSolutions solutions, int node, int level, int[] chosen, BitSet into) {
        if (level == solutions.remaining().counted()) {
            if (node == Diagram.WORKS) {
                into.set(chosen[0] * (shoes.size() + 1) + chosen[1]);
            }
            return;
        }
        Slot slot = solutions.remaining().levels().get(level).slot();
        List<Option> options = solutions.remaining().levels().get(level).options();
        Graph graph = solutions.graph();
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            chosen[slot == Slot.COAT ? 0 : 1] = place(slot, choice == 0 ? null : options.get(choice - 1));
            collect(solutions, graph.child(edge), level + 1, chosen, into);
        }
        chosen[slot == Slot.COAT ? 0 : 1] = 0;
    }

    private int place(Slot slot, Option option) {
        return option == null
                ? 0
                : (slot == Slot.COAT ? coats : shoes).indexOf(option.ids().get(0)) + 1;
    }

    /** The shoes and coats of outfits that count only because they were approved, by clothes. */
    private Map<List<Integer>, BitSet> onlyApproved(PartitionSolutions solutions) {
        Map<List<Integer>, BitSet> finishes = new LinkedHashMap<>();
        for (int i = 0; i < solutions.approved().length; i++) {
            if (solutions.verdicts()[i] != Diagram.WORKS) {
                Option[] one = solutions.approved()[i];
                int coat = place(Slot.COAT, one[Slot.COAT.ordinal()]);
                int shoe = place(Slot.SHOES, one[Slot.SHOES.ordinal()]);
                finishes.computeIfAbsent(
                                new ArrayList<>(
                                        Arrays.stream(clothes(one)).boxed().toList()),
                                c -> new BitSet())
                        .set(coat * (shoes.size() + 1) + shoe);
            }
        }
        return finishes;
    }
}
