package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import jomble.core.Json;
import jomble.core.counting.Counter;
import jomble.core.counting.Counts;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.document.OccasionReader;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which pieces of the demonstration are worn when and for what, as counted and as a stylist thinks. */
class SeasonTableTest {
    private static final Path DEMO = Path.of("../server/src/main/resources/demo");
    private static final String TABLE = "/jomble/core/judgement/seasons.txt";
    /** The middle months of winter, spring, summer and autumn. */
    private static final List<Integer> MONTHS = List.of(1, 4, 7, 10);

    private static final double LEAST_AGREED = 0.97;
    private static final Counter COUNTER = new DiagramCounter(Catalogue.standard());

    private static Stream<String> lines(String client) {
        List<String> all =
                Json.lines(TABLE).filter(line -> !line.startsWith("#")).toList();
        int from = all.indexOf("client " + client) + 1;
        return all.subList(from, all.size()).stream().takeWhile(line -> !line.startsWith("client"));
    }

    /**
     * What is worn must be among what works, and what is never worn must not; a piece worn at a pinch may be in either. That one rule
     * refuses a piece makes the outfit daring, not impossible, so most of what a stylist calls never is counted as at a pinch.
     */
    @Test
    void agreesWithTheStylistInNearlyEveryCell() throws IOException {
        int cells = 0;
        List<String> differ = new ArrayList<>();
        for (String client : List.of("ines-halvard", "tomas-redfern", "anjali-brandt")) {
            Map<String, String> counted = counted(client);
            for (String line : lines(client).toList()) {
                String[] parts = line.split(" ", 2);
                String thought = parts[1].replace(" ", "");
                String found = counted.get(parts[0]);
                for (int i = 0; i < thought.length(); i++) {
                    cells++;
                    boolean worn = found.charAt(i) == 'w';
                    if (thought.charAt(i) != 'p' && worn != (thought.charAt(i) == 'w')) {
                        differ.add(client + " " + parts[0] + " occasion " + (i / 4 + 1) + " month " + MONTHS.get(i % 4)
                                + ": thought " + thought.charAt(i) + ", counted " + found.charAt(i));
                    }
                }
            }
        }
        assertThat(1 - (double) differ.size() / cells)
                .as(() -> String.join("\n", differ))
                .isGreaterThanOrEqualTo(LEAST_AGREED);
    }

    /** Of each piece a letter for each occasion and month. */
    private static Map<String, String> counted(String client) throws IOException {
        Map<String, Object> wardrobe =
                Json.object(Files.readString(DEMO.resolve(client + ".json")).replace("'", "’"));
        Map<String, String> letters = new TreeMap<>();
        for (Map<String, Object> occasion : occasions(wardrobe)) {
            for (int month : MONTHS) {
                Counts counts = count(wardrobe, occasion, month);
                counts.perPiece().forEach((id, n) -> letters.merge(id.value(), letter(n), String::concat));
                Question question = question(wardrobe, occasion, month, false);
                question.wardrobe().pieces().stream()
                        .filter(piece -> !counts.perPiece().containsKey(piece.id()))
                        .forEach(piece -> letters.merge(piece.id().value(), "n", String::concat));
                daring(wardrobe, occasion, month, counts, letters);
            }
        }
        return letters;
    }

    /** What is in no outfit that works, but in a daring one, is worn at a pinch. */
    private static void daring(
            Map<String, Object> wardrobe,
            Map<String, Object> occasion,
            int month,
            Counts works,
            Map<String, String> letters) {
        Counts with = COUNTER.count(question(wardrobe, occasion, month, true).toCount(), List.of(), Progress.NONE);
        for (Map.Entry<PieceId, BigInteger> one : with.perPiece().entrySet()) {
            boolean never =
                    works.perPiece().getOrDefault(one.getKey(), BigInteger.ZERO).signum() == 0;
            if (never && one.getValue().signum() > 0) {
                letters.computeIfPresent(
                        one.getKey().value(), (id, said) -> said.substring(0, said.length() - 1) + "p");
            }
        }
    }

    private static String letter(BigInteger n) {
        return n.signum() > 0 ? "w" : "n";
    }

    private static Counts count(Map<String, Object> wardrobe, Map<String, Object> occasion, int month) {
        return COUNTER.count(question(wardrobe, occasion, month, false).toCount(), List.of(), Progress.NONE);
    }

    private static Question question(
            Map<String, Object> wardrobe, Map<String, Object> occasion, int month, boolean daring) {
        Map<String, Object> context = new LinkedHashMap<>();
        context.put("occasion", occasion);
        context.put("months", List.of(month));
        context.put("includeDaring", daring);
        context.put("asIfMended", true);
        Node node = Node.root(Map.of("wardrobe", wardrobe, "context", context));
        Question question = QuestionReader.read(node);
        node.finish();
        return question;
    }

    private static List<Map<String, Object>> occasions(Map<String, Object> wardrobe) {
        Node node = Node.root(Map.of("wardrobe", wardrobe, "context", Map.of("asIfMended", true)));
        return QuestionReader.read(node).wardrobe().brief().occasions().stream()
                .map(OccasionReader::write)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"ines-halvard", "tomas-redfern", "anjali-brandt"})
    void noSeasonIsTheSameAsNoWeather(String client) throws IOException {
        Map<String, Object> wardrobe =
                Json.object(Files.readString(DEMO.resolve(client + ".json")).replace("'", "’"));
        Map<String, Object> any = Map.of("name", "any occasion");
        Node node = Node.root(Map.of("wardrobe", wardrobe, "context", Map.of("asIfMended", true)));
        BigInteger plain = COUNTER.totals(QuestionReader.read(node).toCount(), Progress.NONE)
                .total();
        for (int month : MONTHS) {
            assertThat(COUNTER.totals(question(wardrobe, any, month, false).toCount(), Progress.NONE)
                            .total())
                    .as("month %d", month)
                    .isLessThan(plain);
        }
    }

    /** A ceremony has its saris all year. */
    @Test
    void aFamilyCeremonyHasSarisInEveryMonth() throws IOException {
        Map<String, String> counted = counted("anjali-brandt");
        assertThat(counted.get("p30").substring(8, 12)).isEqualTo("wwww");
        assertThat(counted.get("p31").substring(8, 12)).isEqualTo("wwww");
    }
}
