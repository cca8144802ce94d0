package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.WardrobeTooLargeException;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.FindingMasks;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.PieceRows;
import jomble.core.counting.completion.CompletionSearch;
import jomble.core.counting.query.Found;
import jomble.core.counting.remaining.CompletionSets;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlotRules;
import jomble.core.counting.remaining.RemainingSlotSearch;
import jomble.core.counting.remaining.RemainingSlots;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;

/** A question whose wardrobe and contexts are precomputed, ready to be counted in several ways. */
public final class CompiledQuestion {
    /** The findings for a pair of ways take 8 bytes: about 128 MB at this many ways. */
    private static final int MOST_WAYS = 4000;

    private static final long BYTES_OF_A_PAIR = 10;

    private final CountQuestion question;
    private final Options options;
    private final List<CompiledContext> contexts = new ArrayList<>();
    /** A smaller list of contexts with the same union of outfits. */
    private final List<CompiledContext> merged;

    private final List<Judge> judges;
    private final SolutionCache cache;
    private final Map<Finished, List<CompletionSearch>> completions;
    private final int optionsPerPartition;
    /** Whether searches track completions rather than verdicts. */
    private final boolean completing;

    /** Everything a completion depends on apart from the contexts. */
    private record Finished(Structure structure, CountedSlots counted) {}

    /**
     * Compiles a question.
     *
     * @param optionsPerPartition options of the first slot in one partition; with more options than this the
     *     enumeration is partitioned
     * @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may use
     */
    public CompiledQuestion(CountQuestion question, RuleCatalogue catalogue, int optionsPerPartition) {
        this.question = question;
        this.optionsPerPartition = optionsPerPartition;
        this.cache = new SolutionCache();
        this.completions = new HashMap<>();
        this.completing = false;
        this.options = new Options(question.pieces(), question.contexts().get(0));
        if (options.ways().size() > MOST_WAYS) {
            throw new WardrobeTooLargeException(options.ways().size(), MOST_WAYS);
        }
        this.judges = Judge.of(catalogue, question.contexts());
        Map<JudgementContext, FindingMasks> lasting = new HashMap<>();
        for (JudgementContext context : question.contexts()) {
            FindingMasks masks = lasting.computeIfAbsent(
                    context.withoutWeather(), key -> new FindingMasks(options, catalogue, key, false));
            FindingMasks weather =
                    context.weather() == null ? null : new FindingMasks(options, catalogue, context, true);
            contexts.add(new CompiledContext(context, catalogue, options.ways(), masks, weather));
        }
        this.merged = CompiledContext.merged(contexts);
    }

    private CompiledQuestion(CountQuestion question, CompiledQuestion same, boolean completing) {
        this.question = question;
        this.completing = completing;
        this.options = same.options;
        this.contexts.addAll(same.contexts);
        this.merged = same.merged;
        this.judges = same.judges;
        this.cache = same.cache;
        this.completions = same.completions;
        this.optionsPerPartition = same.optionsPerPartition;
    }

    /** The same pieces and contexts with another question about them. */
    public CompiledQuestion asking(CountQuestion other) {
        return new CompiledQuestion(other, this, false);
    }

    /** The same question, tracking completions instead of verdicts. */
    public CompiledQuestion completing() {
        return new CompiledQuestion(question, this, true);
    }

    /** Approximate memory use in bytes, of the pair findings and the cached solutions. */
    public long bytes() {
        long ways = options.ways().size();
        return BYTES_OF_A_PAIR * ways * ways + cache.bytes();
    }

    /** Whether a question is about the same pieces in the same contexts. */
    public boolean isOf(CountQuestion other) {
        return question.pieces().equals(other.pieces()) && question.contexts().equals(other.contexts());
    }

    public CountQuestion question() {
        return question;
    }

    public Options options() {
        return options;
    }

    int optionsPerPartition() {
        return optionsPerPartition;
    }

    public List<CompiledContext> contexts() {
        return contexts;
    }

    /**
     * Passes all solutions of the question to a listener, in the stable order. Cached unconstrained solutions are
     * reused.
     *
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public void tell(Constraints constraints, Progress progress, Consumer<PartitionSolutions> listener) {
        SolutionCache.Kind kind =
                new SolutionCache.Kind(question.counted(), completing, completing && question.includeDaring());
        List<PartitionSolutions> kept = constraints.fillsFreely() ? cache.get(kind) : null;
        if (kept != null) {
            tell(kept, constraints, listener);
        } else if (constraints.isFree() && question.structure() == null) {
            SolutionCache.Room room = cache.room(kind);
            new Enumeration(this, progress).run(constraints, solutions -> {
                room.put(solutions);
                listener.accept(solutions);
            });
            room.close();
        } else {
            new Enumeration(this, progress).run(constraints, listener);
        }
    }

    private void tell(List<PartitionSolutions> kept, Constraints constraints, Consumer<PartitionSolutions> listener) {
        for (Structure structure : Structure.values()) {
            boolean isAsked = question.structure() == null || question.structure() == structure;
            for (Option[] counted : constraints.counted()) {
                kept.stream()
                        .filter(solutions -> isAsked && solutions.structure() == structure)
                        .map(solutions -> solutions.restricted(Selection.wearing(counted)))
                        .forEach(listener);
            }
        }
    }

    /**
     * Translates a combination found by another question about the same pieces and contexts into this question's
     * options.
     */
    public Found own(Found found) {
        Option[] own = found.options().clone();
        for (int i = 0; i < own.length; i++) {
            own[i] = own[i] == null ? null : options.all().get(own[i].index());
        }
        return new Found(found.structure(), own, found.verdict());
    }

