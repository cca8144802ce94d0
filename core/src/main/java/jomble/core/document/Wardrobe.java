package jomble.core.document;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Brief;
import jomble.core.capsule.CapsuleProblem;
import jomble.core.capsule.SavedCapsule;
import jomble.core.formula.SavedFormula;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Schools;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Family;
import jomble.core.piece.Kind;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.wear.Wear;
import jomble.core.wear.WearLog;

/**
 * Everything about one client's clothes. Invariant: ids of pieces and of sets are unique; every set a piece names exists.
 *
 * @param kinds the studio's own kinds it was read with
 * @param overrides rulings over the rules
 * @param rules how the rules are set for this client, where otherwise than in the studio
 * @param capsules that were saved; their ids are unique
 * @param outfits that were saved; their ids are unique
 * @param formulas that were saved; their ids are unique
 */
public record Wardrobe(
        Brief brief,
        List<Kind> kinds,
        List<Piece> pieces,
        List<PieceSet> sets,
        WearLog wears,
        Overrides overrides,
        HouseRules rules,
        List<SavedCapsule> capsules,
        List<SavedOutfit> outfits,
        List<SavedFormula> formulas) {
    public static final Wardrobe EMPTY = new Wardrobe(
            Brief.EMPTY,
            List.of(),
            List.of(),
            List.of(),
            WearLog.EMPTY,
            Overrides.NONE,
            HouseRules.NONE,
            List.of(),
            List.of(),
            List.of());

    public Wardrobe {
        kinds = List.copyOf(kinds);
        pieces = List.copyOf(pieces);
        sets = List.copyOf(sets);
        capsules = List.copyOf(capsules);
        outfits = List.copyOf(outfits);
        formulas = List.copyOf(formulas);
    }

    public Optional<Piece> find(PieceId id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    /** This wardrobe with other pieces. */
    public Wardrobe having(List<Piece> others) {
        return new Wardrobe(brief, kinds, others, sets, wears, overrides, rules, capsules, outfits, formulas);
    }

    /** This wardrobe with one more wear in its log. */
    public Wardrobe worn(Wear wear) {
        List<Wear> log = new ArrayList<>(wears.wears());
        log.add(wear);
        return new Wardrobe(
                brief, kinds, pieces, sets, new WearLog(log), overrides, rules, capsules, outfits, formulas);
    }

    /** This wardrobe with other rulings. */
    public Wardrobe ruled(Overrides others) {
        return new Wardrobe(brief, kinds, pieces, sets, wears, others, rules, capsules, outfits, formulas);
    }

    /** This wardrobe with other house rules. */
    public Wardrobe under(HouseRules others) {
        return new Wardrobe(brief, kinds, pieces, sets, wears, overrides, others, capsules, outfits, formulas);
    }

    /** This wardrobe with another brief. */
    public Wardrobe briefed(Brief other) {
        return new Wardrobe(other, kinds, pieces, sets, wears, overrides, rules, capsules, outfits, formulas);
    }

    /** This wardrobe with other saved capsules. */
    public Wardrobe keeping(List<SavedCapsule> others) {
        return new Wardrobe(brief, kinds, pieces, sets, wears, overrides, rules, others, outfits, formulas);
    }

    /** This wardrobe with other saved outfits. */
    public Wardrobe keepingOutfits(List<SavedOutfit> others) {
        return new Wardrobe(brief, kinds, pieces, sets, wears, overrides, rules, capsules, others, formulas);
    }

    /** This wardrobe with other saved formulas. */
    public Wardrobe keepingFormulas(List<SavedFormula> others) {
        return new Wardrobe(brief, kinds, pieces, sets, wears, overrides, rules, capsules, outfits, others);
    }

    public Optional<SavedCapsule> findCapsule(String capsuleId) {
        return capsules.stream()
                .filter(capsule -> capsule.id().equals(capsuleId))
                .findFirst();
    }

    /** The pieces of a capsule with those that do not count toward its size: what there is to wear for somebody who lives out of it. */
    public Wardrobe within(SavedCapsule capsule) {
        Set<PieceId> chosen = new HashSet<>(capsule.now().pieces());
        Set<Family> counted = CapsuleProblem.countedBy(new Schools(rules.schools()));
        return having(pieces.stream()
                .filter(piece -> chosen.contains(piece.id())
                        || !counted.contains(piece.kind().family()))
                .toList());
    }

    public Map<String, SetKind> setKinds() {
        Map<String, SetKind> kinds = new LinkedHashMap<>();
        sets.forEach(set -> kinds.put(set.id(), set.kind()));
        return kinds;
    }
}
