package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;

/**
 * An upper bound of the outfits of any choice of a given size.
 *
 * <p>A capsule has some number of pieces in each family. For given numbers every ensemble is relaxed: each piece may
 * have its best partners, as many of a family as the capsule has, and all coats are available. The maximum is found by
 * best-first branch and bound, over boxes of family sizes that add up to the size and then over single pieces being in
 * or out. When the search is cut off, the best box left is still a bound.
 */
final class OutfitBound {
    /** Larger tables take too long to evaluate this often. */
    private static final int LARGEST_TABLE = 60_000;

    private static final int SHOES = Family.SHOES.ordinal();
    private static final int FAMILIES = Family.values().length;
    /** The pseudo-family of pieces that do not count and are always available. */
    private static final int FREE = FAMILIES;

    private final CompiledCapsule compiled;
    private final EnsembleTable table;
    private final int[] familyOf;
    private final Node root = new Node(-1);
    /** By type, the counted shoes it works with, as bits, and the number of other shoes, or 1 when it needs none. */
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

    private final List<Requirement.Share> shares = new ArrayList<>();
    private int number;

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
     * A range for the number of pieces of each family.
     *
     * @param decided by piece index, {@link #IN}, {@link #OUT} or 0
     * @param number creation order, so that ties are broken the same way on every machine
     */
    private record Box(int[] least, int[] most, byte[] decided, long bound, int number) {}

    private static final byte IN = 1;
    private static final byte OUT = 2;

    private OutfitBound(CompiledCapsule compiled) {
        this.compiled = compiled;
        this.table = compiled.table();
        this.familyOf = new int[table.pieces()];
        this.shoes = new long[table.types()];
        this.otherShoes = new int[table.types()];
        boolean[] there = new boolean[table.pieces()];
        for (int i = 0; i < familyOf.length; i++) {
            Piece piece = compiled.problem().pieces().get(i);
            boolean counts = compiled.problem().counts(piece);
            familyOf[i] = counts ? piece.kind().family().ordinal() : FREE;
            there[i] = !counts || compiled.candidates()[i];
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

    /**
     * Computes the bound.
     *
     * @param size number of pieces that count
     * @param allWishes whether only choices that meet all wishes are considered
     * @param steps number of boxes at most
     * @throws CountingStoppedException when the progress listener asks to stop
     * @return empty when it would take too long, or no family sizes are possible
     */
    static Optional<Long> of(CompiledCapsule compiled, int size, boolean allWishes, int steps, Progress progress) {
        boolean isTooLarge =
                compiled.table().size() > LARGEST_TABLE || compiled.table().shoes().length >= Long.SIZE;
        return isTooLarge ? Optional.empty() : new OutfitBound(compiled).most(size, allWishes, steps, progress);
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

    private Optional<Long> most(int size, boolean allWishes, int steps, Progress progress) {
        int[] least = new int[FAMILIES];
        int[] most = new int[FAMILIES];
        byte[] none = new byte[familyOf.length];
        for (int place : compiled.must()) {
            least[familyOf[place]]++;
            most[familyOf[place]]++;
            none[place] = IN;
        }
        for (int place : compiled.pool()) {
            most[familyOf[place]]++;
        }
        if (allWishes) {
            narrow(least, most);
        }
        PriorityQueue<Box> boxes = new PriorityQueue<>(
                Comparator.comparingLong(Box::bound).reversed().thenComparingInt(Box::number));
        push(boxes, least, most, none, size);
        for (int tried = 0; tried < steps && !boxes.isEmpty(); tried += 2) {
            if (!progress.goOn((double) tried / steps)) {
                throw new CountingStoppedException();
            }
            Box best = boxes.poll();
            int widest = widest(best);
            if (widest >= 0) {
                int middle = (best.least()[widest] + best.most()[widest]) / 2;
                push(boxes, best.least(), with(best.most(), widest, middle), best.decided(), size);
                push(boxes, with(best.least(), widest, middle + 1), best.most(), best.decided(), size);
                continue;
            }
            int piece = contested(best);
            if (piece < 0) {
                return Optional.of(best.bound());
            }
            push(boxes, best.least(), best.most(), with(best.decided(), piece, IN), size);
            push(boxes, best.least(), best.most(), with(best.decided(), piece, OUT), size);
        }
        return Optional.ofNullable(boxes.peek()).map(Box::bound);
    }

    /**
     * The undecided piece that was used in the most outfits, in a family that used more pieces than allowed; −1 if no
     * family did, so that the bound is attained.
     */
    private int contested(Box box) {
        taken = new long[familyOf.length];
        value(box.decided(), box.most());
        int[] distinct = new int[FAMILIES];
        for (int i = 0; i < taken.length; i++) {
            if (familyOf[i] != FREE && (taken[i] > 0 || box.decided()[i] == IN)) {
                distinct[familyOf[i]]++;
            }
        }
        int contested = -1;
        for (int i = 0; i < taken.length; i++) {
            boolean isOpen =
                    familyOf[i] != FREE && box.decided()[i] == 0 && distinct[familyOf[i]] > box.most()[familyOf[i]];
            if (isOpen && taken[i] > 0 && (contested < 0 || taken[i] > taken[contested])) {
                contested = i;
            }
        }
        taken = null;
        return contested;
    }

    /** Narrows the box by wishes about families or some of their pieces. */
    private void narrow(int[] least, int[] most) {
        for (Requirement requirement : compiled.aim().requirements()) {
            if (requirement instanceof Requirement.Amount amount) {
                narrow(amount, least, most);
            } else if (requirement instanceof Requirement.Share share && share.wish() == FunctionWish.TOPS_SHARE) {
                shares.add(share);
            }
        }
    }

    private void narrow(Requirement.Amount amount, int[] least, int[] most) {
        int family = -1;
        boolean isOne = true;
        int of = 0;
        for (int i = 0; i < familyOf.length; i++) {
            if (amount.of()[i]) {
                isOne &= family < 0 || family == familyOf[i];
                family = familyOf[i];
                of++;
            }
        }
        if (isOne && family >= 0) {
            boolean isWhole = of == most[family];
            least[family] = Math.max(least[family], amount.least());
            most[family] = isWhole ? Math.min(most[family], amount.most()) : most[family];
        }
    }

    private static byte[] with(byte[] decided, int at, byte how) {
        byte[] changed = decided.clone();
        changed[at] = how;
        return changed;
    }

    private static int[] with(int[] numbers, int at, int number) {
        int[] changed = numbers.clone();
        changed[at] = number;
        return changed;
    }

    /** The family with the widest range, or −1 when all are fixed. */
    private static int widest(Box box) {
        int widest = -1;
        int width = 0;
        for (int i = 0; i < FAMILIES; i++) {
            if (box.most()[i] - box.least()[i] > width) {
                width = box.most()[i] - box.least()[i];
                widest = i;
            }
        }
        return widest;
    }

    /** Narrows a box to numbers that can add up to the size and queues it unless it is empty. */
    private void push(PriorityQueue<Box> boxes, int[] from, int[] to, byte[] decided, int size) {
        int[] least = from.clone();
        int[] most = to.clone();
        int sumOfLeast = Arrays.stream(least).sum();
        int sumOfMost = Arrays.stream(most).sum();
        for (int i = 0; i < FAMILIES; i++) {
            int low = Math.max(from[i], size - (sumOfMost - to[i]));
            int high = Math.min(to[i], size - (sumOfLeast - from[i]));
            least[i] = low;
            most[i] = high;
            if (low > high) {
                return;
            }
        }
        if (shares.stream().allMatch(share -> mayHold(share, least, most))) {
            boxes.add(new Box(least, most, decided, value(decided, most), number++));
        }
    }

    private static boolean mayHold(Requirement.Share share, int[] least, int[] most) {
        int tops = Family.TOP.ordinal();
        int bottoms = Family.BOTTOM.ordinal();
        for (int ones = least[tops]; ones <= most[tops]; ones++) {
            for (int others = least[bottoms]; others <= most[bottoms]; others++) {
                if (share.missedBy(ones, others) == 0) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * The relaxed number of outfits for these family sizes; −1 when more pieces of a family are in than allowed, or too
     * few are left.
     */
    private long value(byte[] how, int[] most) {
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
