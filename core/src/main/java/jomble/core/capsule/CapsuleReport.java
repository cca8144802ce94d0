package jomble.core.capsule;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.climate.ClimateMonth;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.FreshDays;
import jomble.core.counting.Ladder;
import jomble.core.counting.Progress;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.piece.Attribute;
import jomble.core.piece.Care;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;

/** Reports on a capsule: exact figures from the counter, and reasons from what would change without each piece. */
final class CapsuleReport {
    private final Counter counter;
    private final CapsuleProblem problem;
    private final CompiledCapsule compiled;
    private final Choice choice;
    private final List<Piece> chosen;
    private final CountQuestion question;
    private final PieceReasons whys;
    private Counts counts;

    CapsuleReport(Counter counter, CompiledCapsule compiled, Choice choice) {
        this.counter = counter;
        this.problem = compiled.problem();
        this.compiled = compiled;
        this.choice = choice;
        this.whys = new PieceReasons(compiled, choice);
        this.chosen = Arrays.stream(choice.sorted())
                .mapToObj(problem.pieces()::get)
                .sorted(Comparator.comparing(piece -> piece.kind().family()))
                .toList();
        List<Piece> worn = problem.pieces().stream()
                .filter(piece -> chosen.contains(piece) || !problem.counts(piece))
                .toList();
        List<JudgementContext> contexts = problem.needs().stream()
                .flatMap(need -> need.months().stream())
                .map(Need.Month::context)
                .distinct()
                .toList();
        this.question = new CountQuestion(worn, contexts, CountedSlots.OUTFITS, false, List.of(), true);
    }

    List<PieceId> pieces() {
        return chosen.stream().map(Piece::id).toList();
    }

    /** The pieces that do not count towards the size. */
    List<PieceId> free() {
        return question.pieces().stream()
                .filter(piece -> !chosen.contains(piece))
                .map(Piece::id)
                .toList();
    }

    /**
     * Counts all figures.
     *
     * @param score of the choice
     */
    CapsulePlan.Figures figures(Score score, long givenUp, Progress progress) {
        counts = counter.count(question, List.of(), progress.part(0, 0.3));
        Ladder ladder = Ladder.of(counter, question, progress.part(0.3, 0.6));
        choice.score(compiled.aim());
        List<CapsulePlan.NeedMet> needs = new ArrayList<>();
        List<FreshDays.Occasion> week = new ArrayList<>();
        for (int i = 0; i < problem.needs().size(); i++) {
            Need need = problem.needs().get(i);
            Progress ofThisNeed =
                    progress.part(0.6, 1).partOf(i, problem.needs().size());
            needs.add(met(i, ofThisNeed));
            if (need.timesPerWeek() > 0) {
                week.add(FreshDays.occasion(need.timesPerWeek(), counter, in(need), ofThisNeed));
            }
        }
        return new CapsulePlan.Figures(
                score.needsMet(),
                score.needsMetByBases(),
                (int) chosen.stream().filter(this::earns).count(),
                counts.total(),
                ladder,
                counts.paper(),
                counts.shareInTheDark(),
                week.isEmpty() ? 0 : FreshDays.of(week),
                washFree(),
                hardestToSpare(),
                givenUp,
                score.variety(),
                compiled.aim().preferences().describe(choice.sorted()),
                problem.needs().get(0).months().get(0).context().schools().of(SchoolSwitch.TOPS_SHARE),
                of(Family.TOP),
                of(Family.BOTTOM),
                needs);
    }

    /** The piece whose absence leaves the fewest needs met, then the fewest outfits; null when nothing is chosen. */
    private CapsulePlan.Without hardestToSpare() {
        return Arrays.stream(choice.sorted())
                .mapToObj(place -> {
                    Score left = choice.without(place).score(compiled.aim());
                    return new CapsulePlan.Without(compiled.id(place), left.needsMet(), left.outfits());
                })
                .min(Comparator.comparingDouble(CapsulePlan.Without::needsMetFraction)
                        .thenComparingLong(CapsulePlan.Without::outfits))
                .orElse(null);
    }

    /** For the season in which it is shortest. */
    private CapsulePlan.WashFree washFree() {
        Map<String, List<WashFreeDays.Occasion>> weeks = new LinkedHashMap<>();
        for (Need need : problem.needs()) {
            if (need.timesPerWeek() > 0) {
                weeks.computeIfAbsent(need.season().name(), name -> new ArrayList<>())
                        .add(new WashFreeDays.Occasion(need.timesPerWeek(), clothes(need)));
            }
        }
        int[] wears = question.pieces().stream()
                .mapToInt(CapsuleReport::wearsBetweenWashes)
                .toArray();
        List<BitSet> groups = List.of(worn(Slot.TOP), worn(Slot.BOTTOM));
        return weeks.values().stream()
                .map(week -> WashFreeDays.of(week, wears, groups))
                .min(Comparator.comparingInt(WashFreeDays.Found::days))
                .map(found -> new CapsulePlan.WashFree(
                        found.days(), found.atMost(), found.scarcest() == 0 ? Family.TOP : Family.BOTTOM))
                .orElse(null);
    }

