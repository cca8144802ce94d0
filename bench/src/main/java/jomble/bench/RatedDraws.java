package jomble.bench;

import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import jomble.core.counting.Combination;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Counter;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.OccasionReader;
import jomble.core.document.Question;
import jomble.core.judgement.Finding;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.judgement.score.OutfitScore;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;

/**
 * Draws outfits at random from those that work, for a stylist to rate without knowing what the rules say, and reports what the ratings
 * say of the rules.
 *
 * <p>{@code draw SEED FILE} prints 180 outfits as a stylist reads them: sixty a client, a third of them for no occasion in particular,
 * the others for an occasion in the middle month of a season. Each outfit of clothes and shoes that works is as likely as any other of
 * its cell. A line is {@code number, client, month, occasion, slots, description, strict, generous}, parted by tabs; the last two are
 * ratings from A, gladly shown, to D, not let out of the house, and are left open.
 *
 * <p>{@code report FILE...} judges the outfits of rated files again and prints how many of those that work are rated A or B, by structure
 * and by context, and how well points, credits and the score tell the ratings apart. {@code blame FILE...} prints what each rated outfit
 * is found to be, worst ratings first. {@code measures FILE...} prints the parts of the score, unweighed, to fit weights on.
 */
public final class RatedDraws {
    private static final List<String> CLIENTS = List.of("ines-halvard", "tomas-redfern", "anjali-brandt");
    /** The middle months of winter, spring, summer and autumn. */
    private static final List<Integer> MONTHS = List.of(1, 4, 7, 10);

