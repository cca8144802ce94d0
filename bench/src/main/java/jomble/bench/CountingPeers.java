package jomble.bench;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.judgement.rule.Catalogue;

/** Prints how general-purpose methods fare on the same pieces; all must find the same totals. */
public final class CountingPeers {
    private static final List<Integer> SIZES = List.of(30, 60, 120);
    /** Beyond this only what ends within minutes is tried. */
    private static final int SMALL = 60;

    private static final int WARM_RUNS = 100;

    private CountingPeers() {}

    /** A general-purpose method. */
    private record Peer(String name, int mostPieces, Consumer<PlainOutfits> method) {}

    /** @param arguments sizes to measure, or none for the usual ones */
    public static void main(String[] arguments) throws Exception {
        List<Integer> sizes = arguments.length == 0
                ? SIZES
                : Arrays.stream(arguments).map(Integer::valueOf).toList();
        try (SelfJoins joins = new SelfJoins()) {
            List<Peer> peers = List.of(
                    new Peer("nested loops", Integer.MAX_VALUE, NestedLoops::count),
                    new Peer("bitset backtracking", Integer.MAX_VALUE, BitsetBacktracking::count),
                    new Peer("constraint solver", SMALL, ConstraintSolver::count),
                    new Peer("clause-learning solver", SMALL, SatisfiabilitySolver::count),
                    new Peer("self-joins in a database", SMALL, joins::count));
            for (int size : sizes) {
                compare(size, peers);
            }
        }
    }

    private static void compare(int size, List<Peer> peers) {
        CountQuestion question = SampleQuestions.clothesAndShoesOnly(size);
        BigInteger[] total = new BigInteger[1];
        double diagram = CountingGrowth.best(
                WARM_RUNS,
                () -> total[0] = CountingGrowth.count(new DiagramCounter(Catalogue.standard()), question)
                        .total());
        System.out.printf(
                "%d pieces of %d, clothes and shoes only: %,d; diagram %.1f ms%n",
                question.pieces().size(), size, total[0], diagram);
        for (Peer peer : peers) {
            if (size <= peer.mostPieces()) {
                PlainOutfits outfits = new PlainOutfits(question);
                double millis = CountingGrowth.best(1, () -> peer.method().accept(outfits));
                if (!total[0].equals(BigInteger.valueOf(outfits.works()))) {
                    throw new IllegalStateException(
                            total[0] + " by the diagram, " + outfits.works() + " by " + peer.name());
                }
                System.out.printf(
                        "  %s: %,d judged, %.0f ms, %.0f times as long%n",
                        peer.name(), outfits.judged(), millis, millis / diagram);
            }
        }
    }
}
