package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import jomble.core.RandomWardrobes;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;

/** Counting adds pieces as it comes to them, goes back and adds others: measures must not depend on it. */
class MeasureAccumulatorTest {
    private static final int OUTFITS = 400;

    @Test
    void addsUpAlikeInAnyOrder() {
        for (long seed = 1; seed <= OUTFITS; seed++) {
            RandomWardrobes wardrobes = new RandomWardrobes(seed);
            Summariser summariser = new Summariser(wardrobes.contexts().get(0));
            Outfit outfit = outfit(wardrobes.pieces(14));
            List<Contribution> contributions = contributions(summariser, outfit.worn());
            Collections.shuffle(contributions, new Random(seed));
            MeasureAccumulator added = summariser.accumulator();
            added.clear(summariser.summarise(outfit.bySlotOrdinal()).structure());
            contributions.forEach(added::add);
            for (Measure measure : Measure.values()) {
                if (measure != Measure.COLLIDING_SLOTS) {
                    assertThat(added.measures[measure.ordinal()])
                            .as("seed %d, %s of %s", seed, measure, outfit)
                            .isEqualTo(summariser.summarise(outfit.bySlotOrdinal()).measures[measure.ordinal()]);
                }
            }
        }
    }

    @Test
    void aSnapshotStaysWhileTheAccumulatorGoesOn() {
        RandomWardrobes wardrobes = new RandomWardrobes(7);
        Summariser summariser = new Summariser(wardrobes.contexts().get(0));
        List<Contribution> contributions =
                contributions(summariser, outfit(wardrobes.pieces(14)).worn());
        MeasureAccumulator worn = summariser.accumulator();
        contributions.subList(0, 2).forEach(worn::add);
        Summary before = worn.snapshot();
        MeasureAccumulator copy = worn.another();
        copy.set(worn);
        contributions.forEach(worn::add);
        assertThat(before.measures).isEqualTo(copy.measures).isNotEqualTo(worn.measures);
        worn.clear(Structure.ONE_PIECE);
        assertThat(worn.measures).isEqualTo(summariser.accumulator().measures);
        assertThat(worn.structure()).isEqualTo(Structure.ONE_PIECE);
    }

    private static List<Contribution> contributions(Summariser summariser, List<Worn> worn) {
        List<Contribution> all = new ArrayList<>();
        for (int i = 0; i < worn.size(); i++) {
            all.add(summariser.contribution(worn.get(i), 0, 0));
            for (int k = 0; k < i; k++) {
                boolean inOrder = worn.get(k).slot().compareTo(worn.get(i).slot()) < 0;
                all.add(summariser.contribution(worn.get(inOrder ? k : i), worn.get(inOrder ? i : k)));
            }
        }
        return all;
    }

    private static Outfit outfit(List<Piece> pieces) {
        List<Piece> left = new ArrayList<>(pieces);
        List<Worn> worn = new ArrayList<>();
        for (Slot slot : Slot.values()) {
            left.stream().filter(piece -> piece.hasRole(slot)).findFirst().ifPresent(piece -> {
                left.remove(piece);
                worn.add(Worn.of(slot, piece));
            });
        }
        return Outfit.of(worn);
    }
}
