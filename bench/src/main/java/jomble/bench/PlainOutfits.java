package jomble.bench;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.CountQuestion;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * A question in which nothing is to be filled in, for general-purpose methods that enumerate: the slots of each structure with what can
 * be worn there, and the judge every complete outfit is put to.
 */
final class PlainOutfits {
    private final CountQuestion question;
    private final MaskJudge judge;
    private final boolean wantsShoes;
    private long judged;
    private long works;

    /** A slot of a structure, the pieces it may take, and whether it may stay empty. */
    record Place(Slot slot, List<Worn> choices, boolean optional) {
        /** Choices are numbered from 1 on; 0 is the empty slot. */
        int least() {
            return optional ? 0 : 1;
        }

        boolean canBeDecided() {
            return least() <= choices.size();
        }
    }

    /** Hears of two choices by their numbers. */
    interface Pairing {
        void accept(int one, int other);
    }

    PlainOutfits(CountQuestion question) {
        JudgementContext context = question.contexts().get(0);
        this.question = question;
        this.judge = new MaskJudge(question.pieces(), context);
        this.wantsShoes = context.wantsShoes();
    }

    List<Place> places(Structure structure) {
        List<Slot> mandatory = structure.mandatory(wantsShoes);
        return question.counted().slots().stream()
                .filter(structure::allows)
                .map(slot -> new Place(slot, choices(structure, slot), !mandatory.contains(slot)))
                .toList();
    }

    private List<Worn> choices(Structure structure, Slot slot) {
        return question.pieces().stream()
                .filter(piece -> piece.hasRole(slot) && structure.takes(slot, piece))
                .map(piece -> Worn.of(slot, piece))
                .toList();
    }

    boolean mayMeet(Worn one, Worn other) {
        return one.piece() != other.piece() && judge.mayMeet(one, other);
    }

    /** Tells all choices of two places that may be made together. */
    void forEachPair(Place one, Place other, Pairing pairing) {
        for (int a = one.least(); a <= one.choices().size(); a++) {
            for (int b = other.least(); b <= other.choices().size(); b++) {
                boolean apart = a == 0 || b == 0;
                if (apart || mayMeet(one.choices().get(a - 1), other.choices().get(b - 1))) {
                    pairing.accept(a, b);
                }
            }
        }
    }

    /** @param chosen the number of a choice for each place */
    void judge(List<Place> places, int[] chosen) {
        List<Worn> worn = new ArrayList<>();
        for (int i = 0; i < chosen.length; i++) {
            if (chosen[i] > 0) {
                worn.add(places.get(i).choices().get(chosen[i] - 1));
            }
        }
        judge(worn);
    }

    /** Puts an outfit to the judge. */
    void judge(List<Worn> worn) {
        judged++;
        works += judge.best(worn).verdict() == Verdict.WORKS ? 1 : 0;
    }

    long judged() {
        return judged;
    }

    long works() {
        return works;
    }
}
