package jomble.core.counting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.Summariser;
import jomble.core.judgement.Summary;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * Finds the verdict of a combination over all the ways to wear it and to fill its uncounted slots, in one structure and
 * in contexts that differ in nothing but the weather.
 *
 * <p>The ways of the counted pieces are tried one by one; the fillings are summed up all at once. What a piece is charged
 * against each filling is laid over the rows once; what a rule about the whole says of each filling is laid over them
 * once for every value of the little such a rule can see. Not for use by several threads.
 */
final class FillingSearch {
    private static final int SLOTS = Slot.values().length;
    private static final int MOST_POINTS = Verdict.DARING.mostPoints();

    private final FillingRows rows;
    private final Summariser summariser;
    private final FindingMasks masks;
    private final List<CompiledContext.ReadyCheck> atOnce = new ArrayList<>();
    private final List<CompiledContext.ReadyCheck> afterWays = new ArrayList<>();
    private final Layers lasting;
    private final List<InWeather> weathers = new ArrayList<>();
    private final RowAdder whateverTheWeather;
    private final RowAdder adder;

    private final Worn[] worn = new Worn[SLOTS];
    private final int[] placedWays = new int[SLOTS];
    private int placed;
    private final Option[] chosen = new Option[SLOTS];
    private int chosenCount;
    private final Option[] forced = new Option[SLOTS];
    private final long[] allowed;
    private long addedMinor;
    private long addedMajor;
    private Reach reach;
    private Verdict best;

    /** A rule about the whole that the fillings can touch, with what it says of them for each key met so far. */
    private final class OverRows {
        private final CompiledContext.ReadyCheck check;
        private final Map<Object, long[]> rowsByKey = new LinkedHashMap<>();
        private final Map<Object, Integer> exampleByKey = new HashMap<>();
        private final Map<Object, RowCharge> known = new HashMap<>();

        OverRows(CompiledContext.ReadyCheck check) {
            this.check = check;
            for (int i = 0; i < rows.size(); i++) {
                Worn[] alone = new Worn[SLOTS];
                put(rows.row(i), alone);
                Object key = check.rule().key(alone, summariser.summarise(alone));
                exampleByKey.putIfAbsent(key, i);
                rowsByKey.computeIfAbsent(key, k -> new long[rows.words()])[i >> 6] |= 1L << (i & 63);
            }
        }

        /** @param body summary of what is worn besides the fillings */
        RowCharge charge(Summary body) {
            return known.computeIfAbsent(check.rule().key(worn, body), key -> lay());
        }

        private RowCharge lay() {
            RowCharge.Builder builder = new RowCharge.Builder(rows.words());
            rowsByKey.forEach((key, set) -> {
                Worn[] whole = worn.clone();
                put(rows.row(exampleByKey.get(key)), whole);
                CompiledContext.Charge charge = new CompiledContext.Charge();
                charge.add(List.of(check), summariser.summarise(whole));
                builder.add(charge.minor, charge.major, set);
            });
            return builder.build();
        }
    }

    /** What masks and rules about the whole lay over the rows. */
    private final class Layers {
        private final FindingMasks masks;
        private final List<OverRows> checks = new ArrayList<>();
        private final RowCharge within;
        private final RowCharge[] ofWay;

        Layers(FindingMasks masks, int ways) {
            this.masks = masks;
            this.ofWay = new RowCharge[ways];
            this.within = masks == null ? new RowCharge.Builder(rows.words()).build() : chargeWithin(masks);
        }

        /** Adds all there is to say of the rows under what is placed. */
        void addTo(RowAdder sum, Summary body) {
            sum.charge(within);
            for (int i = 0; i < placed && masks != null; i++) {
                sum.charge(ofWay(placedWays[i]));
            }
            for (OverRows check : checks) {
                sum.charge(check.charge(body));
            }
        }

        private RowCharge ofWay(int way) {
            if (ofWay[way] == null) {
                RowCharge.Builder builder = new RowCharge.Builder(rows.words());
                for (Option option : rows.inRows()) {
                    int other = option.firstWay();
                    builder.add(masks.minor(way, other), masks.major(way, other), rows.wearing(option));
                }
                ofWay[way] = builder.build();
            }
            return ofWay[way];
        }
    }

    /** One weather: its own masks and rules, and those of its rules that the fillings cannot touch. */
    private final class InWeather {
        private final FindingMasks masks;
        private final Layers layers;
        private final List<CompiledContext.ReadyCheck> checks = new ArrayList<>();

        InWeather(CompiledContext context, int ways) {
            this.masks = context.ofWeather();
            this.layers = new Layers(masks, ways);
        }

        boolean isSilent() {
            return masks == null && checks.isEmpty() && layers.checks.isEmpty();
        }
    }

