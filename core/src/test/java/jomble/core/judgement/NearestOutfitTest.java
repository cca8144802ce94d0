package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jomble.core.RandomWardrobes;
import jomble.core.Seeds;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** The nearest outfit around a pair, against every way to fill the slots that must be filled. */
class NearestOutfitTest {
    private static final int PIECES = 10;

    @Seeds(80)
    void noPlainOutfitAroundAPairIsNearer(long seed) {
        RandomWardrobes random = new RandomWardrobes(seed);
        List<Piece> pieces = random.pieces(PIECES);
        List<Judge> judges = random.contexts().stream()
                .map(context -> new Judge(Catalogue.standard(), context))
                .toList();
        Outfit pair = pair(pieces);
        Judgement found = new NearestOutfit(judges, pieces).around(pair);

        assertThat(found.outfit().worn().stream().map(Worn::asItComes)).containsAll(pair.worn());
        assertThat(found.verdict())
                .isEqualTo(best(judges, plain(found.outfit())).verdict());
        for (Outfit outfit : filled(pair, pieces, judges.get(0).context().wantsShoes())) {
            Judgement other = best(judges, outfit);
            assertThat(found.verdict()).as("%s, and %s", found.outfit(), outfit).isLessThanOrEqualTo(other.verdict());
        }
    }

    private static Judgement best(List<Judge> judges, Outfit outfit) {
        return judges.stream()
                .map(judge -> judge.best(outfit))
                .min(Judgement.BETTER)
                .orElseThrow();
    }

    private static Outfit plain(Outfit outfit) {
        return Outfit.of(outfit.worn().stream().map(Worn::asItComes).toList());
    }

    /** The first two pieces that can be worn together. */
    private static Outfit pair(List<Piece> pieces) {
        List<Worn> pair = new ArrayList<>();
        for (Piece piece : pieces) {
            Slot slot = piece.roles().isEmpty() ? null : piece.roles().get(0);
            if (slot != null && pair.size() < 2 && pair.stream().noneMatch(worn -> worn.slot() == slot)) {
                pair.add(Worn.of(slot, piece));
            }
        }
        return Outfit.of(pair);
    }

    /** Every way to fill the slots of the structure that are empty; none where one of them cannot be filled. */
    private static List<Outfit> filled(Outfit pair, List<Piece> pieces, boolean shoes) {
        Structure structure = pair.in(Slot.ONEPIECE).isPresent() ? Structure.ONE_PIECE : Structure.SEPARATES;
        Stream<Outfit> outfits = Stream.of(pair);
        for (Slot slot : structure.mandatory(shoes)) {
            outfits = outfits.flatMap(outfit -> outfit.in(slot).isPresent()
                    ? Stream.of(outfit)
                    : pieces.stream()
                            .filter(piece -> piece.roles().contains(slot))
                            .filter(piece -> outfit.worn().stream()
                                    .noneMatch(worn -> worn.pieces().contains(piece)))
                            .map(piece -> with(outfit, slot, piece)));
        }
        return outfits.toList();
    }

    private static Outfit with(Outfit outfit, Slot slot, Piece piece) {
        List<Worn> worn = new ArrayList<>(outfit.worn());
        worn.add(Worn.of(slot, piece));
        return Outfit.of(worn);
    }
}
