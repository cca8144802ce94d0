package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jomble.core.piece.PieceId;

/**
 * Who keeps company with whom: for each piece, all pieces it is ever worn with, and those it is never worn without.
 *
 * <p>Both are sets of pieces as rows of bits. Over a body they are known of each node of the diagram, once; on the way down they are
 * gathered for each node, united or intersected over all ways to reach it. Intersecting is right because the ways to reach a node and
 * the ways to go on from it combine freely.
 */
final class Company implements Collector {
    private final Options options;
    private final CountedSlots counted;
    private final boolean includeDaring;
    private final PieceRows rows;
    private final List<PieceId> ids;
    private final int words;
    /** By option, all pieces it is worn with, itself among them, and those it is never worn without; null until it is worn. */
    private final Sets[] met;

    private final long[] everybody;

    /** Pieces of some of several combinations, and pieces of all of them. */
    private static final class Sets {
        private final long[] some;
        private final long[] all;

        Sets(int words) {
            some = new long[words];
            all = new long[words];
            Arrays.fill(all, -1L);
        }

        /** Takes in more combinations: what is in some of them, and what is in all of them, each in two parts. */
        void add(long[] someHere, long[] someThere, long[] allHere, long[] allThere, long[] besides) {
            for (int i = 0; i < some.length; i++) {
                some[i] |= someHere[i] | someThere[i] | besides[i];
                all[i] &= allHere[i] | allThere[i] | besides[i];
            }
        }
    }

    Company(CountQuestion question, Options options) {
        this.options = options;
        this.counted = question.counted();
        this.includeDaring = question.includeDaring();
        this.rows = new PieceRows(question.pieces(), options);
        this.ids = rows.ids();
        this.words = rows.words();
        this.met = new Sets[options.all().size()];
        this.everybody = new long[words];
    }

    /** For each piece worn at all, with how many others. */
    Map<PieceId, Integer> reach() {
        Map<PieceId, Integer> reach = new TreeMap<>();
        for (int place = 0; place < ids.size(); place++) {
            Sets sets = ofPiece(place, CountedSlots.LOOKS);
            if (sets != null) {
                reach.put(ids.get(place), BitSet.valueOf(sets.some).cardinality() - 1);
            }
        }
        return reach;
    }

    /** With how many others a piece is worn that completes what it is worn with. */
    int worn(PieceId id) {
        int place = ids.indexOf(id);
        int others = 0;
        for (int other = 0; other < ids.size(); other++) {
            Sets sets = other == place ? null : ofPiece(other, counted);
            others += sets != null && PieceRows.has(sets.some, place) ? 1 : 0;
        }
        return others;
    }

    /** How many pieces but one are worn at all. */
    int others(PieceId id) {
        BitSet all = BitSet.valueOf(everybody);
        all.clear(ids.indexOf(id));
        return all.cardinality();
    }

    /**
     * For each piece that others are never worn without, those others.
     *
     * @param counted the slots in which the others are looked at
     */
    Map<PieceId, List<PieceId>> keeps(CountedSlots counted) {
        Map<PieceId, List<PieceId>> keeps = new TreeMap<>();
        for (int place = 0; place < ids.size(); place++) {
            Sets sets = ofPiece(place, counted);
            PieceId kept = ids.get(place);
            if (sets != null && !PieceRows.has(sets.all, ids.size())) {
                BitSet.valueOf(sets.all).stream()
                        .mapToObj(ids::get)
                        .filter(keeper -> !keeper.equals(kept))
                        .forEach(keeper -> keeps.computeIfAbsent(keeper, id -> new ArrayList<>())
                                .add(kept));
            }
        }
        return keeps;
    }

    /** What a piece is worn with in some slots; null when it is not worn there. */
    private Sets ofPiece(int place, CountedSlots there) {
        Sets sets = null;
        long[] nothing = new long[words];
        for (Option option : options.all()) {
            Sets found = met[option.index()];
            boolean here = found != null && there.has(option.slot());
            if (here && PieceRows.has(rows.of(option), place)) {
                sets = sets == null ? new Sets(words) : sets;
                sets.add(found.some, nothing, found.all, nothing, nothing);
            }
        }
        return sets;
    }

    private Sets of(Option option) {
        if (met[option.index()] == null) {
            met[option.index()] = new Sets(words);
        }
        return met[option.index()];
    }

    @Override
    public Bodies of(Field.Search search) {
        return new OfStructure(search);
    }

