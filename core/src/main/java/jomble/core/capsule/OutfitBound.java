package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;

/**
 * How many outfits so many pieces cannot exceed, whichever they are.
 *
 * <p>A capsule has some number of pieces of each family. For such numbers every ensemble is relaxed: each piece may have the partners that
 * are best for it, as many of a family as the capsule has, and all coats are there. The most over all numbers that add up to the size is
 * found by branch and bound over boxes of numbers, the most promising first; where that is given up, the best box left is still a bound.
 */
final class OutfitBound {
    /** Numbers of pieces of all families are tried so often at most. */
    private static final int MOST_TRIED = 4000;
    /** Larger tables take too long to go through so often. */
    private static final int LARGEST_TABLE = 60_000;

    private static final int SHOES = Family.SHOES.ordinal();
    private static final int FAMILIES = Family.values().length;
    /** Of pieces that do not count and are there anyway. */
    private static final int FREE = FAMILIES;

    private final CompiledCapsule compiled;
    private final EnsembleTable table;
    private final int[] familyOf;
    private final Node root = new Node();
    /** By type, how many shoes that count it works with, and how many there are anyway or it needs none. */
    private final int[] shoes;

    private final int[] otherShoes;
    private final List<Requirement.Share> shares = new ArrayList<>();

    /** The pieces of an ensemble so far; one more piece goes on to a child. */
    private static final class Node {
        private final Map<Integer, Node> byPiece = new HashMap<>();
        private Node[][] byFamily;
        private int[] types = {};
    }

    /** Numbers of pieces of each family, from and to. */
    private record Box(int[] least, int[] most, long bound) {}

    private OutfitBound(CompiledCapsule compiled) {
        this.compiled = compiled;
        this.table = compiled.table();
        this.familyOf = new int[table.pieces()];
        this.shoes = new int[table.types()];
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
     * More outfits than this are not possible.
     *
     * @param size how many pieces that count
     * @param allWishes whether only choices that miss none of the wishes are asked about
     * @return empty where it would take too long, or no numbers of pieces fit
     */
    static Optional<Long> of(CompiledCapsule compiled, int size, boolean allWishes) {
        if (compiled.table().size() > LARGEST_TABLE) {
            return Optional.empty();
        }
        return new OutfitBound(compiled).most(size, allWishes);
    }

    private void countShoes(int type, boolean[] there) {
        for (int shoe = 0; shoe <= table.shoes().length; shoe++) {
            boolean isThere = shoe == 0 || there[table.shoes()[shoe - 1]];
            boolean works = false;
            for (int coat = 0; coat <= table.coats().length && isThere && !works; coat++) {
                works = (coat == 0 || there[table.coats()[coat - 1]]) && table.mask(type, coat, shoe) != 0;
            }
            if (works && shoe > 0 && familyOf[table.shoes()[shoe - 1]] == SHOES) {
                shoes[type]++;
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
        return node.byPiece.computeIfAbsent(piece, place -> new Node());
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

    private Optional<Long> most(int size, boolean allWishes) {
        int[] least = new int[FAMILIES];
        int[] most = new int[FAMILIES];
        for (int place : compiled.must()) {
            least[familyOf[place]]++;
            most[familyOf[place]]++;
        }
        for (int place : compiled.pool()) {
            most[familyOf[place]]++;
        }
        if (allWishes) {
            narrow(least, most);
        }
        PriorityQueue<Box> boxes = new PriorityQueue<>(
                Comparator.comparingLong(Box::bound).reversed().thenComparing(box -> Arrays.hashCode(box.least())));
        push(boxes, least, most, size);
        for (int tried = 0; tried < MOST_TRIED && !boxes.isEmpty(); tried += 2) {
            Box best = boxes.peek();
            int widest = widest(best);
            if (widest < 0) {
                return Optional.of(best.bound());
            }
            boxes.poll();
            int middle = (best.least()[widest] + best.most()[widest]) / 2;
            push(boxes, best.least(), with(best.most(), widest, middle), size);
            push(boxes, with(best.least(), widest, middle + 1), best.most(), size);
        }
        return Optional.ofNullable(boxes.peek()).map(Box::bound);
    }

    /** Takes in what the wishes ask of whole families, or of some pieces of one. */
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

    private static int[] with(int[] numbers, int at, int number) {
        int[] changed = numbers.clone();
        changed[at] = number;
        return changed;
    }

    /** The family whose number is known least, or −1 where all are. */
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

    /** Cuts a box down to numbers that can add up to the size; what is left empty is dropped. */
    private void push(PriorityQueue<Box> boxes, int[] from, int[] to, int size) {
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
            boxes.add(new Box(least, most, value(root, most.clone())));
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
     * The outfits from a node on, each with the best partners there are.
     *
     * @param left how many pieces of each family there are besides those before; put back as it was
     */
    private long value(Node node, int[] left) {
        long value = 0;
        for (int type : node.types) {
            value += otherShoes[type] + Math.min(shoes[type], left[SHOES]);
        }
        for (int family = 0; family <= FREE; family++) {
            Node[] children = node.byFamily[family];
            if (children.length == 0 || family < FREE && left[family] == 0) {
                continue;
            }
            value += family == FREE ? sum(children, left) : best(children, left, family);
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

    private long best(Node[] children, int[] left, int family) {
        int count = left[family];
        left[family]--;
        long sum = 0;
        if (children.length <= count) {
            sum = sum(children, left);
        } else {
            long[] values = new long[children.length];
            for (int i = 0; i < values.length; i++) {
                values[i] = value(children[i], left);
            }
            Arrays.sort(values);
            for (int i = values.length - count; i < values.length; i++) {
                sum += values[i];
            }
        }
        left[family]++;
        return sum;
    }
}
