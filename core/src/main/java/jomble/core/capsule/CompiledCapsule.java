package jomble.core.capsule;

import java.util.Collection;
import java.util.stream.IntStream;
import jomble.core.piece.PieceId;

/**
 * A wardrobe made ready to be searched for a capsule. Not for use by several threads.
 *
 * @param problem without the pieces that were left out beforehand
 * @param candidates by place, whether a piece may be chosen
 * @param free places of the pieces that do not count toward the size and are there anyway
 * @param must places of the pieces that are in every capsule
 * @param pool places of those that may be chosen besides
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

    /** How many pieces a capsule can have. */
    int largest() {
        return must.length + pool.length;
    }

    /** A choice by hand; pieces that do not count are there anyway. */
    Choice choice(Collection<PieceId> pieces) {
        int[] members = IntStream.range(0, problem.pieces().size())
                .filter(place -> pieces.contains(id(place))
                        && problem.counts(problem.pieces().get(place)))
                .toArray();
        return new Choice(problem.pieces().size(), free, members);
    }
}
