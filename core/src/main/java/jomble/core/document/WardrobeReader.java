package jomble.core.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Brief;
import jomble.core.capsule.SavedCapsule;
import jomble.core.formula.SavedFormula;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Overrides;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;
import jomble.core.tree.Node;
import jomble.core.wear.WearLog;

/** Reads a wardrobe document from a parsed JSON tree. */
public final class WardrobeReader {
    public static final String FORMAT = "jomble-wardrobe";
    public static final int VERSION = 1;
    private static final List<String> FIELDS = List.of(
            "format",
            "version",
            "brief",
            "kinds",
            "pieces",
            "sets",
            "overrides",
            "rules",
            "capsules",
            "outfits",
            "formulas",
            "wears");
    private static final int MOST_PIECES = 20_000;

    private WardrobeReader() {}

    /**
     * Reads a whole document.
     *
     * @param known the kinds a piece may be of, besides those of the document itself
     * @throws jomble.core.tree.InvalidInputException naming everything that cannot be accepted
     */
    public static Wardrobe read(Object tree, Kinds known) {
        Node node = Node.root(tree);
        Wardrobe wardrobe = read(node, known);
        node.finish();
        return wardrobe;
    }

    /** Reads the document at a node where there must be one; problems are reported there. */
    public static Wardrobe required(Node node, Kinds known) {
        if (!node.isObject()) {
            node.reject("missing-wardrobe", "a wardrobe document is expected here");
        }
        return read(node, known);
    }

    /** Reads the document at the node; problems are reported there. Format and version may be left out. */
    static Wardrobe read(Node node, Kinds known) {
        node.fields(FIELDS);
        checkFormat(node);
        Brief brief = Values.given(node.field("brief"), BriefReader::read, Brief.EMPTY);
        Kinds kinds = KindReader.readAll(node.field("kinds"), known);
        List<Piece> pieces = pieces(node.field("pieces"), kinds);
        WearLog wears = WearReader.read(node.field("wears"));
        Overrides overrides = OverrideReader.read(node.field("overrides"));
        List<SavedCapsule> capsules = SavedCapsuleReader.readAll(node.field("capsules"));
        List<SavedOutfit> outfits = SavedOutfitReader.readAll(node.field("outfits"));
        List<SavedFormula> formulas = FormulaReader.readAll(node.field("formulas"));
        HouseRules rules = HouseRulesReader.read(node.field("rules"));
        return new Wardrobe(
                brief,
                kinds.own(),
                pieces,
                sets(node.field("sets"), pieces),
                wears,
                overrides,
                rules,
                capsules,
                outfits,
                formulas);
    }

    private static void checkFormat(Node node) {
        Node format = node.field("format");
        if (!format.isNull() && !FORMAT.equals(format.value())) {
            format.reject("unknown-format", "the format \"" + FORMAT + "\" is expected here");
        }
        Node version = node.field("version");
        if (!version.isNull()) {
            Integer number = version.integer(1, Integer.MAX_VALUE);
            if (number != null && number > VERSION) {
                version.reject("unknown-version", "version " + number + " is newer than this program reads");
            }
        }
    }

    private static List<Piece> pieces(Node node, Kinds kinds) {
        List<Piece> pieces = new ArrayList<>();
        Map<PieceId, String> seen = new HashMap<>();
        for (Node item : node.items(MOST_PIECES)) {
            Optional<Piece> piece = PieceReader.read(item, kinds);
            piece.ifPresent(p -> {
                String before = seen.putIfAbsent(p.id(), item.pointer());
                if (before != null) {
                    item.field("id").reject("twice", "the id " + p.id() + " stands at " + before + " already");
                }
                pieces.add(p);
            });
        }
        return pieces;
    }

    private static List<PieceSet> sets(Node node, List<Piece> pieces) {
        List<PieceSet> sets = new ArrayList<>();
        Set<String> seen = new LinkedHashSet<>();
        for (Node item : node.items(MOST_PIECES)) {
            item.fields(List.of("id", "kind", "label"));
            String id = item.field("id").text(1, 64);
            SetKind kind = Values.word(item.field("kind"), SetKind.class);
            String label = Values.given(item.field("label"), n -> n.text(0, 80), "");
            if (id != null && !seen.add(id)) {
                item.field("id").reject("twice", "the set " + id + " is given twice");
            } else if (id != null && kind != null) {
                sets.add(new PieceSet(id, kind, label));
            }
        }
        sets.addAll(undeclared(seen, pieces));
        return sets;
    }

    /** Sets that pieces name without any entry: a suit where one of them is a jacket, jewellery where all are. */
    private static List<PieceSet> undeclared(Set<String> declared, List<Piece> pieces) {
        Map<String, List<Piece>> members = new LinkedHashMap<>();
        for (Piece piece : pieces) {
            if (piece.setId() != null && !declared.contains(piece.setId())) {
                members.computeIfAbsent(piece.setId(), id -> new ArrayList<>()).add(piece);
            }
        }
        return members.entrySet().stream()
                .map(entry -> new PieceSet(entry.getKey(), kindOf(entry.getValue()), ""))
                .toList();
    }

    private static SetKind kindOf(List<Piece> members) {
        if (members.stream().anyMatch(piece -> piece.roles().contains(Slot.JACKET))) {
            return SetKind.SUIT;
        }
        boolean jewellery = members.stream().allMatch(piece -> piece.roles().contains(Slot.JEWELLERY));
        return jewellery ? SetKind.JEWELLERY : SetKind.CO_ORD;
    }
}
