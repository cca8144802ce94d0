package jomble.core.capsule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import jomble.core.colour.ColourFamily;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.piece.Attribute;
import jomble.core.piece.Care;
import jomble.core.piece.CareMethod;
import jomble.core.piece.Cloth;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.Slot;
import jomble.core.piece.Toe;
import jomble.core.piece.Trait;

/**
 * What a capsule has to do in a wardrobe: the wishes that apply, as requirements on its pieces. A capsule is never
 * required to contain what the wardrobe does not have.
 */
final class Function {
    /** Share of a month's days with rain from which rain is expected. */
    private static final double RAIN_DAYS_SHARE = 1 / 3.0;

    private static final double DAYS = 30.4;
    private static final double FORMAL = 5;
    /** Every context. */
    private static final long ALL = -1;

    /** Below this size a second pair of shoes is not required. */
    private static final int SMALL = 8;
    /** Share of tops among tops and bottoms: seven to three, give or take one in seven. */
    private static final double[] TOP_LED = {0.55, 0.8};

    private static final double[] EVEN = {0.4, 0.6};
    /** How much less warm than the coat of the weather a coat may be, in hundredths of a clo. */
    private static final int ABOUT_CENTI_CLO = 15;

    /** From this size a second warm coat is wanted, where one is needed on so many days a week. */
    private static final int LARGE = 20;

    private static final double MOST_DAYS = 4;

    private final List<Piece> pieces;
    private final boolean[] candidates;
    private final CapsuleWishes wishes;
    private final List<Need> needs;
    /** By piece index, the contexts, as bits, in which it is in an outfit. */
    private final long[] worksIn;

    private final List<Requirement> all = new ArrayList<>();

    private Function(List<Piece> pieces, boolean[] candidates, CapsuleWishes wishes, List<Need> needs, long[] worksIn) {
        this.pieces = pieces;
        this.needs = needs;
        this.worksIn = worksIn;
        this.candidates = candidates;
        this.wishes = wishes;
    }

    /**
     * The requirements of a capsule.
     *
     * @param candidates by piece index, whether it may be chosen
     * @param table compiled for the contexts of the needs, month by month in their order
     */
    static List<Requirement> of(
            List<Piece> pieces, boolean[] candidates, CapsuleWishes wishes, List<Need> needs, EnsembleTable table) {
        Function function = new Function(pieces, candidates, wishes, needs, table.worksIn());
        function.addFamilies();
        function.addCoats();
        function.addShoes();
        function.addJacket();
        function.addKnits();
        function.addSets();
        if (wishes.dryCleanMax() != null) {
            function.add(FunctionWish.DRY_CLEAN, Function::needsDryCleaner, 0, wishes.dryCleanMax());
        }
        function.addPalette();
        function.addTopsShare(needs.get(0).months().get(0).context());
        return List.copyOf(function.all);
    }

    static boolean needsDryCleaner(Piece piece) {
        Care care = piece.get(Attribute.CARE_NEEDS);
        return care != null && care.method() == CareMethod.DRY_CLEAN;
    }

    private boolean[] those(Predicate<Piece> which) {
        boolean[] those = new boolean[pieces.size()];
        for (int i = 0; i < those.length; i++) {
            those[i] = candidates[i] && which.test(pieces.get(i));
        }
        return those;
    }

    /**
     * The matching pieces that are in an outfit in some of the contexts; a piece that cannot be worn serves no purpose
     * in a capsule.
     */
    private boolean[] thoseIn(long contexts, Predicate<Piece> which) {
        boolean[] those = those(which);
        for (int i = 0; i < those.length; i++) {
            those[i] &= (worksIn[i] & contexts) != 0;
        }
        return those;
    }

    /** The contexts of some needs, as bits. */
    private long contexts(Predicate<Need> which) {
        long contexts = 0;
        int next = 0;
        for (Need need : needs) {
            for (int month = 0; month < need.months().size(); month++, next++) {
                contexts |= which.test(need) ? 1L << next : 0;
            }
        }
        return contexts;
    }

