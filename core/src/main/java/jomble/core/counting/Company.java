package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jomble.core.counting.table.Figures;
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
    public void add(Census census) {
        OfCensus part = new OfCensus(census);
        part.lookAhead();
        part.addBodies();
        part.goDown();
        for (int i = 0; i < census.approved().length; i++) {
            part.addApproved(census.approved()[i], census.verdicts()[i]);
        }
    }

    private final class OfCensus {
        private final Census census;
        private final Graph graph;
        private final Tail tail;
        /** Combinations by node. */
        private final Figures values;

        private final long[] nothing = new long[words];
        private final long[] body = new long[words];
        /** By node, the pieces of some and of all combinations from there on. */
        private final Sets[] onwards;
        /** By node, the pieces of some and of all ways to reach it. */
        private final Sets[] before;

        OfCensus(Census census) {
            this.census = census;
            this.graph = census.graph();
            this.tail = census.tail();
            this.values = graph.counted(includeDaring);
            this.onwards = new Sets[graph.size()];
            this.before = new Sets[graph.size()];
        }

        /** Finds what comes after each node, from the terminals up. */
        void lookAhead() {
            for (int node = Diagram.DARING; node < graph.size(); node++) {
                if (!values.isZero(node)) {
                    Sets sets = new Sets(words);
                    onwards[node] = sets;
                    if (node <= Diagram.WORKS || graph.isEnding(node)) {
                        end(node, sets);
                    }
                    for (int edge = graph.begin(node); edge < graph.end(node); edge++) {
                        Sets then = onwards[graph.child(edge)];
                        if (then != null) {
                            sets.add(then.some, nothing, then.all, nothing, chosen(node, edge));
                        }
                    }
                }
            }
        }

        /** Nobody else, or those who complete what ends there. */
        private void end(int node, Sets sets) {
            Completers.Sets those = graph.isEnding(node) ? graph.completersOf(node) : null;
            if (those == null || those.counts()) {
                Arrays.fill(sets.all, 0);
            }
            if (those != null) {
                PieceRows.addTo(sets.some, those.some());
                PieceRows.addTo(sets.some, those.besides());
                PieceRows.addTo(sets.all, those.all());
            }
        }

        void addBodies() {
            for (int i = 0; i < census.size(); i++) {
                Sets then = onwards[census.nodes()[i]];
                if (then != null) {
                    take(census.bodies()[i]);
                    meet(census.bodies()[i], then.some, then.all);
                    reached(census.nodes()[i]).add(nothing, nothing, nothing, nothing, body);
                }
            }
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

        private Sets reached(int node) {
            if (before[node] == null) {
                before[node] = new Sets(words);
            }
            return before[node];
        }

        private long[] chosen(int node, int edge) {
            return graph.choice(edge) == 0 ? nothing : rows.of(option(node, edge));
        }

        private Option option(int node, int edge) {
            return tail.levels().get(graph.level(node)).options().get(graph.choice(edge) - 1);
        }

        void goDown() {
            for (int node = graph.size() - 1; node > Diagram.WORKS; node--) {
                Sets here = before[node];
                before[node] = null;
                for (int edge = graph.begin(node); here != null && edge < graph.end(node); edge++) {
                    Sets then = onwards[graph.child(edge)];
                    if (then != null) {
                        long[] chosen = chosen(node, edge);
                        if (graph.choice(edge) > 0) {
                            of(option(node, edge)).add(here.some, then.some, here.all, then.all, chosen);
                        }
                        reached(graph.child(edge)).add(here.some, nothing, here.all, nothing, chosen);
                    }
                }
            }
        }

        void addApproved(Option[] combination, int verdict) {
            Completers completers = graph.completers();
            if (completers != null) {
                Completers.Sets those = completers.of(completers.ofApproved(combination, counted));
                Option[] part = counted.partOf(combination);
                take(part);
                meet(part, PieceRows.union(those.some(), those.besides()), those.counts() ? those.all() : everyone());
            } else if (verdict != Diagram.WORKS) {
                take(combination);
                meet(combination, nothing, nothing);
            }
        }

        /** In all of no combinations. */
        private long[] everyone() {
            return new Sets(words).all;
        }
    }
}
