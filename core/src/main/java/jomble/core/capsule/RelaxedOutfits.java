package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jomble.core.piece.Family;

/**
 * The outfits of a capsule whose ensembles are relaxed: each piece has its best partners, as many of a family as the
 * capsule may have, whichever partners the other pieces have. No real capsule with these family sizes has more outfits.
 * Not thread-safe.
 */
final class RelaxedOutfits {
    /** A piece decided to be in the capsule. */
    static final byte IN = 1;
    /** A piece decided to be left out. */
    static final byte OUT = 2;

    private static final int SHOES = Family.SHOES.ordinal();
    private static final int FAMILIES = Family.values().length;
    /** The pseudo-family of pieces that do not count and are always available. */
    static final int FREE = FAMILIES;

    private final EnsembleTable table;
    private final int[] familyOf;
    private final Node root = new Node(-1);
    /** By type, the counted shoes it works with, as bits, and the number of other choices, including none. */
    private final long[] shoes;

    private final int[] otherShoes;
    /** By piece index, whether it is in or out if that is decided. */
    private byte[] decided;
    /** By family, the number of pieces decided to be in that are not in the ensemble so far. */
    private final int[] stillIn = new int[FAMILIES];
    /** The shoes decided to be in, and those undecided, as bits. */
    private long shoesIn;

    private long shoesOpen;
    /** By piece index, the number of outfits it was used in, when that is tracked. */
    private long[] taken;

    /** The pieces of an ensemble so far; each further piece leads to a child. */
    private static final class Node {
        private final int piece;
        private final Map<Integer, Node> byPiece = new HashMap<>();
        private Node[][] byFamily;
        private int[] types = {};

        Node(int piece) {
            this.piece = piece;
        }
    }

    /**
     * @param familyOf by piece index, the ordinal of its family, or {@link #FREE}
     * @param candidates by piece index, whether it may be chosen
     */
    RelaxedOutfits(EnsembleTable table, int[] familyOf, boolean[] candidates) {
        this.table = table;
        this.familyOf = familyOf;
        this.shoes = new long[table.types()];
        this.otherShoes = new int[table.types()];
        boolean[] there = new boolean[table.pieces()];
        for (int i = 0; i < there.length; i++) {
            there[i] = familyOf[i] == FREE || candidates[i];
        }
        for (int type = 0; type < shoes.length; type++) {
            countShoes(type, there);
        }
        for (int first = 0; first < table.pieces(); first++) {
            for (int second = 0; second <= table.pieces() && there[first]; second++) {
                boolean isThere = second == table.pieces() || there[second];
                for (int e = table.begin(first, second); e < table.end(first, second) && isThere; e++) {
                    if (table.isWithin(e, there)) {
                        add(e, first, second);
                    }
                }
            }
        }
        group(root);
    }

    /** By piece index, the ordinal of its family, or {@link #FREE} for a piece that does not count. */
    static int[] families(CompiledCapsule compiled) {
        return compiled.problem().pieces().stream()
                .mapToInt(piece ->
                        compiled.problem().counts(piece) ? piece.kind().family().ordinal() : FREE)
                .toArray();
    }

    private void countShoes(int type, boolean[] there) {
        for (int shoe = 0; shoe <= table.shoes().length; shoe++) {
            boolean isThere = shoe == 0 || there[table.shoes()[shoe - 1]];
            boolean works = false;
            for (int coat = 0; coat <= table.coats().length && isThere && !works; coat++) {
                works = (coat == 0 || there[table.coats()[coat - 1]]) && table.mask(type, coat, shoe) != 0;
            }
            if (works && shoe > 0 && familyOf[table.shoes()[shoe - 1]] == SHOES) {
                shoes[type] |= 1L << shoe - 1;
            } else if (works) {
                otherShoes[type]++;
            }
        }
    }

    private void add(int ensemble, int first, int second) {
        Node node = next(root, first);
        if (second < table.pieces()) {
            node = next(node, second);
        }
        for (int i = 0; i < table.room(); i++) {
            if (table.more(ensemble, i) >= 0) {
                node = next(node, table.more(ensemble, i));
            }
        }
        node.types = Arrays.copyOf(node.types, node.types.length + 1);
        node.types[node.types.length - 1] = table.typeOf(ensemble);
    }

    private static Node next(Node node, int piece) {
        return node.byPiece.computeIfAbsent(piece, Node::new);
    }

