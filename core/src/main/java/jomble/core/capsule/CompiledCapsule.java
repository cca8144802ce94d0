package jomble.core.capsule;

import java.util.Collection;
import java.util.stream.IntStream;
import jomble.core.piece.PieceId;

/**
 * A wardrobe prepared for the capsule search. Not thread-safe.
 *
 * @param problem without the pieces dropped by the short list
 * @param candidates by piece index, whether it may be chosen
 * @param free indices of the pieces that do not count towards the size and are always available
 * @param must indices of the pieces in every capsule
 * @param pool indices of the other pieces that may be chosen
 */
record CompiledCapsule(
        CapsuleProblem problem,
        EnsembleTable table,
        Aim aim,
        boolean[] candidates,
        int[] free,
        int[] must,
        int[] pool) {
    CapsuleSearch search(long seed) {
        return new CapsuleSearch(aim, problem.pieces().size(), free, must, pool, seed);
    }

    PieceId id(int place) {
        return problem.pieces().get(place).id();
    }

    /** The largest possible capsule. */
    int largest() {
        return must.length + pool.length;
    }

    /** A choice made by hand; pieces that do not count are always available. */
    Choice choice(Collection<PieceId> pieces) {
        int[] members = IntStream.range(0, problem.pieces().size())
                .filter(place -> pieces.contains(id(place))
                        && problem.counts(problem.pieces().get(place)))
                .toArray();
        return new Choice(problem.pieces().size(), free, members);
    }
}
