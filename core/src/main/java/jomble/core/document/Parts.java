package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.brief.Brief;
import jomble.core.capsule.SavedCapsule;
import jomble.core.document.part.EntryPart;
import jomble.core.document.part.Part;
import jomble.core.formula.SavedFormula;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Ruling;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Kind;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceSet;
import jomble.core.visit.Visit;
import jomble.core.visit.VisitPart;
import jomble.core.wear.Wear;
import jomble.core.wear.WearPart;

/** The parts of a wardrobe document. To add one, write its {@link Part} and list it here. */
public final class Parts {
    /** Pieces of a wardrobe. */
    public static final int MOST_PIECES = 20_000;

    public static final Part<Brief> BRIEF = new BriefPart();
    public static final Part<List<Kind>> KINDS = new KindPart();
    public static final Part<List<Piece>> PIECES = new PiecePart();
    public static final EntryPart<PieceSet> SETS = new SetPart();
    public static final EntryPart<Ruling> OVERRIDES = new RulingPart();
    public static final Part<HouseRules> RULES = new HouseRulesPart();
    public static final EntryPart<Wear> WEARS = new WearPart();
    public static final EntryPart<SavedCapsule> CAPSULES = new SavedCapsulePart();
    public static final EntryPart<SavedOutfit> OUTFITS = new SavedOutfitPart();
    public static final EntryPart<SavedFormula> FORMULAS = new SavedFormulaPart();
    public static final EntryPart<Visit> VISITS = new VisitPart();

    /** In the order they are read and written: kinds before pieces, pieces before what depends on them. */
    public static final List<Part<?>> ALL =
            List.of(BRIEF, KINDS, PIECES, SETS, OVERRIDES, RULES, WEARS, CAPSULES, OUTFITS, FORMULAS, VISITS);

    /** All but pieces and kinds. */
    public static final List<Part<?>> AROUND_PIECES =
            ALL.stream().filter(part -> part != PIECES && part != KINDS).toList();

    private static final Map<String, Part<?>> BY_NAME = byName();

    private Parts() {}

    /** @throws IllegalArgumentException when there is no such part */
    public static Part<?> named(String name) {
        Part<?> part = BY_NAME.get(name);
        if (part == null) {
            throw new IllegalArgumentException("no part of a wardrobe document is called " + name);
        }
        return part;
    }

    static List<String> names() {
        return new ArrayList<>(BY_NAME.keySet());
    }

    private static Map<String, Part<?>> byName() {
        Map<String, Part<?>> byName = new LinkedHashMap<>();
        ALL.forEach(part -> byName.put(part.name(), part));
        return byName;
    }
}