    /** @param alike contexts that share all but the weather, at least one */
    FillingSearch(List<CompiledContext> alike, Options options, FillingRows rows) {
        CompiledContext first = alike.get(0);
        int ways = options.ways().size();
        this.rows = rows;
        this.summariser = first.summariser();
        this.masks = first.lasting();
        this.allowed = new long[rows.words()];
        this.whateverTheWeather = new RowAdder(rows.words());
        this.adder = new RowAdder(rows.words());
        this.lasting = new Layers(masks, ways);
        for (CompiledContext.ReadyCheck check : first.verdictChecks()) {
            if (!check.rule().readsWeather()) {
                if (isTouched(first, check)) {
                    lasting.checks.add(new OverRows(check));
                } else {
                    (check.rule().readsFinishes() ? afterWays : atOnce).add(check);
                }
            }
        }
        for (CompiledContext context : alike) {
            InWeather weather = new InWeather(context, ways);
            for (CompiledContext.ReadyCheck check : context.verdictChecks()) {
                if (check.rule().readsWeather()) {
                    if (isTouched(context, check)) {
                        weather.layers.checks.add(new OverRows(check));
                    } else {
                        weather.checks.add(check);
                    }
                }
            }
            weathers.add(weather);
        }
    }

    private boolean isTouched(CompiledContext context, CompiledContext.ReadyCheck check) {
        Object untouched = context.keyOfNothing(check);
        return rows.fillings().stream().anyMatch(option -> !untouched.equals(context.keyAlone(check, option)));
    }

    private static void put(Option[] row, Worn[] into) {
        for (Option option : row) {
            if (option != null) {
                into[option.slot().ordinal()] = option.ways().get(0);
            }
        }
    }

    private RowCharge chargeWithin(FindingMasks findings) {
        RowCharge.Builder builder = new RowCharge.Builder(rows.words());
        for (Option one : rows.inRows()) {
            int way = one.firstWay();
            builder.add(findings.minor(way, way), findings.major(way, way), rows.wearing(one));
            for (Option other : rows.inRows()) {
                if (other.index() > one.index() && other.slot() != one.slot()) {
                    long[] both = rows.wearing(one).clone();
                    for (int w = 0; w < both.length; w++) {
                        both[w] &= rows.wearing(other)[w];
                    }
                    int beside = other.firstWay();
                    builder.add(findings.minor(way, beside), findings.major(way, beside), both);
                }
            }
        }
        return builder.build();
    }

    /**
     * The verdict, found as soon as it is certain.
     *
     * @param combination options by ordinal of the slot: the counted ones, and any uncounted one that must be worn
     */
    Verdict verdict(Option[] combination) {
        reach = null;
        search(combination);
        return best;
    }

    /** Adds every filling that completes the combination to {@code reached}. */
    void reach(Option[] combination, Reach reached) {
        reach = reached;
        search(combination);
    }

    private void search(Option[] combination) {
        best = Verdict.NO;
        placed = 0;
        chosenCount = 0;
        Arrays.fill(worn, null);
        Arrays.fill(forced, null);
        System.arraycopy(rows.all(), 0, allowed, 0, allowed.length);
        for (Option option : combination) {
            if (option == null) {
                continue;
            }
            if (rows.fills(option)) {
                forced[option.slot().ordinal()] = option;
            } else {
                rows.exclude(option, allowed);
                chosen[chosenCount++] = option;
                worn[option.slot().ordinal()] = option.ways().get(0);
            }
        }
        for (Option option : forced) {
            if (option != null && rows.isInRows(option.slot())) {
                long[] wearing = rows.wearing(option);
                for (int w = 0; w < allowed.length; w++) {
                    allowed[w] &= wearing[w];
                }
            }
        }
        CompiledContext.Charge charge = charge(atOnce);
        if (FindingMasks.points(charge.minor, charge.major) <= MOST_POINTS) {
            chooseWays(0, charge.minor, charge.major);
        }
    }

    private CompiledContext.Charge charge(List<CompiledContext.ReadyCheck> checks) {
        CompiledContext.Charge charge = new CompiledContext.Charge();
        if (!checks.isEmpty()) {
            charge.add(checks, summariser.summarise(worn));
        }
        return charge;
    }

    private void chooseWays(int next, long minor, long major) {
        if (next == chosenCount) {
            CompiledContext.Charge charge = charge(afterWays);
            long withMinor = minor | charge.minor;
            long withMajor = major | charge.major;
            if (FindingMasks.points(withMinor, withMajor) <= MOST_POINTS) {
                loop(0, withMinor, withMajor);
            }
            return;
        }
        Option option = chosen[next];
        for (int i = 0; i < option.ways().size() && !isSettled(Verdict.WORKS); i++) {
            if (place(option, i, minor, major)) {
                chooseWays(next + 1, minor | addedMinor, major | addedMajor);
                placed--;
            }
        }
    }

