package jomble.core.capsule;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import jomble.core.piece.PieceId;

/**
 * A wardrobe prepared for the capsule search. Not thread-safe.
 *
 * @param problem without the pieces dropped by the short list
 * @param narrower the same aim with one limit more, each a place to start from: where a limit is in force the search
 *     finds other capsules, and without it they are allowed too
 * @param candidates by piece index, whether it may be chosen
 * @param free indices of the pieces that do not count towards the size and are always available
 * @param must indices of the pieces in every capsule
 * @param pool indices of the other pieces that may be chosen
 */
record CompiledCapsule(
        CapsuleProblem problem,
        EnsembleTable table,
        Aim aim,
        List<Aim> narrower,
        boolean[] candidates,
        int[] free,
        int[] must,
        int[] pool) {
    CapsuleSearch search(long seed) {
        return new CapsuleSearch(aim, narrower, problem.pieces().size(), free, must, pool, seed);
    }

    PieceId id(int place) {
        return problem.pieces().get(place).id();
    }

    /** The largest possible capsule. */
    int largest() {
        return must.length + pool.length;
    }

    /**
     * A capsule to start from, brought to the size by the best additions and the least missed pieces; null when none of
     * its pieces may be chosen.
     */
    Choice start(Set<PieceId> pieces, int size) {
        int[] members = IntStream.concat(
                        IntStream.of(must), IntStream.of(pool).filter(place -> pieces.contains(id(place))))
                .toArray();
        if (members.length == must.length) {
            return null;
        }
        Choice choice = new Choice(problem.pieces().size(), free, members);
        while (choice.size() > size) {
            choice = Swaps.shrunk(this, choice);
        }
        while (choice.size() < size) {
            choice = Swaps.grown(this, choice);
        }
        return choice;
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
