package jomble.core.counting.enumeration;

import java.util.ArrayList;
import java.util.List;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.counting.compiled.CompiledContext;
import jomble.core.counting.compiled.FindingMasks;
import jomble.core.counting.compiled.Option;
import jomble.core.counting.compiled.Options;
import jomble.core.counting.compiled.Penalties;
import jomble.core.counting.compiled.ReadyCheck;
import jomble.core.counting.remaining.Diagram;
import jomble.core.counting.remaining.RemainingSlotRules;
import jomble.core.counting.remaining.RemainingSlotSearch;
import jomble.core.judgement.Contribution;
import jomble.core.judgement.MeasureAccumulator;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Structure;
import jomble.core.piece.Slot;

/**
 * Enumerates every body of one structure in the stable order, with all ways to wear it and all contexts at once.
 * Branches are cut as soon as pair rules or rules about the body rule them out.
 */
public final class BodyEnumerator {
    private static final int SLOTS = Slot.values().length;
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();

    private final Structure structure;
    private final Options options;
    private final Diagram diagram;
    private final List<Group> groups = new ArrayList<>();
    private final List<BodySlot> slots = new ArrayList<>();
    private final Option[] chosen = new Option[SLOTS];
    /** By depth, the surviving ways to wear the options chosen so far. */
    private final List<List<State>> states = new ArrayList<>();

    private final int[] alive;
    private Visitor visitor;
    private Progress progress;

    /** Receives each body that can be completed. */
    interface Visitor {
        /**
         * @param body options by the slot's ordinal, reused between calls
         * @param node diagram node of what can be added to it; not {@link Diagram#NO}
         * @return false to end the enumeration
         */
        boolean visit(Option[] body, int node);
    }

    private record BodySlot(Slot slot, List<Option> options, boolean mayBeEmpty) {}

    /** Contexts that differ only in the weather. */
    private static final class Group {
        private final CompiledContext lead;
        private final FindingMasks masks;
        private final List<InWeather> weathers = new ArrayList<>();
        /** By depth, the rules that are decided at that depth as far as the body is concerned. */
        private final List<List<ReadyCheck>> decided = new ArrayList<>();

        Group(CompiledContext lead) {
            this.lead = lead;
            this.masks = lead.lasting();
        }
    }

    /** One of these contexts with its own rules about the body. */
    private record InWeather(RemainingSlotSearch search, FindingMasks masks, List<ReadyCheck> checks) {}

    /** One way to wear the options chosen so far. */
    private static final class State {
        private final MeasureAccumulator measures;
        private final int[] ways;
        private int count;
        private Group group;
        private Penalties found = Penalties.NONE;

        State(MeasureAccumulator measures, int slots) {
            this.measures = measures;
            this.ways = new int[Math.max(slots, SLOTS)];
        }

        void set(State other) {
            measures.set(other.measures);
            System.arraycopy(other.ways, 0, ways, 0, other.count);
            count = other.count;
            group = other.group;
            found = other.found;
        }
    }

    /** @param constraints options of counted slots that must be worn, by the slot's ordinal; null for no constraint */
    BodyEnumerator(
            Structure structure,
            Options options,
            CountQuestion question,
            Option[] constraints,
            Partition partition,
            Diagram diagram) {
        this.structure = structure;
        this.options = options;
        this.diagram = diagram;
        List<Slot> wanted = structure.mandatory(question.contexts().get(0).wantsShoes());
        for (Slot slot : CountedSlots.BODY) {
            Option must = constraints[slot.ordinal()];
            if (structure.allows(slot) && question.counted().has(slot)) {
                List<Option> choices = (must == null ? options.in(slot) : List.of(must))
                        .stream()
                                .filter(option -> partition.takes(slot, option)
                                        && structure.takes(slot, option.pieces().get(0)))
                                .toList();
                boolean mayBeEmpty = must == null && !wanted.contains(slot) && partition.takes(slot, null);
                slots.add(new BodySlot(slot, choices, mayBeEmpty));
            }
        }
        this.alive = new int[slots.size() + 1];
        for (int depth = 0; depth <= slots.size(); depth++) {
            states.add(new ArrayList<>());
        }
    }

    /** Adds a context. */
    void include(RemainingSlotSearch search) {
        CompiledContext context = search.rules().context();
        Group group = groups.stream()
                .filter(g -> g.masks == context.lasting()
                        && (g.lead.context().weather() == null)
                                == (context.context().weather() == null))
                .findFirst()
                .orElse(null);
        boolean isNew = group == null;
        if (isNew) {
            group = new Group(context);
            groups.add(group);
            for (int depth = 0; depth < slots.size(); depth++) {
                group.decided.add(new ArrayList<>());
            }
        }
        List<ReadyCheck> ownChecks = new ArrayList<>();
        for (ReadyCheck check : search.rules().ofBody()) {
            if (check.rule().readsWeather() || slots.isEmpty()) {
                ownChecks.add(check);
            } else if (isNew && !check.rule().id().equals(RemainingSlotRules.STRUCTURE)) {
                group.decided.get(lastTouched(check)).add(check);
            }
        }
        group.weathers.add(new InWeather(search, context.ofWeather(), ownChecks));
    }

