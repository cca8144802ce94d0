package jomble.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jomble.core.RandomPieces;
import jomble.core.document.Parts;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeWriter;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Node;
import org.junit.jupiter.api.Test;

/**
 * Random documents, whole and damaged, put to the judge: each is either refused with the place named, or judged with a reason for
 * every verdict. Some thousands of them, or as many as {@code -Djomble.fuzz-documents} says.
 */
class JudgeFuzzTest {
    private static final int DOCUMENTS = Integer.getInteger("jomble.fuzz-documents", 5_000);
    private static final long FIRST_SEED = Long.getLong("jomble.fuzz-seed", 20_270_112);
    private static final List<PieceSet> SETS = List.of(
            new PieceSet("s1", SetKind.SUIT, "One"),
            new PieceSet("s2", SetKind.JEWELLERY, "Two"),
            new PieceSet("s3", SetKind.CO_ORD, "Three"));
    private static final Object[] STRANGE = {
        null,
        "",
        "tweeed",
        "#12345",
        -1,
        0,
        1e300,
        Double.MAX_VALUE,
        Integer.MIN_VALUE,
        true,
        List.of(),
        Map.of(),
        List.of(List.of(List.of())),
        "\u0000\u202e\uD83E\uDDE5"
    };

    private int judged;
    private int refused;

    @Test
    void noDocumentBreaksTheJudge() {
        for (long seed = FIRST_SEED; seed < FIRST_SEED + DOCUMENTS; seed++) {
            tryOut(seed);
        }
        System.out.println("fuzz: " + judged + " judged, " + refused + " refused");
        assertThat(judged).isPositive();
        assertThat(refused).isPositive();
    }

    private void tryOut(long seed) {
        Random random = new Random(seed);
        Map<String, Object> request = request(random, seed);
        for (int i = random.nextInt(3); i > 0; i--) {
            damage(request, random);
        }
        try {
            Node node = Node.root(request);
            node.fields(List.of("wardrobe", "context", "outfits"));
            Question question = QuestionReader.read(node);
            List<Outfit> outfits = QuestionReader.outfits(node.field("outfits"), question.wardrobe());
            node.finish();
            question.contexts().forEach(context -> outfits.forEach(outfit -> judge(context, outfit, question, seed)));
            judged++;
        } catch (InvalidInputException e) {
            assertThat(e.problems()).as("seed " + seed).isNotEmpty().allSatisfy(problem -> {
                assertThat(problem.pointer()).isNotNull();
                assertThat(problem.message()).isNotBlank();
            });
            refused++;
        } catch (RuntimeException e) {
            throw new AssertionError("seed " + seed + " " + request, e);
        }
    }

    private static void judge(JudgementContext context, Outfit outfit, Question question, long seed) {
        Judgement judgement = new Judge(Catalogue.standard(), context).best(outfit);
        boolean stopped = judgement.findings().stream().anyMatch(f -> f.kind() == FindingKind.STOP);
        assertThat(judgement.verdict()).as("seed " + seed).isEqualTo(Verdict.of(stopped, judgement.points()));
        if (judgement.verdict() != Verdict.WORKS) {
            assertThat(judgement.findings())
                    .as("seed " + seed)
                    .anySatisfy(finding -> assertThat(FindingTexts.text(
                                    finding,
                                    id -> question.wardrobe()
                                            .find(id)
                                            .map(Piece::label)
                                            .orElse(id.value())))
                            .isNotBlank()
                            .doesNotContain("{"));
        }
    }

    private static Map<String, Object> request(Random random, long seed) {
        RandomPieces pieces = new RandomPieces(seed);
        List<Piece> own = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            own.add(pieces.piece("p" + i, List.of()));
        }
        Wardrobe wardrobe = Wardrobe.EMPTY.with(Parts.PIECES, own).with(Parts.SETS, SETS);
        Map<String, Object> slots = new LinkedHashMap<>();
        for (Piece piece : own) {
            Slot slot = random.nextInt(4) > 0 && !piece.roles().isEmpty()
                    ? piece.roles().get(0)
                    : Slot.values()[random.nextInt(Slot.values().length)];
            slots.putIfAbsent(slot.id(), piece.id().value());
        }
        Map<String, Object> weather = new LinkedHashMap<>();
        int low = random.nextInt(50) - 20;
        weather.put("lowC", low);
        weather.put("highC", low + random.nextInt(15));
        weather.put("rainChance", random.nextDouble());
        Map<String, Object> context = new LinkedHashMap<>();
        context.put("weather", random.nextBoolean() ? weather : null);
        context.put("countedSlots", random.nextBoolean() ? "looks" : "outfits");
        Map<String, Object> request = new LinkedHashMap<>();
        request.put("wardrobe", mutable(WardrobeWriter.write(wardrobe)));
        request.put("context", context);
        request.put("outfits", new ArrayList<Object>(List.of(slots)));
        return request;
    }

    @SuppressWarnings("unchecked")
    private static Object mutable(Object tree) {
        if (tree instanceof Map<?, ?> map) {
            Map<String, Object> copy = new LinkedHashMap<>();
            map.forEach((key, value) -> copy.put(key.toString(), mutable(value)));
            return copy;
        }
        if (tree instanceof List<?> list) {
            return new ArrayList<>(list.stream().map(JudgeFuzzTest::mutable).toList());
        }
        return tree;
    }

    /** Replaces, removes or adds something somewhere in the tree. */
    @SuppressWarnings("unchecked")
    private static void damage(Object tree, Random random) {
        if (tree instanceof Map<?, ?> map && !map.isEmpty()) {
            Map<String, Object> fields = (Map<String, Object>) map;
            String key = new ArrayList<>(fields.keySet()).get(random.nextInt(fields.size()));
            if (random.nextInt(3) > 0 && isTree(fields.get(key))) {
                damage(fields.get(key), random);
            } else if (random.nextInt(6) == 0) {
                fields.put(key + "x", strange(random));
            } else {
                fields.put(key, strange(random));
            }
        } else if (tree instanceof List<?> list && !list.isEmpty()) {
            List<Object> items = (List<Object>) list;
            int place = random.nextInt(items.size());
            if (random.nextInt(4) > 0 && isTree(items.get(place))) {
                damage(items.get(place), random);
            } else {
                items.set(place, strange(random));
            }
        }
    }

    private static boolean isTree(Object value) {
        return value instanceof LinkedHashMap || value instanceof ArrayList;
    }

    private static Object strange(Random random) {
        return STRANGE[random.nextInt(STRANGE.length)];
    }
}
