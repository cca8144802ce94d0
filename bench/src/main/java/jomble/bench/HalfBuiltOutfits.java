package jomble.bench;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Progress;
import jomble.core.counting.census.DiagramCounter;
import jomble.core.counting.query.CheapestPaths;
import jomble.core.counting.query.Found;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.counting.query.SolutionSet;
import jomble.core.judgement.Judge;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** How long it takes to say what still fits a half-built outfit, piece after piece. */
public final class HalfBuiltOutfits {
    private HalfBuiltOutfits() {}

    public static void main(String[] args) {
        DiagramCounter counter = new DiagramCounter(Catalogue.standard());
        for (int size : new int[] {60, 240}) {
            CountQuestion question = SampleQuestions.of(size, Map.of("months", List.of(1)))
                    .counting(CountedSlots.LOOKS)
                    .daring(true);
            long start = System.nanoTime();
            SolutionSet set = counter.find(question.withoutCompletions(), Progress.NONE);
            System.out.printf("%d pieces: found in %s", size, since(start));
            int nodes = set.parts().stream().mapToInt(p -> p.graph().size()).sum();
            long edges = set.parts().stream()
                    .mapToLong(p -> p.graph().end(p.graph().size() - 1))
                    .sum();
            System.out.printf(
                    " %,d nodes %,d edges in %d parts%n",
                    nodes, edges, set.parts().size());
            Found one =
                    new CheapestPaths(set, (slot, option) -> 0).list(0, 5000, 1).get(0);
            Map<Slot, List<PieceId>> built = new EnumMap<>(Slot.class);
            OutfitQueries queries = new OutfitQueries(counter);
            for (int round = 0; round < 2; round++) {
                built.clear();
                for (Map.Entry<Slot, List<PieceId>> entry : one.pieces().entrySet()) {
                    built.put(entry.getKey(), entry.getValue());
                    start = System.nanoTime();
                    List<OutfitQueries.Choice> choices = queries.choices(question, built, Progress.NONE);
                    String took = since(start);
                    start = System.nanoTime();
                    Judge judge =
                            new Judge(Catalogue.standard(), question.contexts().get(0));
                    int judged = 0;
                    for (OutfitQueries.Choice choice : choices) {
                        Map<Slot, List<PieceId>> with = new EnumMap<>(built);
                        with.put(choice.slot(), choice.pieces());
                        List<Worn> worn = with.entrySet().stream()
                                .map(e -> Worn.of(
                                        e.getKey(),
                                        e.getValue().stream()
                                                .map(id -> piece(question, id))
                                                .toList()))
                                .toList();
                        try {
                            judge.best(Outfit.of(worn));
                            judged++;
                        } catch (IllegalArgumentException e) {
                            judged += 0;
                        }
                    }
                    System.out.printf(
                            "  with %s: choices %s, %d judged %s%n", entry.getKey(), took, judged, since(start));
                }
            }
        }
    }

    private static Piece piece(CountQuestion question, PieceId id) {
        return question.pieces().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String since(long start) {
        return String.format("%.0f ms", (System.nanoTime() - start) / 1e6);
    }
}
