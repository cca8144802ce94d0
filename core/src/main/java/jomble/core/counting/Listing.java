package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.counting.table.Figures;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** One page out of all combinations of one verdict, in the stable order; what stands before the page is passed over by its counts. */
final class Listing {
    private final Field field;
    private final Verdict wanted;
    private final long offset;
    private final int limit;
    private final List<Combination> page = new ArrayList<>();
    private final Map<Structure, List<CompletionSearch>> completions = new HashMap<>();
    private final Figures seen = new Figures(1);

    /**
     * The combinations of one structure.
     *
     * @param approved those that were approved
     * @param filled choices of options in slots that are not counted, one of which must be worn
     */
    record Part(Field.Search search, List<Option[]> approved, Approvals approvals, List<Option[]> filled) {}

    /** @throws CountingStoppedException when {@code progress} asks to stop */
    Listing(Field field, List<Part> parts, Verdict wanted, long offset, int limit, Progress progress) {
        this.field = field;
        this.wanted = wanted;
        this.offset = offset;
        this.limit = limit;
        for (Part part : parts) {
            part.search()
                    .walk()
                    .walk(
                            (body, node) -> {
                                add(part, body, node);
                                return true;
                            },
                            progress);
            addApproved(part);
        }
    }

    List<Combination> page() {
        return page;
    }

    BigInteger total() {
        return seen.get(0);
    }

    /** How much of an offset goes beyond this list. */
    long left(long ofOffset) {
        return BigInteger.valueOf(ofOffset)
                .subtract(total())
                .max(BigInteger.ZERO)
                .longValueExact();
    }

    private void add(Part part, Option[] body, int node) {
        boolean oneByOne =
                wanted == Verdict.DARING && part.approved().stream().anyMatch(combination -> isOver(body, combination));
        descend(part, body.clone(), node, 0, oneByOne);
    }

    private Figures of(Diagram diagram) {
        return wanted == Verdict.WORKS ? diagram.works() : diagram.daring();
    }

    private static boolean isOver(Option[] body, Option[] combination) {
        return Tail.BODY.stream().allMatch(slot -> body[slot.ordinal()] == combination[slot.ordinal()]);
    }

    /** @param oneByOne whether some of these were approved and are not daring, so that counts do not help */
    private void descend(Part part, Option[] combination, int node, int level, boolean oneByOne) {
        Diagram diagram = part.search().diagram();
        Tail tail = part.search().tail();
        Figures figures = of(diagram);
        if (figures.isZero(node)) {
            return;
        }
        boolean passedOver = !oneByOne && (page.size() == limit || !seen.exceedsWith(figures, node, offset));
        if (passedOver) {
            seen.add(0, figures, node);
            return;
        }
        if (level == tail.counted()) {
            boolean approved = oneByOne && part.approved().stream().anyMatch(one -> Arrays.equals(one, combination));
            if (!approved) {
                list(part, combination);
            }
            return;
        }
        Tail.Level here = tail.levels().get(level);
        for (int c = 0; c <= here.options().size(); c++) {
            combination[here.slot().ordinal()] = c == 0 ? null : here.options().get(c - 1);
            descend(part, combination, diagram.child(node, c), level + 1, oneByOne);
        }
        combination[here.slot().ordinal()] = null;
    }

    private void addApproved(Part part) {
        for (Option[] combination : part.approved()) {
            if (wanted == Verdict.WORKS && part.search().verdictOf(combination) != Diagram.WORKS) {
                list(part, combination);
            }
        }
    }

    private void list(Part part, Option[] combination) {
        if (seen.get(0).compareTo(BigInteger.valueOf(offset)) >= 0 && page.size() < limit) {
            page.add(combination(part, combination));
        }
        seen.add(0, 1);
    }

    private Combination combination(Part part, Option[] combination) {
        Approvals.Placed approved = part.approvals().of(combination, part.filled());
        Completion best = approved == null ? Completion.NONE : approved.completion();
        int context = approved == null ? 0 : approved.context();
        if (approved == null) {
            List<CompletionSearch> searches =
                    completions.computeIfAbsent(part.search().structure(), this::completions);
            for (Option[] worn : part.filled()) {
                Option[] whole = Forced.together(combination, worn);
                for (int i = 0; i < searches.size() && whole != null; i++) {
                    Completion found = searches.get(i).best(whole);
                    if (found != Completion.NONE && found.isBetterThan(best)) {
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
        return new Combination(
                counted,
                filled,
                best.verdict(),
                best.points(),
                best.credits(),
                field.question().contexts().get(context));
    }
}
