package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jomble.core.RandomWardrobes;
import jomble.core.Seeds;
import jomble.core.judgement.SmallestChange.Change;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** The smallest change against trying everything, on random wardrobes. */
class SmallestChangeTest {
    private static final int MOST = 4;

    @Seeds(60)
    void findsTheBestOfAllChanges(long seed) {
        RandomWardrobes random = new RandomWardrobes(seed);
        List<Piece> pieces = random.pieces(9);
        List<Judge> judges = random.contexts().stream()
                .map(context -> new Judge(Catalogue.standard(), context))
                .toList();
        Outfit outfit = firstOf(pieces);
        Judgement before = best(judges, outfit);
        List<Change> changes = new SmallestChange(judges, pieces).of(outfit, List.of(), MOST);

        assertThat(changes).hasSizeLessThanOrEqualTo(MOST);
        Set<Slot> slots = new HashSet<>();
        for (Change change : changes) {
            assertThat(slots.add(change.slot())).as("one change a slot").isTrue();
            Outfit after = changed(outfit, change.slot(), change.piece());
            assertThat(best(judges, after).verdict())
                    .isEqualTo(change.judgement().verdict());
            assertThat(change.judgement().verdict()).isLessThan(before.verdict());
        }
        assertThat(changes.stream().map(change -> change.judgement().verdict())).isSorted();
        assertThat(
                        changes.isEmpty()
                                ? before.verdict()
                                : changes.get(0).judgement().verdict())
                .isEqualTo(bestReachable(judges, pieces, outfit, before.verdict()));
    }

    @Seeds(30)
    void leavesAloneWhatIsToStay(long seed) {
        RandomWardrobes random = new RandomWardrobes(seed);
        List<Piece> pieces = random.pieces(9);
        List<Judge> judges = List.of(new Judge(Catalogue.standard(), JudgementContext.PLAIN));
        Outfit outfit = firstOf(pieces);
        List<Piece> kept = outfit.worn().stream().map(Worn::piece).toList();
        assertThat(new SmallestChange(judges, pieces).of(outfit, kept, MOST))
                .allSatisfy(change -> assertThat(change.instead()).isNull());
    }

    private static Verdict bestReachable(List<Judge> judges, List<Piece> pieces, Outfit outfit, Verdict before) {
        Verdict best = before;
        for (Piece piece : pieces) {
            for (Slot slot : piece.roles()) {
                if (outfit.worn().stream().noneMatch(worn -> worn.pieces().contains(piece))) {
                    Verdict after = best(judges, changed(outfit, slot, piece)).verdict();
                    best = after.compareTo(best) < 0 ? after : best;
                }
            }
        }
        return best;
    }

    private static Judgement best(List<Judge> judges, Outfit outfit) {
        return judges.stream()
                .map(judge -> judge.best(outfit))
                .min(Judgement.BETTER)
                .orElseThrow();
    }

    private static Outfit changed(Outfit outfit, Slot slot, Piece piece) {
        List<Worn> worn = new ArrayList<>(outfit.worn());
        worn.removeIf(other -> other.slot() == slot);
        worn.add(Worn.of(slot, piece));
        return Outfit.of(worn);
    }

    /** Each piece in its first role, as far as that is free. */
    private static Outfit firstOf(List<Piece> pieces) {
        List<Worn> worn = new ArrayList<>();
        Set<Slot> taken = new HashSet<>();
        for (Piece piece : pieces.subList(0, 5)) {
            if (!piece.roles().isEmpty() && taken.add(piece.roles().get(0))) {
                worn.add(Worn.of(piece.roles().get(0), piece));
            }
        }
        return Outfit.of(worn);
    }
}
