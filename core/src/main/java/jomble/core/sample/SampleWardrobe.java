package jomble.core.sample;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Generates a plausible wardrobe: usual shares of tops, bottoms and the rest, suitable cloths, a few patterns, colours
 * by taste, prices and wears. Deterministic for a seed.
 */
public final class SampleWardrobe {
    private static final String TABLE = "/jomble/core/sample/shares.txt";
    private static final int WHOLE = 1000;
    private static final int TYPICAL_WEARS = 60;

    /**
     * A kind in a wardrobe.
     *
     * @param permille its share
     * @param cloths it may be of besides its usual one
     * @param varies what else may be set: print, fit, metal
     */
    private record Share(String kind, int permille, List<String> cloths, List<String> varies) {}

    private static final List<Share> SHARES = load();

    private static final List<String> NEUTRALS = List.of(
            "#f4f2ec", "#e6dcc8", "#1a1b1e", "#1f2a44", "#2b3650", "#6d6f74", "#b9babd", "#b58a59", "#8a6a48",
            "#4a3426", "#585a3a", "#31496b");
    private static final List<String> HUES = List.of(
            "#b5522b", "#a8283a", "#7b1f45", "#d5a12d", "#2f6b4a", "#1f6f74", "#3d66a8", "#5b4a8a", "#c76b8a",
            "#8bb3a3", "#e08a5b", "#27538c");
    private static final List<String> METALS = List.of("silver", "silver", "silver", "gold", "gold", "brass");
    private static final List<String> PATTERNS =
            List.of("stripe", "stripe", "check", "dot", "floral", "floral", "geometric", "abstract", "fleck");
    private static final List<String> FITS = List.of("close", "regular", "regular", "regular", "relaxed", "oversized");

    private final Random random;
    private final double hueShare;

    private SampleWardrobe(long seed, double hueShare) {
        this.random = new Random(seed);
        this.hueShare = hueShare;
    }

    private static List<Share> load() {
        try (InputStream in = SampleWardrobe.class.getResourceAsStream(TABLE);
                BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return reader.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(" \\| "))
                    .map(cells -> new Share(cells[0], Integer.parseInt(cells[1]), words(cells[2]), words(cells[3])))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> words(String cell) {
        return cell.equals("-") ? List.of() : List.of(cell.split(","));
    }

    /**
     * Pieces in document form, with ids p1, p2 and so on.
     *
     * @param size how many
     * @param hueShare share of pieces whose colour is a hue rather than a neutral, 0..1
     */
    public static List<Map<String, Object>> pieces(long seed, int size, double hueShare) {
        return new SampleWardrobe(seed, hueShare).pieces(size);
    }

    private List<Map<String, Object>> pieces(int size) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        int total = SHARES.stream().mapToInt(Share::permille).sum();
        double owed = 0;
        for (Share share : SHARES) {
            owed += (double) size * share.permille() / total;
            while (pieces.size() < Math.round(owed)) {
                pieces.add(piece("p" + (pieces.size() + 1), share));
            }
        }
        return pieces;
    }

    private Map<String, Object> piece(String id, Share share) {
        Map<String, Object> piece = new LinkedHashMap<>();
        piece.put("id", id);
        piece.put("kind", share.kind());
        String colour = colour();
        piece.put("colours", List.of(colour));
        if (!share.cloths().isEmpty() && chance(350)) {
            piece.put("cloth", any(share.cloths()));
        }
        if (share.varies().contains("print") && chance(300)) {
            piece.put("pattern", any(PATTERNS));
            piece.put("patternScale", any(List.of("small", "medium", "large")));
            String second = any(NEUTRALS);
            if (!second.equals(colour)) {
                piece.put("colours", List.of(Map.of("hex", colour, "share", 0.7), Map.of("hex", second, "share", 0.3)));
            }
        }
        if (share.varies().contains("fit") && chance(500)) {
            piece.put("fit", any(FITS));
        }
        if (share.varies().contains("metal")) {
            piece.put("metal", any(METALS));
            if (chance(150)) {
                piece.put("show", "statement");
            }
        }
        if (chance(930)) {
            piece.put("decision", "keep");
        }
        piece.put("wearsBefore", random.nextInt(TYPICAL_WEARS));
        piece.put("cost", Map.of("amount", BigDecimal.valueOf(15 + random.nextInt(180)), "currency", "EUR"));
        return piece;
    }

    private String colour() {
        return random.nextDouble() < hueShare ? any(HUES) : any(NEUTRALS);
    }

    private boolean chance(int permille) {
        return random.nextInt(WHOLE) < permille;
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
