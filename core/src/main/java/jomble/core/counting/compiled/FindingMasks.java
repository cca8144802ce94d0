package jomble.core.counting.compiled;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.PairRule;
import jomble.core.judgement.PieceRule;
import jomble.core.judgement.Result;
import jomble.core.judgement.RuleBits;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Ruling;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/**
 * The findings of piece and pair rules in one context, as bit masks by {@link RuleBits}.
 *
 * <p>Equal masks are stored once and numbered; a pair of ways takes 8 bytes. A stop is {@link PenaltySets#EVERY_RULE},
 * whichever rule it comes from; the same holds for one piece in two slots.
 */
public final class FindingMasks implements PairFindings {
    private final int size;
    /** Whether only single-piece rules apply, so that nothing is stored for pairs. */
    private final boolean ofPiecesOnly;

    private final boolean reachesBeyond;

    private final PenaltySets penaltySets = new PenaltySets();
    /** An index into {@link #penalties} or, for a stop, the complement of an index into {@link #stopping}. */
    private final int[] penalties;

    /** The sets of rules that stop, as catalogue indices. */
    private final List<BitSet> stopping = new ArrayList<>();

    private final Map<BitSet, Integer> knownStopping = new HashMap<>();
    /** Indices of credit masks. */
    private final int[] credit;

    private final PenaltySets credits = new PenaltySets();

    /** @param ofWeather whether to compile the rules that depend on the weather, or the others */
    public FindingMasks(Options options, RuleCatalogue catalogue, JudgementContext context, boolean ofWeather) {
        this.size = options.ways().size();
        this.reachesBeyond = catalogue.pairsBeyond() != 0;
        List<PieceRule> pieceRules = catalogue.pieceRules().stream()
                .filter(rule -> rule.readsWeather() == ofWeather)
                .toList();
        List<PairRule> pairRules = catalogue.pairRules().stream()
                .filter(rule -> rule.readsWeather() == ofWeather)
                .toList();
        this.ofPiecesOnly = ofWeather && pairRules.isEmpty();
        this.penalties = new int[ofPiecesOnly ? size : size * size];
        this.credit = new int[penalties.length];
        List<Ruling> never = context.overrides().neverOf(1, 2);
        for (int way = 0; way < size; way++) {
            keep(way, way, alone(options.ways().get(way), pieceRules, never, catalogue, context));
        }
        SlotPairRules[][] bySlots = new SlotPairRules[Slot.values().length][Slot.values().length];
        for (int a = 0; a < options.all().size() && !ofPiecesOnly; a++) {
            Option inner = options.all().get(a);
            for (int b = a + 1; b < options.all().size(); b++) {
                Option outer = options.all().get(b);
                if (inner.slot() != outer.slot()) {
                    SlotPairRules[] row = bySlots[inner.slot().ordinal()];
                    int column = outer.slot().ordinal();
                    if (row[column] == null) {
                        row[column] = SlotPairRules.of(inner.slot(), outer.slot(), pairRules, catalogue);
                    }
                    new Pair(inner, outer, row[column], context).keepAll(never);
                }
            }
        }
    }

    private static Finds alone(
            Worn worn, List<PieceRule> rules, List<Ruling> never, RuleCatalogue catalogue, JudgementContext context) {
        Finds finds = new Finds();
        for (PieceRule rule : rules) {
            if (rule.covers(worn.slot())) {
                finds.add(catalogue.bits(rule), context.effective(rule, rule.judge(worn, context)));
            }
        }
        finds.stopUnless(!isAgainst(never, ids(worn.pieces())));
        return finds;
    }

    private static List<PieceId> ids(List<Piece> pieces) {
        return pieces.stream().map(Piece::id).toList();
    }

    private record BitRule(PairRule rule, RuleBits bits) {}

    /** The rules for one pair of slots, divided into those that depend on how the pieces are worn and the others. */
    private record SlotPairRules(List<BitRule> ofPieces, List<BitRule> ofWays) {
        static SlotPairRules of(Slot inner, Slot outer, List<PairRule> rules, RuleCatalogue catalogue) {
            Map<Boolean, List<BitRule>> covering = rules.stream()
                    .filter(rule -> rule.covers(inner, outer))
                    .map(rule -> new BitRule(rule, catalogue.bits(rule)))
                    .collect(Collectors.partitioningBy(one -> one.rule.readsFinishes()));
            return new SlotPairRules(covering.get(false), covering.get(true));
        }
    }

    /** Two options in all the ways they can be worn. */
    private final class Pair {
        private final Option inner;
        private final Option outer;
        private final SlotPairRules sharedRules;
        private final JudgementContext context;
        private final boolean approved;

        Pair(Option inner, Option outer, SlotPairRules sharedRules, JudgementContext context) {
            this.inner = inner;
            this.outer = outer;
            this.sharedRules = sharedRules;
            this.context = context;
            this.approved = context.overrides()
                    .approves(inner.ways().get(0), outer.ways().get(0));
        }

        void keepAll(List<Ruling> never) {
            Finds always = new Finds();
            always.stopUnless(!inner.overlaps(outer) && !isAgainst(never));
            boolean allowed = !always.penalties.isStopped();
            boolean differs = allowed && !sharedRules.ofWays.isEmpty();
            if (allowed) {
                judge(sharedRules.ofPieces, inner.ways().get(0), outer.ways().get(0), always);
            }
            for (int i = 0; i < inner.ways().size(); i++) {
                for (int k = 0; k < outer.ways().size(); k++) {
                    Finds finds = always;
                    if (differs) {
                        finds = new Finds(always);
                        judge(
                                sharedRules.ofWays,
                                inner.ways().get(i),
                                outer.ways().get(k),
                                finds);
                    }
                    keep(inner.firstWay() + i, outer.firstWay() + k, finds);
                }
            }
        }

