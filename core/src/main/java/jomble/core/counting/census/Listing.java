package jomble.core.counting.census;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import jomble.core.counting.Combination;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.table.Figures;
import jomble.core.counting.tail.Diagram;
import jomble.core.counting.tail.Tail;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * One page out of all combinations of one verdict, in the stable order; what stands before the page is passed over by its counts. What
 * only an approval lets pass closes its structure.
 */
final class Listing implements Collector {
    private final Field field;
    private final List<Option[]> filled;
    private final Verdict wanted;
    private final long offset;
    private final int limit;
    private final List<Combination> page = new ArrayList<>();
    private final Map<Structure, Approvals> approvals = new EnumMap<>(Structure.class);
    private final Map<Structure, List<CompletionSearch>> completions = new EnumMap<>(Structure.class);
    private final Figures seen = new Figures(1);
    /** What was told last. */
    private Census last;

    private final List<Option[]> onlyApproved = new ArrayList<>();

    Listing(Field field, Forced forced, Verdict wanted, long offset, int limit) {
        this.field = field;
        this.filled = forced.filled();
        this.wanted = wanted;
        this.offset = offset;
        this.limit = limit;
    }

    @Override
    public void add(Census census) {
        if (last != null && !census.isOf(last.structure(), last.forced())) {
            close();
        }
        last = census;
        for (int i = 0; i < census.size(); i++) {
            Option[] body = census.bodies()[i];
            boolean oneByOne = wanted == Verdict.DARING
                    && Arrays.stream(census.approved()).anyMatch(combination -> isOver(body, combination));
            descend(census, body.clone(), census.nodes()[i], 0, oneByOne);
        }
        for (int i = 0; i < census.approved().length; i++) {
            if (wanted == Verdict.WORKS && census.verdicts()[i] != Diagram.WORKS) {
                onlyApproved.add(census.approved()[i]);
            }
        }
    }

    /** No more comes of a structure. */
    private void close() {
        onlyApproved.forEach(combination -> list(last.structure(), combination));
        onlyApproved.clear();
    }

    /** When all was told. */
    List<Combination> page() {
        close();
        return page;
    }

    /** When all was told. */
    BigInteger total() {
        close();
        return seen.get(0);
    }

    /** How much of an offset goes beyond this list. */
    long left(long ofOffset) {
        return BigInteger.valueOf(ofOffset)
                .subtract(total())
                .max(BigInteger.ZERO)
                .longValueExact();
    }

    private static boolean isOver(Option[] body, Option[] combination) {
        return Tail.BODY.stream().allMatch(slot -> body[slot.ordinal()] == combination[slot.ordinal()]);
    }

    /** @param oneByOne whether some of these were approved and are not daring, so that counts do not help */
    private void descend(Census census, Option[] combination, int node, int level, boolean oneByOne) {
        Graph graph = census.graph();
        Figures figures = wanted == Verdict.WORKS ? graph.works() : graph.daring();
        if (figures.isZero(node)) {
            return;
        }
        boolean passedOver = !oneByOne && (page.size() == limit || !seen.exceedsWith(figures, node, offset));
        if (passedOver) {
            seen.add(0, figures, node);
            return;
        }
        if (level == census.tail().counted()) {
            boolean approved =
                    oneByOne && Arrays.stream(census.approved()).anyMatch(one -> Arrays.equals(one, combination));
            if (!approved) {
                list(census.structure(), combination);
            }
            return;
        }
        Tail.Level here = census.tail().levels().get(level);
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            combination[here.slot().ordinal()] =
                    choice == 0 ? null : here.options().get(choice - 1);
            descend(census, combination, graph.child(edge), level + 1, oneByOne);
        }
        combination[here.slot().ordinal()] = null;
    }

    private void list(Structure structure, Option[] combination) {
        if (seen.get(0).compareTo(BigInteger.valueOf(offset)) >= 0 && page.size() < limit) {
            page.add(combination(structure, combination));
        }
        seen.add(0, 1);
    }

    private Combination combination(Structure structure, Option[] combination) {
        Approvals.Placed approved =
                approvals.computeIfAbsent(structure, field::approvals).of(combination, filled);
        Completion best = approved == null ? Completion.NONE : approved.completion();
        int context = approved == null ? 0 : approved.context();
        if (approved == null) {
            List<CompletionSearch> searches = completions.computeIfAbsent(structure, this::completions);
            for (Option[] worn : filled) {
                Option[] whole = Forced.together(combination, worn);
                for (int i = 0; i < searches.size() && whole != null; i++) {
                    Completion found = searches.get(i).plainest(whole, wanted);
                    if (found.isBetterThan(best)) {
                        best = found;
                        context = i;
                    }
                }
            }
        }
        return combination(best, context);
    }

    private List<CompletionSearch> completions(Structure structure) {
        return field.contexts().stream()
                .map(context -> new CompletionSearch(
                        context, field.options(), structure, field.question().counted()))
                .toList();
    }

    private Combination combination(Completion best, int context) {
        Map<Slot, List<PieceId>> counted = new EnumMap<>(Slot.class);
        Map<Slot, List<PieceId>> filled = new EnumMap<>(Slot.class);
        for (Worn w : best.worn()) {
            if (w != null) {
                (field.question().counted().has(w.slot()) ? counted : filled)
                        .put(w.slot(), w.pieces().stream().map(p -> p.id()).toList());
            }
        }
        JudgementContext judged = field.question().contexts().get(context);
        List<Worn> worn = Arrays.stream(best.worn()).filter(Objects::nonNull).toList();
        return new Combination(
                counted,
                filled,
                best.verdict(),
                best.points(),
                best.credits(),
                OutfitScore.of(worn, best.points(), judged),
                judged);
    }
}
