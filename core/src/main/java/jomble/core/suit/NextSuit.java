package jomble.core.suit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jomble.core.counting.CountingStoppedException;
import jomble.core.counting.Progress;
import jomble.core.document.PieceReader;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.SetKind;
import jomble.core.piece.Trait;
import jomble.core.tree.Node;

/**
 * Finds what the next suit should be like: among all suits in the usual colours, cloths, patterns and cuts, those whose
 * jacket goes with the most bottoms and whose trousers go with the most jackets in the wardrobe. Exact: all of them are
 * tried.
 */
public final class NextSuit {
    private static final String SET = "next-suit";
    private static final int MOST = 3;

    /** The attributes of a suit and their values, in order of preference in a tie. */
    private static final Map<String, List<String>> CHOICES = choices();

    private static final Map<String, String> COLOURS = colours();

    private final RuleCatalogue catalogue;
    private final List<JudgementContext> contexts;
    private final SuitGrid.Grid grid;
    private final Map<Map<String, String>, Integer> ofTrousers = new HashMap<>();
    private final Map<Map<String, String>, Integer> ofJackets = new HashMap<>();
    private final SuitGrid judged;

    /** @param contexts as in {@link SuitGrid} */
    public NextSuit(RuleCatalogue catalogue, List<JudgementContext> contexts, List<Piece> pieces) {
        this.catalogue = catalogue;
        this.contexts = contexts.stream().map(NextSuit::withTheNext).toList();
        this.judged = new SuitGrid(this.catalogue, this.contexts);
        this.grid = judged.of(pieces);
    }

    private static JudgementContext withTheNext(JudgementContext context) {
        Map<String, SetKind> kinds = new HashMap<>(context.setKinds());
        kinds.put(SET, SetKind.SUIT);
        return context.with(kinds);
    }

    private static Map<String, List<String>> choices() {
        Map<String, List<String>> choices = new LinkedHashMap<>();
        choices.put("colour", List.copyOf(colours().keySet()));
        choices.put("cloth", List.of("worsted", "flannel", "tweed", "corduroy", "linen", "twill"));
        choices.put("pattern", List.of("solid", "herringbone", "windowpane", "pinstripe"));
        choices.put("structure", List.of("soft", "half-structured", "structured"));
        choices.put("pockets", List.of("patch", "flap"));
        return choices;
    }

    private static Map<String, String> colours() {
        Map<String, String> colours = new LinkedHashMap<>();
        colours.put("navy", "#1f2a44");
        colours.put("charcoal", "#3b3f45");
        colours.put("mid grey", "#7d8087");
        colours.put("light grey", "#b3b5b8");
        colours.put("brown", "#54392a");
        colours.put("tan", "#b0895c");
        colours.put("olive", "#59583a");
        colours.put("bottle green", "#1f4537");
        colours.put("burgundy", "#571f2c");
        return colours;
    }

    /**
     * A suit to buy.
     *
     * @param attributes colour, cloth, pattern, structure and pockets
     * @param withJacket number of bottoms its jacket goes with
     * @param withTrousers number of jackets its trousers go with
     * @param otherwise by attribute, the number of jackets and bottoms each other value would go with
     */
    public record Candidate(
            Map<String, String> attributes,
            int withJacket,
            int withTrousers,
            Map<String, Map<String, Integer>> otherwise) {
        public int opens() {
            return withJacket + withTrousers;
        }
    }

    /**
     * The best suits, one for each colour.
     *
     * @return empty when the wardrobe has nothing tailored to wear them with
     * @throws CountingStoppedException when the progress listener asks to stop
     */
    public List<Candidate> best(Progress progress) {
        if (grid.jackets().isEmpty() && grid.bottoms().isEmpty()) {
            return List.of();
        }
        List<Map<String, String>> all = new ArrayList<>(List.of(Map.of()));
        CHOICES.forEach((name, values) -> {
            List<Map<String, String>> longer = new ArrayList<>();
            all.forEach(suit -> values.forEach(value -> longer.add(with(suit, name, value))));
            all.clear();
            all.addAll(longer);
        });
        Map<Map<String, String>, Integer> opens = new LinkedHashMap<>();
        for (int i = 0; i < all.size(); i++) {
            if (!progress.goOn((double) i / all.size())) {
                throw new CountingStoppedException();
            }
            opens.put(all.get(i), opens(all.get(i)));
        }
        List<Candidate> best = new ArrayList<>();
        Set<String> colours = new HashSet<>();
        opens.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .filter(suit -> colours.add(suit.get("colour")))
                .limit(MOST)
                .forEach(suit -> best.add(candidate(suit)));
        return best;
    }

    private Candidate candidate(Map<String, String> suit) {
        Map<String, Map<String, Integer>> otherwise = new LinkedHashMap<>();
        CHOICES.forEach((name, values) -> {
            Map<String, Integer> others = new LinkedHashMap<>();
            values.stream()
                    .filter(value -> !value.equals(suit.get(name)))
                    .forEach(value -> others.put(value, opens(with(suit, name, value))));
            otherwise.put(name, others);
        });
        return new Candidate(suit, withJacket(suit), withTrousers(suit), otherwise);
    }

    private int opens(Map<String, String> suit) {
        return withJacket(suit) + withTrousers(suit);
    }

    private int withJacket(Map<String, String> suit) {
        return ofJackets.computeIfAbsent(suit, key -> {
            Piece jacket = piece(Trait.SUIT_JACKET, key);
            return (int) grid.bottoms().stream()
                    .filter(bottom -> judged.cell(jacket, null, bottom).verdict() == Verdict.WORKS)
                    .count();
        });
    }

    /** Pockets do not matter to trousers. */
    private int withTrousers(Map<String, String> suit) {
        return ofTrousers.computeIfAbsent(with(suit, "pockets", "flap"), key -> {
            Piece trousers = piece(Trait.TAILORED_TROUSERS, key);
            return (int) grid.jackets().stream()
                    .filter(jacket -> judged.cell(jacket, null, trousers).verdict() == Verdict.WORKS)
                    .count();
        });
    }

    private static Map<String, String> with(Map<String, String> suit, String name, String value) {
        Map<String, String> more = new LinkedHashMap<>(suit);
        more.put(name, value);
        return more;
    }

    private static Piece piece(Trait trait, Map<String, String> suit) {
        String kind = Kinds.shipped().first(trait).id();
        Map<String, Object> construction = new LinkedHashMap<>();
        construction.put("structure", suit.get("structure"));
        construction.put("lapel", "notch");
        construction.put("breasted", "single");
        construction.put("pockets", suit.get("pockets"));
        Node node = Node.root(Map.of(
                "id",
                SET + "-" + kind,
                "kind",
                kind,
                "colours",
                List.of(COLOURS.get(suit.get("colour"))),
                "cloth",
                suit.get("cloth"),
                "pattern",
                suit.get("pattern"),
                "construction",
                construction,
                "set",
                SET));
        Piece piece = PieceReader.read(node, Kinds.shipped()).orElseThrow();
        node.finish();
        return piece;
    }
}