    /** One completion search for each context. */
    public List<CompletionSearch> completions(Structure structure) {
        return completions.computeIfAbsent(
                new Finished(structure, question.counted()),
                finished -> contexts.stream()
                        .map(context -> new CompletionSearch(context, options, structure, question.counted()))
                        .toList());
    }

    public Approvals approvals(Structure structure) {
        return new Approvals(structure, options, question.counted(), completing, judges);
    }

    public boolean wantsShoes() {
        return contexts.get(0).context().wantsShoes();
    }

    /** Whether every slot the structure requires can be filled. */
    boolean isPossible(Structure structure, Option[] constraints) {
        for (Option option : constraints) {
            boolean taken = option == null
                    || structure.allows(option.slot())
                            && structure.takes(option.slot(), option.pieces().get(0));
            if (!taken) {
                return false;
            }
        }
        return structure.mandatory(wantsShoes()).stream()
                .allMatch(slot -> constraints[slot.ordinal()] != null
                        || !options.in(slot).isEmpty()
                                && (question.counted().has(slot)
                                        || question.counted().fills(slot)));
    }

    /**
     * Prepares the search of one structure under constraints.
     *
     * @param filled alternatives of uncounted options, of which one must be worn
     * @param partition the bodies to enumerate
     * @return null when there can be no solution
     */
    Search firstSearch(Structure structure, Option[] counted, Collection<Option[]> filled, Partition partition) {
        if (question.structure() != null && question.structure() != structure) {
            return null;
        }
        Diagram diagram = diagram();
        List<Search.Part> parts = new ArrayList<>();
        for (Option[] choice : filled) {
            Option[] constraints = Constraints.together(counted, choice);
            boolean isOpen = Arrays.stream(choice)
                    .allMatch(option -> option == null || question.counted().fills(option.slot()));
            if (constraints != null && isOpen && isPossible(structure, constraints)) {
                merged.forEach(context ->
                        parts.add(new Search.Part(remainingSlots(rules(context, structure, constraints), diagram))));
            }
        }
        return parts.isEmpty() ? null : searchOf(structure, counted, diagram, parts, partition);
    }

    /** A search of another partition that reuses what an earlier search computed; the earlier one must be over. */
    Search nextSearch(Search before, Option[] counted, Partition partition) {
        if (before.diagram().fits()) {
            return searchOf(before.structure(), counted, before.diagram(), before.parts(), partition);
        }
        Diagram diagram = diagram();
        List<Search.Part> parts = before.parts().stream()
                .map(part -> new Search.Part(remainingSlots(part.search().rules(), diagram)))
                .toList();
        return searchOf(before.structure(), counted, diagram, parts, partition);
    }

    private Search searchOf(
            Structure structure, Option[] counted, Diagram diagram, List<Search.Part> parts, Partition partition) {
        BodyEnumerator enumerator = new BodyEnumerator(structure, options, question, counted, partition, diagram);
        parts.forEach(part -> enumerator.include(part.search()));
        return new Search(structure, partition, diagram, parts, enumerator);
    }

    private RemainingSlotSearch remainingSlots(RemainingSlotRules rules, Diagram diagram) {
        Verdict least = question.includeDaring() ? Verdict.DARING : Verdict.WORKS;
        return new RemainingSlotSearch(rules, diagram, least.mostPoints());
    }

    private Diagram diagram() {
        return completing ? new Diagram(new CompletionSets(new PieceRows(question.pieces(), options))) : new Diagram();
    }

    private RemainingSlotRules rules(CompiledContext context, Structure structure, Option[] constraints) {
        RemainingSlots remaining = RemainingSlots.of(
                structure,
                options,
                question,
                constraints,
                completing,
                option -> context.helps(option, structure),
                context::effect);
        return new RemainingSlotRules(
                context, structure, remaining, options.ways().size());
    }

    /** Whether a structure may need the option's slot, or a verdict can improve with it. */
    public boolean helps(Option option) {
        for (Structure structure : Structure.values()) {
            boolean wanted = structure.mandatory(wantsShoes()).contains(option.slot());
            if (wanted || merged.stream().anyMatch(context -> context.helps(option, structure))) {
                return true;
            }
        }
        return false;
    }

    /** The parts of a search for the combinations of one structure. */
    record Search(
            Structure structure, Partition partition, Diagram diagram, List<Part> parts, BodyEnumerator enumerator) {
        /** The part of a search in one context. */
        private record Part(RemainingSlotSearch search) {}

        RemainingSlots remaining() {
            return parts.get(parts.size() - 1).search().rules().remaining();
        }

        /** Whether a combination falls into this search's partition. */
        boolean covers(Option[] combination) {
            return partition.slot() == null
                    || partition.takes(
                            partition.slot(), combination[partition.slot().ordinal()]);
        }

        /** The verdict of a combination by the rules, as a terminal of the diagram. */
        int verdictOf(Option[] combination) {
            int node = enumerator.nodeOf(combination);
            RemainingSlots remaining = remaining();
            for (int level = 0; level < remaining.counted() && node != Diagram.NO; level++) {
                RemainingSlots.Level here = remaining.levels().get(level);
                Option option = combination[here.slot().ordinal()];
                int choice = option == null ? 0 : here.options().indexOf(option) + 1;
                node = option != null && choice == 0 ? Diagram.NO : diagram.child(node, choice);
            }
            return node;
        }
    }
}
