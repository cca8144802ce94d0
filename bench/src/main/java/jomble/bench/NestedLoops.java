package jomble.bench;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.CompiledJudge;
import jomble.core.counting.CountQuestion;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;

/** Counts by nested loops over the slots, judging every outfit by the same compiled rules: the measure of what the diagram saves. */
final class NestedLoops {
    private final CountQuestion question;
    private final CompiledJudge judge;
    private final boolean wantsShoes;
    private long judged;
    private long works;

    NestedLoops(CountQuestion question) {
        JudgementContext context = question.contexts().get(0);
        this.question = question;
        this.judge = new CompiledJudge(question.pieces(), context, Catalogue.standard());
        this.wantsShoes = context.wantsShoes();
    }

    /** Combinations that work, where nothing is to be filled in. */
    long count() {
        for (Structure structure : Structure.values()) {
            List<Slot> slots = question.counted().slots().stream()
                    .filter(structure::allows)
                    .toList();
            loop(structure, slots, 0, new ArrayList<>());
        }
        return works;
    }

    long judged() {
        return judged;
    }

    private void loop(Structure structure, List<Slot> slots, int depth, List<Worn> worn) {
        if (depth == slots.size()) {
            judged++;
            works += judge.best(Outfit.of(worn)).verdict() == Verdict.WORKS ? 1 : 0;
            return;
        }
        Slot slot = slots.get(depth);
        if (!structure.mandatory(wantsShoes).contains(slot)) {
            loop(structure, slots, depth + 1, worn);
        }
        for (Piece piece : question.pieces()) {
            boolean free = worn.stream().noneMatch(w -> w.piece() == piece);
            if (piece.hasRole(slot) && structure.takes(slot, piece) && free) {
                worn.add(Worn.of(slot, piece));
                loop(structure, slots, depth + 1, worn);
                worn.remove(worn.size() - 1);
            }
        }
    }
}