    private static final int PER_CLIENT = 60;
    private static final int WITHOUT_OCCASION = 20;
    private static final String NONE = "-";
    /** 97.5 % quantile of the normal distribution. */
    private static final double Z = 1.96;

    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());

    private RatedDraws() {}

    public static void main(String[] arguments) throws IOException {
        List<Path> files = Arrays.stream(arguments).skip(1).map(Path::of).toList();
        switch (arguments[0]) {
            case "draw" -> draw(Long.parseLong(arguments[1]), files.get(1));
            case "report" -> report(read(files));
            case "blame" -> blame(read(files));
            case "measures" -> measures(read(files));
            default -> throw new IllegalArgumentException("draw, report, blame or measures, not " + arguments[0]);
        }
    }

    /** A client, and what for: no month and no occasion, or both. */
    private record Cell(String client, Integer month, String occasion) {
        static List<Cell> of(String client) {
            List<Cell> cells = new ArrayList<>();
            question(new Cell(client, null, null))
                    .wardrobe()
                    .brief()
                    .occasions()
                    .forEach(occasion -> MONTHS.forEach(month -> cells.add(new Cell(client, month, occasion.name()))));
            return cells;
        }

        String words() {
            return occasion == null ? "no occasion" : occasion + " in month " + month;
        }
    }

    private static Question question(Cell cell) {
        if (cell.occasion == null) {
            return DemoWardrobe.question(cell.client, Map.of("countedSlots", "outfits"));
        }
        Question plain = question(new Cell(cell.client, null, null));
        Map<String, Object> context = new LinkedHashMap<>();
        context.put("months", List.of(cell.month));
        context.put(
                "occasion",
                plain.wardrobe().brief().occasions().stream()
                        .filter(occasion -> occasion.name().equals(cell.occasion))
                        .map(OccasionReader::write)
                        .findFirst()
                        .orElseThrow());
        context.put("countedSlots", "outfits");
        return DemoWardrobe.question(cell.client, context);
    }

    private static void draw(long seed, Path file) throws IOException {
        Random random = new Random(seed);
        List<String> lines = new ArrayList<>();
        for (String client : CLIENTS) {
            List<Cell> cells = Cell.of(client);
            for (int i = 0; i < PER_CLIENT; i++) {
                Cell cell =
                        i < WITHOUT_OCCASION ? new Cell(client, null, null) : cells.get(random.nextInt(cells.size()));
                Combination one = any(question(cell), random);
                if (one == null) {
                    i--;
                    cells.remove(cell);
                    continue;
                }
                lines.add(line(lines.size() + 1, cell, one));
            }
        }
        Files.write(file, lines);
    }

    private static Combination any(Question question, Random random) {
        CountQuestion counted = question.toCount().withoutCompletions();
        BigInteger total = COUNTER.totals(counted, Progress.NONE).total();
        if (total.signum() == 0) {
            return null;
        }
        long place = Math.floorMod(random.nextLong(), total.longValueExact());
        return COUNTER.list(counted, place, 1, Progress.NONE).combinations().get(0);
    }

    private static String line(int number, Cell cell, Combination one) {
        Question question = question(cell);
        Map<Slot, List<PieceId>> slots = new LinkedHashMap<>(one.slots());
        one.filled().forEach(slots::putIfAbsent);
        Outfit worn = judged(question, slots).outfit();
        return String.join(
                "\t",
                String.valueOf(number),
                cell.client,
                cell.month == null ? NONE : cell.month.toString(),
                cell.occasion == null ? NONE : cell.occasion,
                slots.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(entry ->
                                entry.getKey().id() + "=" + entry.getValue().get(0))
                        .collect(Collectors.joining(" ")),
                worn.worn().stream().map(RatedDraws::words).collect(Collectors.joining("; ")),
                "",
                "");
    }

    private static String words(Worn worn) {
        String finish = worn.finishes().stream().map(f -> f.words()).collect(Collectors.joining(", "));
        return worn.slot().words() + ": " + worn.piece().label() + (finish.isEmpty() ? "" : " (" + finish + ")");
    }

    private static Judgement judged(Question question, Map<Slot, List<PieceId>> slots) {
        Map<PieceId, Piece> pieces =
                question.wardrobe().pieces().stream().collect(Collectors.toMap(Piece::id, piece -> piece));
        List<Worn> worn = slots.entrySet().stream()
                .map(entry -> Worn.of(
                        entry.getKey(),
                        entry.getValue().stream().map(pieces::get).toList()))
                .toList();
        return new Judge(Catalogue.standard(), question.contexts().get(0)).best(Outfit.of(worn));
    }

    /** One rated outfit, judged as the rules stand now. */
    private record Rated(Cell cell, String words, char strict, char generous, Judgement judgement, OutfitScore score) {
        double good() {
            return (isGood(strict) + isGood(generous)) / 2.0;
        }

        private static int isGood(char rating) {
            return rating == 'A' || rating == 'B' ? 1 : 0;
        }

        boolean isRefused() {
            return good() == 0;
        }

        boolean isGlad() {
            return strict == 'A' && generous == 'A';
        }

        boolean works() {
            return judgement.verdict() == Verdict.WORKS;
        }

        String structure() {
            boolean mid = judgement.outfit().in(Slot.MID).isPresent();
            boolean jacket = judgement.outfit().in(Slot.JACKET).isPresent();
            String layers = mid && jacket ? " with both" : mid ? " with a mid" : jacket ? " with a jacket" : "";
            return judgement.summary().structure().words().replaceAll(" over .*", "") + layers;
        }
    }

    private static List<Rated> read(List<Path> files) throws IOException {
        List<Rated> rated = new ArrayList<>();
        for (Path file : files) {
            for (String line : Files.readAllLines(file)) {
                String[] cells = line.split("\t", -1);
                if (!cells[6].isBlank()) {
                    rated.add(rated(cells));
                }
            }
        }
        return rated;
    }

    private static Rated rated(String[] cells) {
        boolean plain = cells[3].equals(NONE);
        Cell cell = new Cell(cells[1], plain ? null : Integer.valueOf(cells[2]), plain ? null : cells[3]);
        Map<Slot, List<PieceId>> slots = new LinkedHashMap<>();
        for (String pair : cells[4].split(" ")) {
            String[] parts = pair.split("=");
            Slot slot = Arrays.stream(Slot.values())
                    .filter(s -> s.id().equals(parts[0]))
                    .findFirst()
                    .orElseThrow();
            slots.put(slot, List.of(new PieceId(parts[1])));
        }
        Question question = question(cell);
        Judgement judgement = judged(question, slots);
        OutfitScore score = OutfitScore.of(
                judgement.outfit().worn(),
                judgement.points(),
                question.contexts().get(0));
        return new Rated(cell, cells[5], cells[6].charAt(0), cells[7].charAt(0), judgement, score);
    }

    private static void report(List<Rated> rated) {
        List<Rated> work = rated.stream().filter(Rated::works).toList();
        System.out.printf("%d rated, %d of them work as the rules stand now%n", rated.size(), work.size());
        row("all", work);
        group("by structure", work, Rated::structure);
        group("by client", work, one -> one.cell.client);
        group("by month", work, one -> String.valueOf(one.cell.month));
        group(
                "by occasion",
                work,
                one -> one.cell.client + ", " + one.cell.words().replaceAll(" in month.*", ""));
        System.out.println("area under the curve, good against the rest and gladly against fine");
        curve("points", work, one -> -one.judgement.points());
        curve("credits", work, one -> one.judgement.credits());
        curve("score", work, one -> one.score().total());
    }

    private static void group(String title, List<Rated> work, Function<Rated, String> by) {
        System.out.println(title);
        work.stream()
                .collect(Collectors.groupingBy(by, TreeMap::new, Collectors.toList()))
                .forEach(RatedDraws::row);
    }

    /** Share rated A or B in the mean of both eyes, with the interval of Wilson (doi:10.1080/01621459.1927.10502953). */
    private static void row(String name, List<Rated> some) {
        double n = some.size();
        double p = some.stream().mapToDouble(Rated::good).average().orElse(0);
        double centre = (p + Z * Z / (2 * n)) / (1 + Z * Z / n);
        double half = Z / (1 + Z * Z / n) * Math.sqrt(p * (1 - p) / n + Z * Z / (4 * n * n));
        double strict = some.stream()
                .mapToDouble(one -> Rated.isGood(one.strict))
                .average()
                .orElse(0);
        double refused = some.stream().filter(Rated::isRefused).count() / n;
        System.out.printf(
                "  %-45s %4.0f  A or B %3.0f %% (%2.0f–%3.0f)  strict %3.0f %%  refused by both %3.0f %%%n",
                name, n, 100 * p, 100 * (centre - half), 100 * (centre + half), 100 * strict, 100 * refused);
    }

    private static void curve(String name, List<Rated> work, ToDoubleFunction<Rated> value) {
        List<Rated> good = work.stream().filter(one -> one.good() == 1).toList();
        List<Rated> rest = work.stream().filter(one -> one.good() < 1).toList();
        List<Rated> glad = good.stream().filter(Rated::isGlad).toList();
        List<Rated> fine = good.stream().filter(one -> !one.isGlad()).toList();
        System.out.printf("  %-10s %.2f  %.2f%n", name, area(good, rest, value), area(glad, fine, value));
    }

    /** The chance that one of the better has the greater value than one of the worse, ties counted half. */
    private static double area(List<Rated> better, List<Rated> worse, ToDoubleFunction<Rated> value) {
        double sum = 0;
        for (Rated one : better) {
            for (Rated other : worse) {
                int order = Double.compare(value.applyAsDouble(one), value.applyAsDouble(other));
                sum += order > 0 ? 1 : order == 0 ? 0.5 : 0;
            }
        }
        return sum / ((double) better.size() * worse.size());
    }

    private static void measures(List<Rated> rated) {
        System.out.println("good,glad,"
                + Arrays.stream(OutfitScore.Kind.values()).map(Word::id).collect(Collectors.joining(",")));
        for (Rated one : rated) {
            if (one.works()) {
                System.out.println(one.good() + "," + one.isGlad() + ","
                        + OutfitScore.measures(
                                        one.judgement.outfit().worn(),
                                        one.judgement.points(),
                                        question(one.cell).contexts().get(0))
                                .values()
                                .stream()
                                .map(String::valueOf)
                                .collect(Collectors.joining(",")));
            }
        }
    }

    private static void blame(List<Rated> rated) {
        rated.stream()
                .sorted(Comparator.comparing(Rated::good))
                .forEach(one -> System.out.printf(
                        "%c%c %-6s %s | %s | %s%n",
                        one.strict,
                        one.generous,
                        one.judgement.verdict().id(),
                        one.cell.words(),
                        one.words,
                        one.judgement.findings().stream()
                                .map(Finding::rule)
                                .distinct()
                                .collect(Collectors.joining(" "))));
    }
}