    private int lastTouched(ReadyCheck check) {
        for (int depth = slots.size() - 1; depth > 0; depth--) {
            boolean touched =
                    slots.get(depth).options().stream().anyMatch(option -> check.isTouchedBy(option, structure));
            if (touched) {
                return depth;
            }
        }
        return 0;
    }

    /** @throws CountingStoppedException when the progress listener asks to stop */
    void run(Visitor listener, Progress reports) {
        visitor = listener;
        progress = reports;
        begin();
        descend(0, 0, 1);
    }

    /** The node of one body, even one the enumeration would have cut. */
    int nodeOf(Option[] body) {
        begin();
        for (int depth = 0; depth < slots.size(); depth++) {
            BodySlot slot = slots.get(depth);
            Option option = body[slot.slot().ordinal()];
            alive[depth + 1] = 0;
            if (option != null && slot.options().contains(option)) {
                extend(depth, option);
            } else if (option == null && slot.mayBeEmpty()) {
                keep(depth);
            }
        }
        return node();
    }

    private void begin() {
        alive[0] = 0;
        for (Group group : groups) {
            State start = next(0, group.lead);
            start.measures.clear(structure);
            start.group = group;
            start.count = 0;
            start.found = Penalties.NONE;
            alive[0]++;
        }
    }

    /** The next free state of a depth, for writing. */
    private State next(int depth, CompiledContext context) {
        List<State> pool = states.get(depth);
        if (pool.size() == alive[depth]) {
            pool.add(new State(context.accumulator(), slots.size()));
        }
        return pool.get(alive[depth]);
    }

    private boolean descend(int depth, double done, double partition) {
        if (depth == slots.size()) {
            int node = node();
            return node == Diagram.NO || visitor.visit(chosen, node);
        }
        BodySlot slot = slots.get(depth);
        int choices = slot.options().size() + (slot.mayBeEmpty() ? 1 : 0);
        double from = done;
        double each = partition / choices;
        if (slot.mayBeEmpty()) {
            alive[depth + 1] = 0;
            keep(depth);
            if (alive[depth + 1] > 0 && !descend(depth + 1, from, each)) {
                return false;
            }
            from += each;
        }
        for (Option option : slot.options()) {
            if (depth < 2 && !progress.goOn(Math.min(1, from))) {
                throw new CountingStoppedException();
            }
            alive[depth + 1] = 0;
            extend(depth, option);
            if (alive[depth + 1] > 0) {
                chosen[slot.slot().ordinal()] = option;
                boolean goesOn = descend(depth + 1, from, each);
                chosen[slot.slot().ordinal()] = null;
                if (!goesOn) {
                    return false;
                }
            }
            from += each;
        }
        return true;
    }

    /** Leaves a slot empty. */
    private void keep(int depth) {
        for (int i = 0; i < alive[depth]; i++) {
            State from = states.get(depth).get(i);
            State to = next(depth + 1, from.group.lead);
            to.set(from);
            settle(to, depth);
        }
    }

    /** Fills a slot in every way. */
    private void extend(int depth, Option option) {
        for (int i = 0; i < alive[depth]; i++) {
            State from = states.get(depth).get(i);
            for (int w = 0; w < option.ways().size(); w++) {
                State to = next(depth + 1, from.group.lead);
                if (wear(from, to, option.firstWay() + w)) {
                    settle(to, depth);
                }
            }
        }
    }

    /** Copies a state and adds one way; returns false, discarding the copy, when no outfit can come of it. */
    private boolean wear(State from, State to, int way) {
        Penalties found = from.found.wearing(way, from.ways, from.count, from.group.masks);
        if (found.points() > MOST_POINTS) {
            return false;
        }
        to.set(from);
        to.found = found;
        to.measures.add(from.group.lead.contribution(way));
        for (int k = 0; k < from.count; k++) {
            boolean first = from.ways[k] < way;
            meet(to, first ? from.ways[k] : way, first ? way : from.ways[k]);
        }
        to.ways[to.count++] = way;
        return true;
    }

    /** Adds the findings about two ways; ways are numbered in slot order. */
    private void meet(State state, int inner, int outer) {
        Contribution together = state.group.lead.contribution(inner, outer);
        if (!together.isNothing()) {
            state.measures.add(together);
        }
    }

    /** Applies the rules decided at a depth; a surviving state is kept. */
    private void settle(State state, int depth) {
        state.found = state.found.plus(state.group.decided.get(depth), state.measures);
        if (state.found.points() <= MOST_POINTS) {
            alive[depth + 1]++;
        }
    }

    /** The best node over all ways and contexts. */
    private int node() {
        int best = Diagram.NO;
        int last = slots.size();
        for (int i = 0; i < alive[last]; i++) {
            State state = states.get(last).get(i);
            for (InWeather weather : state.group.weathers) {
                best = diagram.better(best, node(state, weather));
                if (diagram.isComplete(best)) {
                    return best;
                }
            }
        }
        return best;
    }

    private int node(State state, InWeather weather) {
        Penalties found = state.found;
        for (int i = 0; i < state.count && weather.masks() != null; i++) {
            found = found.wearing(state.ways[i], state.ways, i, weather.masks());
        }
        found = found.plus(weather.checks(), state.measures);
        return found.points() > MOST_POINTS
                ? Diagram.NO
                : weather.search().over(state.measures, state.ways, state.count, found);
    }
}
