package jomble.core.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.judgement.HouseRules;
import jomble.core.piece.Kind;

/** Writes a wardrobe document as a tree of maps, lists and values. Of the studio's own kinds, those that pieces are of. */
public final class WardrobeWriter {
    private WardrobeWriter() {}

    public static Map<String, Object> write(Wardrobe wardrobe) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("format", WardrobeReader.FORMAT);
        tree.put("version", WardrobeReader.VERSION);
        tree.put("brief", BriefReader.write(wardrobe.brief()));
        List<Kind> used = wardrobe.kinds().stream()
                .filter(kind -> wardrobe.pieces().stream()
                        .anyMatch(piece -> piece.kind().equals(kind)))
                .toList();
        if (!used.isEmpty()) {
            tree.put("kinds", used.stream().map(KindReader::write).toList());
        }
        tree.put("pieces", wardrobe.pieces().stream().map(PieceReader::write).toList());
        tree.put(
                "sets",
                wardrobe.sets().stream()
                        .map(set ->
                                Values.tree("id", set.id(), "kind", set.kind().id(), "label", set.label()))
                        .toList());
        tree.put("overrides", OverrideReader.write(wardrobe.overrides()));
        if (!wardrobe.rules().equals(HouseRules.NONE)) {
            tree.put("rules", HouseRulesReader.write(wardrobe.rules()));
        }
        tree.put("wears", WearReader.write(wardrobe.wears()));
        tree.put("capsules", SavedCapsuleReader.write(wardrobe.capsules()));
        tree.put("outfits", SavedOutfitReader.write(wardrobe.outfits()));
        tree.put("formulas", FormulaReader.write(wardrobe.formulas()));
        return tree;
    }
}
