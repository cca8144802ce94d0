package jomble.core.sample;

import java.math.BigDecimal;
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
    private static final int WHOLE = 1000;
    private static final int TYPICAL_WEARS = 60;

    /** A kind with its share of a wardrobe in thousandths, and alternative cloths. */
    private record Share(String kind, int permille, List<String> cloths) {}

    private static final List<Share> SHARES = List.of(
            share("t-shirt", 60),
            share("long-sleeved-t-shirt", 25),
            share("polo-shirt", 12),
            share("shirt", 65, "linen", "denim", "flannel"),
            share("blouse", 55, "satin", "chiffon"),
            share("roll-neck", 25),
            share("fine-knit", 45),
            share("chunky-knit", 18, "cable-knit"),
            share("tunic", 10, "linen"),
            share("camisole", 18),
            share("thermal-top", 6),
            share("slip", 5),
            share("jeans", 42),
            share("chinos", 22, "corduroy", "linen"),
            share("tailored-trousers", 45, "flannel", "linen", "crepe"),
            share("culottes", 10, "linen"),
            share("shorts", 12),
            share("knee-skirt", 20, "tweed", "leather"),
            share("midi-skirt", 30, "satin", "flannel"),
            share("maxi-skirt", 8),
            share("sheath-dress", 14),
            share("wrap-dress", 14),
            share("shirt-dress", 12, "linen"),
            share("knit-dress", 10),
            share("jumpsuit", 6),
            share("cardigan", 34),
            share("waistcoat", 8, "flannel"),
            share("overshirt", 14, "corduroy", "linen"),
            share("padded-sleeveless-jacket", 6),
            share("blazer", 28, "flannel", "tweed", "linen"),
            share("denim-jacket", 7),
            share("leather-jacket", 7),
            share("knitted-jacket", 8),
            share("casual-jacket", 10, "corduroy"),
            share("trench-coat", 10),
            share("wool-coat", 18),
            share("parka", 8),
            share("raincoat", 8),
            share("trainers", 22),
            share("loafers", 20, "suede"),
            share("lace-up-shoes", 10),
            share("ballet-flats", 12),
            share("court-shoes", 12, "suede"),
            share("sandals", 12),
            share("ankle-boots", 18, "suede"),
            share("knee-boots", 6),
            share("socks", 12),
            share("sheer-tights", 6),
            share("opaque-tights", 8),
            share("belt", 16),
            share("tote-bag", 10),
            share("shoulder-bag", 12),
            share("felt-hat", 4),
            share("knitted-hat", 6),
            share("scarf", 22, "fine-knit", "satin"),
            share("necklace", 14),
            share("earrings", 14),
            share("watch", 4),
            share("short-gloves", 6),
            share("brooch", 5));

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

    private static Share share(String kind, int permille, String... cloths) {
        return new Share(kind, permille, List.of(cloths));
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
        if (isPatterned(share.kind())) {
            piece.put("pattern", any(PATTERNS));
            piece.put("patternScale", any(List.of("small", "medium", "large")));
            String second = any(NEUTRALS);
            if (!second.equals(colour)) {
                piece.put("colours", List.of(Map.of("hex", colour, "share", 0.7), Map.of("hex", second, "share", 0.3)));
            }
        }
        if (isCut(share.kind())) {
            piece.put("fit", any(FITS));
        }
        if (List.of("belt", "watch", "necklace", "earrings", "brooch").contains(share.kind())) {
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

    private boolean isPatterned(String kind) {
        boolean takes = List.of(
                        "shirt",
                        "blouse",
                        "t-shirt",
                        "midi-skirt",
                        "wrap-dress",
                        "shirt-dress",
                        "scarf",
                        "blazer",
                        "knee-skirt")
                .contains(kind);
        return takes && chance(300);
    }

    private boolean isCut(String kind) {
        boolean takes = List.of(
                        "t-shirt", "shirt", "blouse", "fine-knit", "cardigan", "blazer", "wool-coat", "chunky-knit")
                .contains(kind);
        return takes && chance(500);
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
