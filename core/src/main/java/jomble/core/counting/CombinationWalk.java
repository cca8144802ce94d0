package jomble.core.counting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Walks every combination of a question in the stable order, cutting off what pair rules already forbid.
 *
 * <p>The price is the number of combinations the pair rules leave, times the cost of completing one.
 */
final class CombinationWalk {
    private static final int SLOTS = Slot.values().length;
    private static final int BETWEEN_REPORTS = 256;
    /** The masks of all pairs of ways take 24 bytes a pair: some 54 MB at this many. */
    private static final int MOST_WAYS = 1500;

    private final CountQuestion question;
    private final Options options;
    private final List<CompiledContext> contexts = new ArrayList<>();
    private final List<OptionBounds> bounds = new ArrayList<>();
    private final List<Judge> judges;
    private final Containing containing;
    private final Progress progress;
    private int untilReport = BETWEEN_REPORTS;

    /** What is told of each combination that is daring or better. */
    interface Visitor {
        /** @param combination options by ordinal of the slot, reused between calls */
        void visit(Structure structure, Option[] combination, Verdict verdict, Searches searches);
    }

    /** @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take */
    CombinationWalk(CountQuestion question, RuleCatalogue catalogue, Progress progress) {
        this.question = question;
        this.progress = progress;
        this.options = new Options(question.pieces(), question.contexts().get(0));
        if (options.ways().size() > MOST_WAYS) {
            throw new WardrobeTooLargeException(options.ways().size(), MOST_WAYS);
        }
        this.judges = question.contexts().stream()
                .map(context -> new Judge(catalogue, context))
                .toList();
        this.containing = new Containing(question, options);
        KnownDifferences differences = new KnownDifferences(question.pieces());
        Map<JudgementContext, FindingMasks> lasting = new LinkedHashMap<>();
        Map<JudgementContext, Integer> boundsByKey = new HashMap<>();
        for (JudgementContext context : question.contexts()) {
            JudgementContext key = context.in(null);
            FindingMasks masks =
                    lasting.computeIfAbsent(key, k -> new FindingMasks(options.ways(), catalogue, k, false));
            boundsByKey.computeIfAbsent(key, k -> {
                bounds.add(new OptionBounds(options.all(), masks));
                return bounds.size() - 1;
            });
            FindingMasks weather =
                    context.weather() == null ? null : new FindingMasks(options.ways(), catalogue, context, true);
            contexts.add(new CompiledContext(context, catalogue, masks, weather, differences));
        }
    }

    Options options() {
        return options;
    }

    /** All that the rules can see of an option in any context, as a value. */
    Object effect(Option option) {
        return contexts.stream().map(context -> context.effect(option)).toList();
    }

    boolean isInert(Option option) {
        return contexts.stream().allMatch(context -> context.isInert(option));
    }

    void walk(Visitor visitor) {
        Structure[] structures = Structure.values();
        for (int i = 0; i < structures.length; i++) {
            new Descent(structures[i], visitor, (double) i / structures.length, 1.0 / structures.length).start();
        }
        progress.goOn(1);
    }

    /** The walk through one structure. */
    private final class Descent {
        private final Structure structure;
        private final Visitor visitor;
        private final double from;
        private final double part;
        private final List<Slot> order = new ArrayList<>();
        private final List<List<Option>> candidates = new ArrayList<>();
        private final List<Boolean> mayBeEmpty = new ArrayList<>();
        private final Option[] combination = new Option[SLOTS];
        private final long[][] minor;
        private final long[][] major;
        private final boolean possible;
        private final Searches searches;
        private final Approvals approvals;
        private double done;

        Descent(Structure structure, Visitor visitor, double from, double part) {
            this.structure = structure;
            this.visitor = visitor;
            this.from = from;
            this.part = part;
            boolean shoes = contexts.get(0).context().wantsShoes();
            boolean open = true;
            for (Slot slot : Slot.values()) {
                boolean wanted = structure.mandatory(shoes).contains(slot);
                if (question.counted().has(slot) && structure.allows(slot)) {
                    order.add(slot);
                    candidates.add(options.in(slot).stream()
                            .filter(option -> option.pieces().stream().allMatch(piece -> structure.takes(slot, piece)))
                            .filter(containing::admits)
                            .toList());
                    mayBeEmpty.add(!wanted && !containing.fills(slot));
                }
                open &= !wanted || question.counted().has(slot) || CountedSlots.FILLED.contains(slot);
                open &= !wanted || !options.in(slot).isEmpty();
            }
            possible = open;
            minor = new long[order.size() + 1][bounds.size()];
            major = new long[order.size() + 1][bounds.size()];
            approvals = new Approvals(structure, options, question.counted(), judges);
            FillingRows fillings = new FillingRows(
                    structure,
                    options,
                    question.counted(),
                    shoes,
                    CombinationWalk.this::effect,
                    CombinationWalk.this::isInert);
            searches = new Searches(
                    fillings,
                    contexts.stream()
                            .collect(Collectors.groupingBy(
                                    context -> context.context().in(null), LinkedHashMap::new, Collectors.toList()))
                            .values()
                            .stream()
                            .map(alike -> new FillingSearch(alike, options, fillings))
                            .toList(),
                    contexts.stream()
                            .map(context -> new CompletionSearch(context, options, structure, question.counted()))
                            .toList(),
                    containing.mustWear(),
                    approvals);
        }

        void start() {
            if (possible) {
                descend(0, 1);
            }
        }

        private void descend(int depth, double share) {
            if (depth == order.size()) {
                done += share;
                complete();
                return;
            }
            List<Option> choices = candidates.get(depth);
            double each = share / (choices.size() + (mayBeEmpty.get(depth) ? 1 : 0));
            int ordinal = order.get(depth).ordinal();
            if (mayBeEmpty.get(depth)) {
                minor[depth + 1] = minor[depth];
                major[depth + 1] = major[depth];
                descend(depth + 1, each);
                minor[depth + 1] = new long[bounds.size()];
                major[depth + 1] = new long[bounds.size()];
            }
            for (Option option : choices) {
                boolean alive = charge(option, depth);
                combination[ordinal] = option;
                if (alive || !approvals.isEmpty() && approvals.hold(combination)) {
                    descend(depth + 1, each);
                } else {
                    done += each;
                }
                combination[ordinal] = null;
            }
        }

        /** Adds the option's bounds against all chosen ones; false when no context survives. */
        private boolean charge(Option option, int depth) {
            boolean alive = false;
            for (int g = 0; g < bounds.size(); g++) {
                OptionBounds bound = bounds.get(g);
                long lesser = minor[depth][g] | bound.minor(option, option);
                long greater = major[depth][g] | bound.major(option, option);
                for (int i = 0; i < depth; i++) {
                    Option other = combination[order.get(i).ordinal()];
                    if (other != null) {
                        lesser |= bound.minor(option, other);
                        greater |= bound.major(option, other);
                    }
                }
                minor[depth + 1][g] = lesser;
                major[depth + 1][g] = greater;
                alive |= FindingMasks.points(lesser, greater) <= Verdict.DARING.mostPoints();
            }
            return alive;
        }

        private void complete() {
            if (--untilReport == 0) {
                untilReport = BETWEEN_REPORTS;
                if (!progress.goOn(from + part * Math.min(1, done))) {
                    throw new CountingStoppedException();
                }
            }
            if (!containing.isMetBy(combination)) {
                return;
            }
            Verdict found = searches.verdict(combination, null);
            if (found != Verdict.NO) {
                visitor.visit(structure, combination, found, searches);
            }
        }
    }
}
