package jomble.core;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.Node;

/** Pieces with any attribute set to any value it takes, and kinds made from them, from a seed. */
public final class RandomPieces {
    private static final List<String> TEXTS =
            List.of("plain", "with, a comma", "\"quoted\"", "two\nlines", "لباس أزرق", "👗🧥", "semi;colon", "Ünïcode");
    private final Random random;

    public RandomPieces(long seed) {
        this.random = new Random(seed);
    }

    /** A kind of the studio's own, like any shipped one. */
    public Kind ownKind(String id) {
        return shippedKind().copy(id, List.of("our " + id), set());
    }

    public Piece piece(String id, List<Kind> own) {
        Kind kind = own.isEmpty() || random.nextBoolean() ? shippedKind() : own.get(random.nextInt(own.size()));
        return Piece.of(new PieceId(id), kind, set());
    }

    private Kind shippedKind() {
        return StableChoice.of(Kinds.shipped().all(), Kind::id, random);
    }

    private Map<Attribute<?>, Object> set() {
        Map<Attribute<?>, Object> set = new LinkedHashMap<>();
        for (Attribute<?> attribute : Attribute.all()) {
            if (random.nextInt(3) == 0) {
                Node node = Node.root(tree(attribute));
                set.put(attribute, attribute.read(node));
                node.finish();
            }
        }
        return set;
    }

    /** A value in document form. */
    private Object tree(Attribute<?> attribute) {
        double least = attribute.form().least();
        double most = attribute.form().most();
        return switch (attribute.form().name()) {
            case "word" -> any(attribute.words());
            case "words" -> List.of(any(attribute.words()));
            case "integer" -> (int) least + random.nextInt((int) (most - least) + 1);
            case "decimal" -> Math.round((least + random.nextDouble() * (most - least)) * 100) / 100.0;
            case "text" -> attribute == Attribute.SET ? any(List.of("s1", "s2", "s3")) : any(TEXTS);
            case "date" -> date();
            case "money" -> money();
            case "colours" ->
                random.nextBoolean()
                        ? List.of(hex())
                        : List.of(Map.of("hex", hex(), "share", 0.75), Map.of("hex", hex(), "share", 0.25));
            case "fibres" ->
                List.of(
                        Map.of("fibre", any(attribute.words()), "percent", 70),
                        Map.of("fibre", any(attribute.words()), "percent", 30));
            case "construction" -> Map.of("lapel", any(List.of("notch", "peak", "shawl")), "pockets", "flap");
            case "care" ->
                Map.of("method", "hand", "wearsBetween", 1 + random.nextInt(100), "iron", random.nextBoolean());
            case "errand" -> some(Map.of("what", any(TEXTS), "where", any(TEXTS), "by", date(), "cost", money()));
            case "tags" -> List.of("holiday", "سفر", "to sell");
            default -> throw new IllegalStateException("no values known of " + attribute.form());
        };
    }

    private Map<String, Object> some(Map<String, Object> parts) {
        Map<String, Object> some = new LinkedHashMap<>();
        parts.forEach((name, value) -> {
            if (name.equals("what") || random.nextBoolean()) {
                some.put(name, value);
            }
        });
        return some;
    }

    private Map<String, Object> money() {
        return Map.of(
                "amount", BigDecimal.valueOf(random.nextInt(1_000_000), 2), "currency", any(List.of("EUR", "GBP")));
    }

    private String date() {
        return LocalDate.of(2020, 1, 1).plusDays(random.nextInt(2000)).toString();
    }

    private String hex() {
        return String.format("#%06x", random.nextInt(1 << 24));
    }

    private <T> T any(List<T> list) {
        List<T> choices = new ArrayList<>(list);
        return choices.get(random.nextInt(choices.size()));
    }
}
