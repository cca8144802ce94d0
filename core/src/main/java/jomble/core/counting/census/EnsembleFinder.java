package jomble.core.counting.census;

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
import jomble.core.counting.tail.Diagram;
import jomble.core.counting.tail.Tail;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * Reads ensembles off what a walk found: the paths of the diagram down to the last layer are the clothes, and what hangs below a node
 * is the same for all paths that lead to it.
 */
final class EnsembleFinder {
    private final EnsembleListener listener;
    private final Map<PieceId, Integer> places = new HashMap<>();
    private final List<PieceId> shoes;
    private final List<PieceId> coats;

    EnsembleFinder(Field field, EnsembleListener listener) {
        CountQuestion question = field.question();
        this.listener = listener;
        for (int i = 0; i < question.pieces().size(); i++) {
            places.put(question.pieces().get(i).id(), i);
        }
        this.shoes = pieces(field, Slot.SHOES);
        this.coats = pieces(field, Slot.COAT);
        listener.begin(shoes, coats);
    }

    private static List<PieceId> pieces(Field field, Slot slot) {
        return field.options().in(slot).stream()
                .map(option -> option.ids().get(0))
                .toList();
    }

    void add(Census census) {
        Map<List<Integer>, BitSet> onlyApproved = onlyApproved(census);
        Map<Integer, BitSet> found = new HashMap<>();
        for (int i = 0; i < census.size(); i++) {
            int[] clothes = clothes(census.bodies()[i]);
            descend(census, clothes, census.nodes()[i], 0, found, onlyApproved);
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
            Census census,
            int[] clothes,
            int node,
            int level,
            Map<Integer, BitSet> found,
            Map<List<Integer>, BitSet> onlyApproved) {
        Tail tail = census.tail();
        int at = level == tail.counted()
                ? -1
                : EnsembleListener.CLOTHES.indexOf(tail.levels().get(level).slot());
        Graph graph = census.graph();
        if (at < 0) {
            BitSet finishes = found.computeIfAbsent(node, n -> finishes(census, n, level));
            if (!finishes.isEmpty()) {
                tell(clothes, finishes, onlyApproved);
            }
            return;
        }
        Tail.Level here = tail.levels().get(level);
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            clothes[at] = choice == 0
                    ? -1
                    : places.get(here.options().get(choice - 1).ids().get(0));
            descend(census, clothes, graph.child(edge), level + 1, found, onlyApproved);
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

    private BitSet finishes(Census census, int node, int level) {
        BitSet finishes = new BitSet();
        collect(census, node, level, new int[] {0, 0}, finishes);
        return finishes;
    }

    /** @param chosen the place of the coat and that of the shoes */
    private void collect(Census census, int node, int level, int[] chosen, BitSet into) {
        if (level == census.tail().counted()) {
            if (node == Diagram.WORKS) {
                into.set(chosen[0] * (shoes.size() + 1) + chosen[1]);
            }
            return;
        }
        Slot slot = census.tail().levels().get(level).slot();
        List<Option> options = census.tail().levels().get(level).options();
        Graph graph = census.graph();
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            chosen[slot == Slot.COAT ? 0 : 1] = place(slot, choice == 0 ? null : options.get(choice - 1));
            collect(census, graph.child(edge), level + 1, chosen, into);
        }
        chosen[slot == Slot.COAT ? 0 : 1] = 0;
    }

    private int place(Slot slot, Option option) {
        return option == null
                ? 0
                : (slot == Slot.COAT ? coats : shoes).indexOf(option.ids().get(0)) + 1;
    }

    /** What an approval lets pass and the rules do not, by clothes. */
    private Map<List<Integer>, BitSet> onlyApproved(Census census) {
        Map<List<Integer>, BitSet> finishes = new LinkedHashMap<>();
        for (int i = 0; i < census.approved().length; i++) {
            if (census.verdicts()[i] != Diagram.WORKS) {
                Option[] one = census.approved()[i];
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