    private final class OfStructure implements Bodies {
        private final Diagram diagram;
        private final Tail tail;
        private final long[] nothing = new long[words];
        private final long[] body = new long[words];
        /** By node, the pieces of some and of all combinations from there on. */
        private final List<Sets> onwards = new ArrayList<>();
        /** By node, the pieces of some and of all ways to reach it. */
        private final List<Sets> before = new ArrayList<>();

        OfStructure(Field.Search search) {
            this.diagram = search.diagram();
            this.tail = search.tail();
        }

        @Override
        public void add(Option[] worn, int node) {
            if (!isCounted(node)) {
                return;
            }
            take(worn);
            Sets then = onwards(node);
            meet(worn, then.some, then.all);
            reached(node).add(nothing, nothing, nothing, nothing, body);
        }

        /** Writes down the pieces of what is worn. */
        private void take(Option[] worn) {
            Arrays.fill(body, 0);
            for (Option option : worn) {
                if (option != null) {
                    PieceRows.addTo(body, rows.of(option));
                }
            }
        }

        /** They meet each other, and besides pieces of some and of all combinations there are with them. */
        private void meet(Option[] worn, long[] some, long[] all) {
            for (Option option : worn) {
                if (option != null) {
                    of(option).add(some, nothing, all, nothing, body);
                }
            }
            for (int i = 0; i < words; i++) {
                everybody[i] |= body[i] | some[i];
            }
        }

        private boolean isCounted(int node) {
            return diagram.counts(node, includeDaring);
        }

        private Sets reached(int node) {
            while (before.size() <= node) {
                before.add(null);
            }
            if (before.get(node) == null) {
                before.set(node, new Sets(words));
            }
            return before.get(node);
        }

        private Sets onwards(int node) {
            while (onwards.size() <= node) {
                onwards.add(null);
            }
            if (onwards.get(node) == null) {
                Sets sets = new Sets(words);
                if (diagram.isTerminal(node)) {
                    end(node, sets);
                }
                for (int c = 0; c < choices(node); c++) {
                    int child = diagram.child(node, c);
                    if (isCounted(child)) {
                        Sets then = onwards(child);
                        sets.add(then.some, nothing, then.all, nothing, chosen(node, c));
                    }
                }
                onwards.set(node, sets);
            }
            return onwards.get(node);
        }

        /** Nobody else, or those who complete what ends there. */
        private void end(int node, Sets sets) {
            Completers.Sets those =
                    diagram.isEnding(node) ? diagram.completers().of(diagram.completersOf(node)) : null;
            if (those == null || those.counts()) {
                Arrays.fill(sets.all, 0);
            }
            if (those != null) {
                PieceRows.addTo(sets.some, those.some());
                PieceRows.addTo(sets.some, those.besides());
                PieceRows.addTo(sets.all, those.all());
            }
        }

        /** In all of no combinations. */
        private long[] everyone() {
            return new Sets(words).all;
        }

        private int choices(int node) {
            return diagram.isTerminal(node) ? 0 : diagram.choices(node);
        }

        private long[] chosen(int node, int choice) {
            return choice == 0
                    ? nothing
                    : rows.of(tail.levels().get(diagram.level(node)).options().get(choice - 1));
        }

        @Override
        public void addApproved(Option[] combination, int verdict) {
            if (diagram.completers() != null) {
                Completers completers = diagram.completers();
                Completers.Sets those = completers.of(completers.ofApproved(combination, counted));
                Option[] part = counted.partOf(combination);
                take(part);
                meet(part, PieceRows.union(those.some(), those.besides()), those.counts() ? those.all() : everyone());
            } else if (verdict != Diagram.WORKS) {
                take(combination);
                meet(combination, nothing, nothing);
            }
        }

        @Override
        public void finish() {
            for (int node = before.size() - 1; node > Diagram.WORKS; node--) {
                Sets here = before.get(node);
                for (int c = 0; c < choices(node) && here != null; c++) {
                    int child = diagram.child(node, c);
                    if (isCounted(child)) {
                        long[] chosen = chosen(node, c);
                        if (c > 0) {
                            Option option = tail.levels()
                                    .get(diagram.level(node))
                                    .options()
                                    .get(c - 1);
                            Sets then = onwards(child);
                            of(option).add(here.some, then.some, here.all, then.all, chosen);
                        }
                        reached(child).add(here.some, nothing, here.all, nothing, chosen);
                    }
                }
            }
        }
    }
}
