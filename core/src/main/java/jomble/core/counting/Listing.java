package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
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
     * @param shares what there is of them
     * @param filled choices of options in slots that are not counted, one of which must be worn
     */
    record Part(Structure structure, List<Census> shares, Approvals approvals, List<Option[]> filled) {}

    /** One body of a census. */
    private record Body(Census census, int place) {
        Option[] worn() {
            return census.bodies()[place];
        }

        int node() {
            return census.nodes()[place];
        }
    }

    /** Slot by slot, first what is empty and then by the ids of the pieces, as options are numbered. */
    private static final Comparator<Body> STABLE_ORDER = (one, other) -> {
        for (Slot slot : Tail.BODY) {
            Option a = one.worn()[slot.ordinal()];
            Option b = other.worn()[slot.ordinal()];
            if (a != b) {
                return a == null ? -1 : b == null ? 1 : Integer.compare(a.index(), b.index());
            }
        }
        return 0;
    };

    /** @throws CountingStoppedException when {@code progress} asks to stop */
    Listing(Field field, List<Part> parts, Verdict wanted, long offset, int limit, Progress progress) {
        this.field = field;
        this.wanted = wanted;
        this.offset = offset;
        this.limit = limit;
        for (int i = 0; i < parts.size(); i++) {
            if (!progress.goOn((double) i / parts.size())) {
                throw new CountingStoppedException();
            }
            list(parts.get(i));
        }
    }

    private void list(Part part) {
        part.shares().stream()
                .flatMap(census -> IntStream.range(0, census.size()).mapToObj(place -> new Body(census, place)))
                .sorted(STABLE_ORDER)
                .forEach(body -> add(part, body));
        for (Census census : part.shares()) {
            for (int i = 0; i < census.approved().length; i++) {
                if (wanted == Verdict.WORKS && census.verdicts()[i] != Diagram.WORKS) {
                    list(part, census.approved()[i]);
                }
            }
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

    private void add(Part part, Body body) {
        boolean oneByOne = wanted == Verdict.DARING
                && Arrays.stream(body.census().approved()).anyMatch(combination -> isOver(body.worn(), combination));
        descend(part, body.census(), body.worn().clone(), body.node(), 0, oneByOne);
    }

    private static boolean isOver(Option[] body, Option[] combination) {
        return Tail.BODY.stream().allMatch(slot -> body[slot.ordinal()] == combination[slot.ordinal()]);
    }

    /** @param oneByOne whether some of these were approved and are not daring, so that counts do not help */
    private void descend(Part part, Census census, Option[] combination, int node, int level, boolean oneByOne) {
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
                list(part, combination);
            }
            return;
        }
        Tail.Level here = census.tail().levels().get(level);
        for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
            int choice = graph.choice(edge);
            combination[here.slot().ordinal()] =
                    choice == 0 ? null : here.options().get(choice - 1);
            descend(part, census, combination, graph.child(edge), level + 1, oneByOne);
        }
        combination[here.slot().ordinal()] = null;
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
            List<CompletionSearch> searches = completions.computeIfAbsent(part.structure(), this::completions);
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
