package jomble.core.counting;

import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.jgrapht.alg.flow.PushRelabelMFImpl;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;

/**
 * How long a client can dress without repeating herself: the longest run of days, for her weekly occasions, in which no
 * two days have the same base.
 *
 * <p>Days follow each other as in {@link Week}. A run is feasible when its days can be matched with different bases
 * that serve them. This bipartite matching is computed as a maximum flow from occasions to bases, where bases that
 * serve the same occasions share a node. A shorter run is always feasible when a longer one is, so the longest is found
 * by bisection.
 */
public final class FreshDays {
    private final List<Occasion> week;
    /** Number of bases that serve exactly the same occasions, by the occasions' indices in the week. */
    private final Map<BitSet, Integer> basesByService;

    /**
     * An occasion and the bases that serve it.
     *
     * @param timesPerWeek above 0
     */
    public record Occasion(double timesPerWeek, Set<Map<Slot, List<PieceId>>> bases) {
        public Occasion {
            if (timesPerWeek <= 0) {
                throw new IllegalArgumentException("not a frequency: " + timesPerWeek);
            }
            bases = Set.copyOf(bases);
        }
    }

    /**
     * The bases that serve an occasion.
     *
     * @param question asked of the occasion; its counted slots are ignored
     * @throws CountingStoppedException when {@code progress} asks to stop
     */
    public static Occasion occasion(double timesPerWeek, Counter counter, CountQuestion question, Progress progress) {
        CountQuestion bases = question.counting(CountedSlots.BASES).withoutCompletions();
        return new Occasion(timesPerWeek, Set.copyOf(counter.tuples(bases, progress)));
    }

    private FreshDays(List<Occasion> week) {
        this.week = week;
        this.basesByService = basesByService(week);
    }

    /** The longest run in days; 0 when nothing serves the first occasion. */
    public static int of(List<Occasion> week) {
        return new FreshDays(List.copyOf(week)).longest();
    }

    private int longest() {
        int dressed = 0;
        double[] timesPerWeek =
                week.stream().mapToDouble(Occasion::timesPerWeek).toArray();
        int most = (int)
                week.stream().flatMap(one -> one.bases().stream()).distinct().count();
        while (dressed < most) {
            int middle = (dressed + most + 1) / 2;
            if (canDress(Week.days(timesPerWeek, middle))) {
                dressed = middle;
            } else {
                most = middle - 1;
            }
        }
        return dressed;
    }

    private boolean canDress(int[] days) {
        SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> flow =
                new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
        flow.addVertex("days");
        flow.addVertex("bases");
        int wanted = 0;
        for (int i = 0; i < days.length; i++) {
            flow.addVertex("occasion " + i);
            edge(flow, "days", "occasion " + i, days[i]);
            wanted += days[i];
        }
        for (Map.Entry<BitSet, Integer> alike : basesByService.entrySet()) {
            String node = "bases for " + alike.getKey();
            flow.addVertex(node);
            alike.getKey().stream().forEach(i -> edge(flow, "occasion " + i, node, days[i]));
            edge(flow, node, "bases", alike.getValue());
        }
        return Math.round(new PushRelabelMFImpl<>(flow).getMaximumFlowValue("days", "bases")) == wanted;
    }

    private static void edge(
            SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> flow, String from, String to, int capacity) {
        flow.setEdgeWeight(flow.addEdge(from, to), capacity);
    }

    private static Map<BitSet, Integer> basesByService(List<Occasion> week) {
        Map<Map<Slot, List<PieceId>>, BitSet> serves = new HashMap<>();
        for (int i = 0; i < week.size(); i++) {
            for (Map<Slot, List<PieceId>> base : week.get(i).bases()) {
                serves.computeIfAbsent(base, b -> new BitSet()).set(i);
            }
        }
        Map<BitSet, Integer> counts = new LinkedHashMap<>();
        serves.values().forEach(service -> counts.merge(service, 1, Integer::sum));
        return counts;
    }
}