        private boolean isAgainst(List<Ruling> never) {
            return !never.isEmpty()
                    && FindingMasks.isAgainst(
                            never,
                            Stream.concat(inner.ids().stream(), outer.ids().stream())
                                    .toList());
        }

        private void judge(List<BitRule> rules, Worn one, Worn other, Finds finds) {
            for (BitRule bitRule : rules) {
                PairRule rule = bitRule.rule;
                Optional<Result> result = rule.judge(one, other, context);
                if (result.isPresent()) {
                    Optional<Result> effective = context.effective(rule, result);
                    finds.add(bitRule.bits, approved ? effective.filter(r -> Judge.isLasting(rule, r)) : effective);
                }
            }
        }
    }

    /** The findings so far, and the rules that stop. */
    private static final class Finds {
        private Penalties penalties;
        private final BitSet stops = new BitSet();

        Finds() {
            penalties = Penalties.NONE;
        }

        Finds(Finds like) {
            penalties = like.penalties;
            stops.or(like.stops);
        }

        void add(RuleBits bits, Optional<Result> result) {
            if (result.isPresent()) {
                penalties = penalties.plus(result.get().kind(), bits);
                if (result.get().kind() == FindingKind.STOP) {
                    stops.set(bits.place());
                }
            }
        }

        /** Stops the pair when no rule did but the slots cannot be combined. */
        void stopUnless(boolean allowed) {
            penalties = allowed ? penalties : Penalties.STOP;
        }
    }

    private void keep(int a, int b, Finds found) {
        int penalised =
                found.penalties.isStopped() ? ~stoppingNumber(found.stops) : penaltySets.number(found.penalties);
        int credited = credits.number(found.penalties.credit(), 0);
        penalties[at(a, b)] = penalised;
        penalties[at(b, a)] = penalised;
        credit[at(a, b)] = credited;
        credit[at(b, a)] = credited;
    }

    private int stoppingNumber(BitSet stops) {
        return knownStopping.computeIfAbsent(stops, one -> {
            stopping.add(one);
            return stopping.size() - 1;
        });
    }

    private int at(int a, int b) {
        return ofPiecesOnly ? a : a * size + b;
    }

    /** Whether a ruling on one or two pieces forbids what is worn. */
    private static boolean isAgainst(List<Ruling> never, List<PieceId> pieces) {
        return never.stream().anyMatch(ruling -> pieces.containsAll(ruling.pieces()));
    }

    /** Whether there is no finding at all. */
    public boolean isBlank() {
        for (int i = 0; i < penalties.length; i++) {
            if ((penalties[i] | credit[i]) != PenaltySets.NOTHING) {
                return false;
            }
        }
        return true;
    }

    /** Whether both find the same faults. */
    public boolean isLike(FindingMasks other) {
        for (int i = 0; i < penalties.length; i++) {
            boolean same = penalties[i] < 0
                    ? other.penalties[i] < 0
                    : other.penalties[i] >= 0
                            && penaltySets.isSame(penalties[i], other.penaltySets, other.penalties[i]);
            if (!same) {
                return false;
            }
        }
        return true;
    }

    /** Whether no pair rule finds anything for a way, whatever else is worn. */
    public boolean isUnspokenBeside(int way) {
        for (int other = 0; other < size; other++) {
            if (other != way && isSpokenOf(way, other)) {
                return false;
            }
        }
        return true;
    }

    private boolean isSpokenOf(int way, int other) {
        long faults = minor(way, other) | major(way, other) | minorBeyond(way, other) | majorBeyond(way, other);
        return (faults | credit(way, other)) != 0;
    }

    /** The findings of single-piece rules for a way, as a comparable value. */
    public List<Long> ofPiece(int way) {
        return List.of(
                minor(way, way), major(way, way), minorBeyond(way, way), majorBeyond(way, way), credit(way, way));
    }

    @Override
    public boolean reachBeyond() {
        return reachesBeyond;
    }

    @Override
    public long minor(int a, int b) {
        int number = isSilent(a, b) ? PenaltySets.NOTHING : penalties[at(a, b)];
        return number < 0 ? 0 : penaltySets.minor(number);
    }

    @Override
    public long major(int a, int b) {
        int number = isSilent(a, b) ? PenaltySets.NOTHING : penalties[at(a, b)];
        return number < 0 ? PenaltySets.EVERY_RULE : penaltySets.major(number);
    }

    @Override
    public long minorBeyond(int a, int b) {
        int number = isSilent(a, b) ? PenaltySets.NOTHING : penalties[at(a, b)];
        return number < 0 ? 0 : penaltySets.minorBeyond(number);
    }

    @Override
    public long majorBeyond(int a, int b) {
        int number = isSilent(a, b) ? PenaltySets.NOTHING : penalties[at(a, b)];
        return number < 0 ? 0 : penaltySets.majorBeyond(number);
    }

    /** Adds the catalogue indices of the rules that stop two ways, or one if both are the same. */
    void addStops(int a, int b, BitSet rules) {
        int number = isSilent(a, b) ? PenaltySets.NOTHING : penalties[at(a, b)];
        if (number < 0) {
            rules.or(stopping.get(~number));
        }
    }

    @Override
    public long credit(int a, int b) {
        return isSilent(a, b) ? 0 : credits.minor(credit[at(a, b)]);
    }

    private boolean isSilent(int a, int b) {
        return ofPiecesOnly && a != b;
    }
}