    private boolean[] of(Family family) {
        return those(piece -> piece.kind().family() == family);
    }

    private static int count(boolean[] those) {
        int count = 0;
        for (boolean one : those) {
            count += one ? 1 : 0;
        }
        return count;
    }

    /** Adds a requirement, limited to what the wardrobe has. */
    private void add(FunctionWish wish, boolean[] of, int least, int most) {
        int possible = Math.min(least, count(of));
        boolean asks = possible > 0 || most < count(of);
        if (wishes.wants(wish) && asks) {
            all.add(new Requirement.Amount(wish, of, possible, most));
        }
    }

    private void add(FunctionWish wish, Predicate<Piece> of, int least, int most) {
        add(wish, those(of), least, most);
    }

    private void addFamilies() {
        Map<Family, CapsuleWishes.Range> byFamily = new EnumMap<>(Family.class);
        byFamily.putAll(wishes.families());
        byFamily.forEach((family, range) -> add(FunctionWish.FAMILIES, of(family), range.min(), range.max()));
    }

    /**
     * A warm coat for each occasion that needs one in its coldest month, and in a larger capsule a second one where a
     * coat is needed on most days of the week, so that one can dry.
     */
    private void addCoats() {
        boolean[] coats = of(Family.COAT);
        boolean[] warm = new boolean[pieces.size()];
        Map<String, Double> daysPerWeek = new HashMap<>();
        Set<List<Integer>> groups = new LinkedHashSet<>();
        Map<String, Double> coldest = coldestByOccasion();
        boolean rains = false;
        int next = 0;
        for (Need need : needs) {
            for (Need.Month month : need.months()) {
                int context = next++;
                if (context >= EnsembleTable.MOST_CONTEXTS) {
                    continue;
                }
                rains |= month.climate() != null && month.climate().rainDays() >= RAIN_DAYS_SHARE * DAYS;
                List<Integer> enough =
                        month.meanC() == coldest.get(need.occasion().name())
                                ? warmEnough(coats, month.context(), 1L << context)
                                : List.of();
                if (!enough.isEmpty() && groups.add(enough)) {
                    add(FunctionWish.WARM_COAT, only(enough), 1, Integer.MAX_VALUE);
                }
                enough.forEach(place -> warm[place] = true);
                if (!enough.isEmpty()) {
                    daysPerWeek.put(need.occasion().name(), need.timesPerWeek());
                }
            }
        }
        if (!groups.isEmpty()) {
            add(FunctionWish.COAT, coats, 1, Integer.MAX_VALUE);
        }
        double days =
                daysPerWeek.values().stream().mapToDouble(Double::doubleValue).sum();
        if (days >= MOST_DAYS && wishes.size().max() >= LARGE) {
            add(FunctionWish.SECOND_WARM_COAT, warm, 2, Integer.MAX_VALUE);
        }
        if (rains) {
            add(FunctionWish.RAIN_COVER, thoseIn(ALL, Function::keepsRainOff), 1, Integer.MAX_VALUE);
        }
    }

    private Map<String, Double> coldestByOccasion() {
        Map<String, Double> coldest = new HashMap<>();
        for (Need need : needs) {
            need.months().forEach(month -> coldest.merge(need.occasion().name(), month.meanC(), Math::min));
        }
        return coldest;
    }

    /**
     * The coats that can be worn in a context and are about as warm as the one people take in such weather, in order;
     * none where no coat is taken.
     */
    private List<Integer> warmEnough(boolean[] coats, JudgementContext context, long bit) {
        int wanted = context.coatCentiClo();
        return IntStream.range(0, coats.length)
                .filter(place -> wanted > 0
                        && coats[place]
                        && (worksIn[place] & bit) != 0
                        && pieces.get(place).centiClo() >= wanted - ABOUT_CENTI_CLO)
                .boxed()
                .toList();
    }

