package jomble.core.counting;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.outfit.Structure;

/** A question with everything about its wardrobe and its contexts worked out once, ready to be counted in several ways. */
final class Field {
    /** The masks of all pairs of ways take 24 bytes a pair: some 54 MB at this many. */
    private static final int MOST_WAYS = 1500;

    private final CountQuestion question;
    private final Options options;
    private final List<CompiledContext> contexts = new ArrayList<>();
    private final List<Judge> judges;

    /** @throws WardrobeTooLargeException when the wardrobe would need more memory than one count may take */
    Field(CountQuestion question, RuleCatalogue catalogue) {
        this.question = question;
        this.options = new Options(question.pieces(), question.contexts().get(0));
        if (options.ways().size() > MOST_WAYS) {
            throw new WardrobeTooLargeException(options.ways().size(), MOST_WAYS);
        }
        this.judges = question.contexts().stream()
                .map(context -> new Judge(catalogue, context))
                .toList();
        Map<JudgementContext, FindingMasks> lasting = new HashMap<>();
        for (JudgementContext context : question.contexts()) {
            FindingMasks masks = lasting.computeIfAbsent(
                    context.in(null), key -> new FindingMasks(options.ways(), catalogue, key, false));
            FindingMasks weather =
                    context.weather() == null ? null : new FindingMasks(options.ways(), catalogue, context, true);
            contexts.add(new CompiledContext(context, catalogue, options.ways(), masks, weather));
        }
    }

    private Field(CountQuestion question, Field same) {
        this.question = question;
        this.options = same.options;
        this.contexts.addAll(same.contexts);
        this.judges = same.judges;
    }

    /** The same pieces and contexts, asked otherwise. */
    Field asking(CountQuestion other) {
        return new Field(other, this);
    }

    CountQuestion question() {
        return question;
    }

    Options options() {
        return options;
    }

    List<CompiledContext> contexts() {
        return contexts;
    }

    Approvals approvals(Structure structure) {
        return new Approvals(structure, options, question.counted(), judges);
    }

    boolean wantsShoes() {
        return contexts.get(0).context().wantsShoes();
    }

    /** Whether every slot the structure wants can be filled. */
    boolean isPossible(Structure structure, Option[] forced) {
        for (Option option : forced) {
            boolean taken = option == null
                    || structure.allows(option.slot())
                            && structure.takes(option.slot(), option.pieces().get(0));
            if (!taken) {
                return false;
            }
        }
        return structure.mandatory(wantsShoes()).stream()
                .allMatch(slot -> forced[slot.ordinal()] != null
                        || !options.in(slot).isEmpty()
                                && (question.counted().has(slot) || CountedSlots.FILLED.contains(slot)));
    }

    /**
     * The search of one structure with some options forced.
     *
     * @param filled choices of options in slots that are not counted, one of which must be worn
     * @return null when no combination can come of it
     */
    Search search(Structure structure, Option[] counted, Collection<Option[]> filled) {
        Diagram diagram = new Diagram();
        BodyWalk walk = new BodyWalk(structure, options, question, counted, diagram);
        Tail tail = null;
        for (Option[] choice : filled) {
            Option[] forced = Forced.together(counted, choice);
            if (forced != null && isPossible(structure, forced)) {
                for (CompiledContext context : contexts) {
                    TailSearch search = tailSearch(context, structure, forced, diagram);
                    tail = search.tail();
                    walk.include(search, choice);
                }
            }
        }
        return tail == null ? null : new Search(structure, diagram, tail, walk);
    }

    private TailSearch tailSearch(CompiledContext context, Structure structure, Option[] forced, Diagram diagram) {
        Tail tail = Tail.of(
                structure,
                options,
                question,
                forced,
                option -> context.verdictChecks().stream()
                        .anyMatch(check -> check.rule().maySoften(option.ways().get(0), structure)),
                context::effect);
        return new TailSearch(context, structure, tail, diagram, options.ways().size());
    }

    /** What finds the combinations of one structure. */
    record Search(Structure structure, Diagram diagram, Tail tail, BodyWalk walk) {
        /** The verdict of a combination by the rules, as a terminal of the diagram. */
        int verdictOf(Option[] combination) {
            int node = walk.nodeOf(combination);
            for (int level = 0; level < tail.counted() && node != Diagram.NO; level++) {
                Tail.Level here = tail.levels().get(level);
                Option option = combination[here.slot().ordinal()];
                int choice = option == null ? 0 : here.options().indexOf(option) + 1;
                node = option != null && choice == 0 ? Diagram.NO : diagram.child(node, choice);
            }
            return node;
        }
    }

    /** All that rules can see of an option, as a value. */
    Object effect(Option option) {
        return contexts.stream().map(context -> context.effect(option)).toList();
    }
}