    private void group(Node node) {
        List<List<Node>> groups = new ArrayList<>();
        for (int i = 0; i <= FREE; i++) {
            groups.add(new ArrayList<>());
        }
        node.byPiece.forEach((piece, child) -> {
            groups.get(familyOf[piece]).add(child);
            group(child);
        });
        node.byFamily = groups.stream().map(group -> group.toArray(Node[]::new)).toArray(Node[][]::new);
    }

    /**
     * The relaxed number of outfits; −1 when more pieces of a family are decided to be in than allowed.
     *
     * @param how by piece index, {@link #IN}, {@link #OUT}, or 0 when it is undecided
     * @param most number of pieces of each family
     */
    long value(byte[] how, int[] most) {
        decided = how;
        shoesIn = 0;
        shoesOpen = 0;
        Arrays.fill(stillIn, 0);
        for (int i = 0; i < how.length; i++) {
            stillIn[familyOf[i] == FREE ? 0 : familyOf[i]] += familyOf[i] != FREE && how[i] == IN ? 1 : 0;
        }
        for (int shoe = 0; shoe < table.shoes().length; shoe++) {
            int place = table.shoes()[shoe];
            shoesIn |= how[place] == IN ? 1L << shoe : 0;
            shoesOpen |= how[place] == 0 ? 1L << shoe : 0;
        }
        for (int family = 0; family < FAMILIES; family++) {
            if (stillIn[family] > most[family]) {
                return -1;
            }
        }
        return value(root, most.clone());
    }

    /**
     * By piece index, in how many of those outfits it is used.
     *
     * @param how as for {@link #value(byte[], int[])}, which must not be −1; {@code most} likewise
     */
    long[] uses(byte[] how, int[] most) {
        taken = new long[familyOf.length];
        value(how, most);
        long[] uses = taken;
        taken = null;
        return uses;
    }

    /**
     * The relaxed number of outfits below a node, each with its best partners.
     *
     * @param left pieces of each family still allowed; restored before returning
     */
    private long value(Node node, int[] left) {
        long value = 0;
        for (int type : node.types) {
            int there = Long.bitCount(shoes[type] & shoesIn);
            int open = Math.max(0, left[SHOES] - stillIn[SHOES]);
            value += otherShoes[type] + there + Math.min(Long.bitCount(shoes[type] & shoesOpen), open);
        }
        for (int family = 0; family <= FREE; family++) {
            Node[] children = node.byFamily[family];
            if (children.length == 0 || family < FREE && left[family] == 0) {
                continue;
            }
            value += family == FREE ? sum(children, left) : best(children, left, family);
        }
        if (taken != null && node.piece >= 0) {
            taken[node.piece] += value;
        }
        return value;
    }

    private long sum(Node[] children, int[] left) {
        long sum = 0;
        for (Node child : children) {
            sum += value(child, left);
        }
        return sum;
    }

    /** The children decided to be in, plus the best of the others up to the allowed number. */
    private long best(Node[] children, int[] left, int family) {
        int count = left[family] - stillIn[family];
        left[family]--;
        long sum = 0;
        int others = 0;
        long[] values = new long[children.length];
        Node[] open = taken == null ? null : new Node[children.length];
        for (Node child : children) {
            if (decided[child.piece] == IN) {
                stillIn[family]--;
                sum += value(child, left);
                stillIn[family]++;
            } else if (decided[child.piece] == 0 && count > 0) {
                if (open != null) {
                    open[others] = child;
                }
                values[others++] = quietly(child, left);
            }
        }
        if (open != null) {
            sum += takeBest(open, values, others, count, left);
        } else {
            if (others > count) {
                Arrays.sort(values, 0, others);
            }
            for (int i = Math.max(0, others - count); i < others; i++) {
                sum += values[i];
            }
        }
        left[family]++;
        return sum;
    }

    private long quietly(Node child, int[] left) {
        long[] kept = taken;
        taken = null;
        long value = value(child, left);
        taken = kept;
        return value;
    }

    /** Repeats the best choice to record which pieces it uses. */
    private long takeBest(Node[] open, long[] values, int others, int count, int[] left) {
        Integer[] order = new Integer[others];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingLong((Integer i) -> values[i]).reversed());
        long sum = 0;
        for (int i = 0; i < Math.min(count, others); i++) {
            sum += value(open[order[i]], left);
        }
        return sum;
    }
}