    /** The clothes of each outfit for a need, as piece indices in the question. */
    private List<int[]> clothes(Need need) {
        Map<PieceId, Integer> places = new HashMap<>();
        question.pieces().forEach(piece -> places.put(piece.id(), places.size()));
        return counter.tuples(in(need).counting(CountedSlots.CLOTHES), Progress.NONE).stream()
                .map(worn -> worn.values().stream()
                        .flatMap(List::stream)
                        .mapToInt(places::get)
                        .toArray())
                .toList();
    }

    private static int wearsBetweenWashes(Piece piece) {
        Care care = piece.get(Attribute.CARE_NEEDS);
        return care == null || care.wearsBetween() == null ? Integer.MAX_VALUE : care.wearsBetween();
    }

    /** The pieces that can be worn in a slot, or as that slot. */
    private BitSet worn(Slot slot) {
        BitSet worn = new BitSet();
        for (int i = 0; i < question.pieces().size(); i++) {
            Piece piece = question.pieces().get(i);
            worn.set(i, piece.hasRole(slot) || piece.hasRole(Slot.ONEPIECE) || piece.hasRole(Slot.DRAPE));
        }
        return worn;
    }

    private boolean earns(Piece piece) {
        return counts.perPiece().getOrDefault(piece.id(), BigInteger.ZERO).compareTo(BigInteger.valueOf(Aim.EARNS))
                >= 0;
    }

    private int of(Family family) {
        return (int)
                chosen.stream().filter(piece -> piece.kind().family() == family).count();
    }

    private CountQuestion in(Need need) {
        return question.in(
                need.months().stream().map(Need.Month::context).distinct().toList());
    }

    /** Read from the table if it holds all outfits of the choice, otherwise counted. */
    private CapsulePlan.NeedMet met(int number, Progress progress) {
        Need need = problem.needs().get(number);
        BigInteger all;
        List<BigInteger> months;
        if (isInTable()) {
            Outfits outfits = compiled.aim().outfits();
            int[] contexts = compiled.aim().contextsOf(number);
            all = BigInteger.valueOf(outfits.inAny(compiled.aim().bitsOf(number)));
            months = Arrays.stream(contexts)
                    .mapToObj(context -> BigInteger.valueOf(outfits.in(context)))
                    .toList();
        } else {
            all = counter.totals(in(need), progress).total();
            months = need.months().stream()
                    .map(month -> counter.totals(question.in(List.of(month.context())), progress)
                            .total())
                    .toList();
        }
        BigInteger fewest = Collections.min(months);
        ClimateMonth weakest = need.months().get(months.indexOf(fewest)).climate();
        return new CapsulePlan.NeedMet(
                need.occasion().name(),
                need.season().name(),
                need.outfits(),
                all,
                weakest == null ? null : weakest.month(),
                fewest);
    }

    /** Whether the table is complete: no chosen piece completes other outfits, and no month was left out. */
    private boolean isInTable() {
        List<Piece> searched = problem.searched();
        return compiled.aim().needs().equals(problem.needs())
                && Arrays.stream(choice.sorted())
                        .allMatch(place -> searched.get(place)
                                .roles()
                                .equals(problem.pieces().get(place).roles()));
    }

    /** The reason for each piece; call after {@link #figures}. */
    Map<PieceId, CapsulePlan.Reason> reasons() {
        Map<PieceId, CapsulePlan.Reason> reasons = new LinkedHashMap<>();
        for (Piece piece : chosen) {
            BigInteger figure = counts.perPiece().getOrDefault(piece.id(), BigInteger.ZERO);
            boolean isCounted = piece.roles().stream().anyMatch(CountedSlots.OUTFITS::has);
            BigInteger lost = isCounted
                    ? figure
                    : counts.total()
                            .subtract(counter.totals(question.without(Set.of(piece.id())), Progress.NONE)
                                    .total());
            reasons.put(
                    piece.id(),
                    new CapsulePlan.Reason(
                            isCounted ? figure : BigInteger.ZERO,
                            isCounted ? BigInteger.ZERO : figure,
                            lost,
                            whys.of(piece, lost.signum() > 0)));
        }
        return reasons;
    }

    /** @param wouldDo the smallest size found that meets all wishes, or null */
    List<CapsulePlan.Missed> missed(Integer wouldDo) {
        return whys.missed(wouldDo);
    }

    /** The seasons of each piece that is not worn in all of them. */
    Map<PieceId, List<String>> seasonal() {
        Aim aim = compiled.aim();
        choice.score(aim);
        long[] worksIn = new long[problem.pieces().size()];
        aim.outfits().worksIn(worksIn);
        List<String> all = aim.needs().stream()
                .map(need -> need.season().name())
                .distinct()
                .toList();
        Map<PieceId, List<String>> seasonal = new LinkedHashMap<>();
        for (Piece piece : chosen) {
            long contexts = worksIn[problem.pieces().indexOf(piece)];
            List<String> here = all.stream()
                    .filter(season -> (contexts & aim.contextsOf(season)) != 0)
                    .toList();
            if (here.size() < all.size()) {
                seasonal.put(piece.id(), here);
            }
        }
        return seasonal;
    }
}