    /** Places a way unless it is hopeless; what it adds stands in {@link #addedMinor} and {@link #addedMajor}. */
    private boolean place(Option option, int i, long minor, long major) {
        int way = option.firstWay() + i;
        long lesser = masks.minor(way, way);
        long greater = masks.major(way, way);
        for (int k = 0; k < placed; k++) {
            lesser |= masks.minor(way, placedWays[k]);
            greater |= masks.major(way, placedWays[k]);
        }
        if (FindingMasks.points(minor | lesser, major | greater) > MOST_POINTS) {
            return false;
        }
        addedMinor = lesser;
        addedMajor = greater;
        placedWays[placed++] = way;
        worn[option.slot().ordinal()] = option.ways().get(i);
        return true;
    }

    private void loop(int depth, long minor, long major) {
        if (depth == rows.loopOptions().size()) {
            sumUp(minor, major);
            return;
        }
        List<Option> choices = rows.loopOptions().get(depth);
        Option must = choices.isEmpty() ? null : forced[choices.get(0).slot().ordinal()];
        if (must == null ? rows.loopMayBeEmpty(depth) : rows.standIn(must) < 0) {
            loop(depth + 1, minor, major);
        }
        for (Option option : choices) {
            if (isSettled(Verdict.WORKS)) {
                return;
            }
            if ((must == null || rows.standIn(must) == option.index()) && !isWornAlready(option)) {
                if (place(option, 0, minor, major)) {
                    long[] before = allowed.clone();
                    rows.exclude(option, allowed);
                    loop(depth + 1, minor | addedMinor, major | addedMajor);
                    System.arraycopy(before, 0, allowed, 0, before.length);
                    placed--;
                }
                worn[option.slot().ordinal()] = null;
            }
        }
    }

    private boolean isWornAlready(Option option) {
        for (int i = 0; i < chosenCount; i++) {
            if (chosen[i].overlaps(option)) {
                return true;
            }
        }
        for (List<Option> loop : rows.loopOptions()) {
            Slot slot = loop.isEmpty() ? option.slot() : loop.get(0).slot();
            Worn other = worn[slot.ordinal()];
            if (slot != option.slot()
                    && other != null
                    && other.pieces().stream().anyMatch(p -> option.contains(p.id()))) {
                return true;
            }
        }
        return false;
    }

    private void sumUp(long minor, long major) {
        Summary body = summariser.summarise(worn);
        whateverTheWeather.clear();
        lasting.addTo(whateverTheWeather, body);
        if (!whateverTheWeather.sum(allowed, minor, major)) {
            return;
        }
        Verdict atBest = whateverTheWeather.anyWorks() ? Verdict.WORKS : Verdict.DARING;
        for (int i = 0; i < weathers.size() && !isSettled(atBest); i++) {
            InWeather weather = weathers.get(i);
            RowAdder sum = weather.isSilent() ? whateverTheWeather : inTheWeather(weather, body);
            if (sum != null) {
                if (note(sum)) {
                    noteLoops();
                    reach.look();
                }
                // the weather that suited this one may well suit the next
                weathers.set(i, weathers.get(0));
                weathers.set(0, weather);
            }
        }
    }

    /** The sum in one weather, or null when nothing lives through it. */
    private RowAdder inTheWeather(InWeather weather, Summary body) {
        CompiledContext.Charge charge = new CompiledContext.Charge();
        charge.add(weather.checks, body);
        chargePlaced(weather.masks, charge);
        if (FindingMasks.points(charge.minor, charge.major) > MOST_POINTS) {
            return null;
        }
        adder.clear();
        weather.layers.addTo(adder, body);
        return adder.sumOnTop(whateverTheWeather, charge.minor, charge.major) ? adder : null;
    }

    private void chargePlaced(FindingMasks findings, CompiledContext.Charge charge) {
        for (int i = 0; i < placed && findings != null; i++) {
            for (int k = 0; k <= i; k++) {
                charge.minor |= findings.minor(placedWays[i], placedWays[k]);
                charge.major |= findings.major(placedWays[i], placedWays[k]);
            }
        }
    }

    /** Takes the verdict of the best row; answers whether some row is good enough to be reached. */
    private boolean note(RowAdder sum) {
        Verdict found = sum.anyWorks() ? Verdict.WORKS : Verdict.DARING;
        best = found.compareTo(best) < 0 ? found : best;
        if (reach == null) {
            return false;
        }
        boolean reached = false;
        for (int w = 0; w < allowed.length; w++) {
            long good = reach.includesDaring() ? sum.works(w) | sum.daring(w) : sum.works(w);
            reach.rows()[w] |= good;
            reached |= good != 0;
        }
        return reached;
    }

    private void noteLoops() {
        for (List<Option> loop : rows.loopOptions()) {
            Worn w = loop.isEmpty() ? null : worn[loop.get(0).slot().ordinal()];
            loop.stream().filter(option -> w == option.ways().get(0)).forEach(reach::reachLoop);
            if (w == null && !loop.isEmpty()) {
                reach.reachEmpty(loop.get(0).slot());
            }
        }
    }

    /** Whether nothing more can be learnt from outfits that are this good at best. */
    private boolean isSettled(Verdict atBest) {
        return reach == null ? atBest.compareTo(best) >= 0 : reach.isComplete();
    }
}