    private boolean[] only(List<Integer> places) {
        boolean[] only = new boolean[pieces.size()];
        places.forEach(place -> only[place] = true);
        return only;
    }

    private static boolean keepsRainOff(Piece piece) {
        return piece.hasRole(Slot.COAT) && (piece.is(Trait.RAIN_COVER) || piece.cloth() == Cloth.RUBBER);
    }

    private void addShoes() {
        boolean[] shoes = thoseIn(ALL, Function::isShoe);
        boolean[] closed = thoseIn(ALL, piece -> isShoe(piece) && piece.toe() != Toe.OPEN);
        add(FunctionWish.CLOSED_SHOES, closed, 1, Integer.MAX_VALUE);
        if (wishes.size().max() >= SMALL) {
            add(FunctionWish.SECOND_SHOES, shoes, 2, Integer.MAX_VALUE);
        }
    }

    private static boolean isShoe(Piece piece) {
        return piece.kind().family() == Family.SHOES;
    }

    private void addJacket() {
        long formal = contexts(
                need -> (need.occasion().formalityLow() + need.occasion().formalityHigh()) / 2.0 >= FORMAL);
        add(
                FunctionWish.TAILORED_JACKET,
                thoseIn(
                        formal,
                        piece -> piece.kind().family() == Family.JACKET
                                && piece.construction() != null
                                && piece.construction().structure() != null),
                1,
                Integer.MAX_VALUE);
    }

    private void addKnits() {
        boolean[] knits = those(piece -> isTop(piece) && piece.cloth().isKnitwear());
        boolean[] others = those(piece -> isTop(piece) && !piece.cloth().isKnitwear());
        if (wishes.wants(FunctionWish.KNITS) && count(knits) > 0 && count(others) > 0) {
            all.add(new Requirement.Share(FunctionWish.KNITS, knits, others, 0, 0.5));
        }
    }

    private static boolean isTop(Piece piece) {
        return piece.kind().family() == Family.TOP;
    }

    private void addSets() {
        Map<String, List<Integer>> sets = new LinkedHashMap<>();
        for (int i = 0; i < candidates.length; i++) {
            if (candidates[i] && pieces.get(i).setId() != null) {
                sets.computeIfAbsent(pieces.get(i).setId(), id -> new ArrayList<>())
                        .add(i);
            }
        }
        int[][] whole = sets.values().stream()
                .filter(set -> set.size() > 1)
                .map(set -> set.stream().mapToInt(place -> place).toArray())
                .toArray(int[][]::new);
        if (!wishes.breaksSets() && wishes.wants(FunctionWish.SETS) && whole.length > 0) {
            all.add(new Requirement.Whole(FunctionWish.SETS, whole));
        }
    }

    private void addPalette() {
        if (wishes.palette() == null || !wishes.wants(FunctionWish.PALETTE)) {
            return;
        }
        ColourFamily[] families = ColourFamily.values();
        int bases =
                (int) Arrays.stream(families).filter(ColourFamily::isNeutral).count();
        int[] colours = new int[pieces.size()];
        for (int i = 0; i < colours.length; i++) {
            colours[i] = candidates[i] ? pieces.get(i).colourFamily().ordinal() : -1;
        }
        all.add(new Requirement.Colours(FunctionWish.PALETTE, colours, bases, families.length, wishes.palette()));
    }

    private void addTopsShare(JudgementContext context) {
        double[] share = switch (context.schools().of(SchoolSwitch.TOPS_SHARE)) {
            case "top-led" -> TOP_LED;
            case "even" -> EVEN;
            default -> null;
        };
        if (share != null && wishes.wants(FunctionWish.TOPS_SHARE)) {
            all.add(new Requirement.Share(
                    FunctionWish.TOPS_SHARE, of(Family.TOP), of(Family.BOTTOM), share[0], share[1]));
        }
    }
}
