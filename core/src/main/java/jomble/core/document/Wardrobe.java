package jomble.core.document;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.brief.Brief;
import jomble.core.capsule.CapsuleProblem;
import jomble.core.capsule.SavedCapsule;
import jomble.core.document.part.Part;
import jomble.core.formula.SavedFormula;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Schools;
import jomble.core.outfit.SavedOutfit;
import jomble.core.piece.Kind;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.PieceSet;
import jomble.core.piece.SetKind;
import jomble.core.wear.WearLog;

/**
 * Everything about one client's clothes: the value of each of the {@link Parts}. Immutable. Invariant: ids of pieces and of entries
 * are unique within their part; every set a piece names exists.
 */
public final class Wardrobe {
    public static final Wardrobe EMPTY = new Wardrobe(Map.of());

    /** Parts that are not empty. */
    private final Map<Part<?>, Object> values;

    private Wardrobe(Map<Part<?>, Object> values) {
        this.values = values;
    }

    /** The value of a part. */
    public <T> T get(Part<T> part) {
        Object value = values.get(part);
        @SuppressWarnings("unchecked") // with() puts in nothing else
        T typed = value == null ? part.empty() : (T) value;
        return typed;
    }

    /** This wardrobe with another value of one part. */
    public <T> Wardrobe with(Part<T> part, T value) {
        Map<Part<?>, Object> others = new HashMap<>(values);
        Object copy = value instanceof List<?> list ? List.copyOf(list) : value;
        if (copy.equals(part.empty())) {
            others.remove(part);
        } else {
            others.put(part, copy);
        }
        return new Wardrobe(Map.copyOf(others));
    }

    public Brief brief() {
        return get(Parts.BRIEF);
    }

    /** The studio's own kinds it was read with. */
    public List<Kind> kinds() {
        return get(Parts.KINDS);
    }

    public List<Piece> pieces() {
        return get(Parts.PIECES);
    }

    public List<PieceSet> sets() {
        return get(Parts.SETS);
    }

    public WearLog wears() {
        return new WearLog(get(Parts.WEARS));
    }

    /** Rulings that take precedence over the rules. */
    public Overrides overrides() {
        return new Overrides(get(Parts.OVERRIDES));
    }

    /** How the rules are set for this client, where otherwise than in the studio. */
    public HouseRules rules() {
        return get(Parts.RULES);
    }

    public List<SavedCapsule> capsules() {
        return get(Parts.CAPSULES);
    }

    public List<SavedOutfit> outfits() {
        return get(Parts.OUTFITS);
    }

    public List<SavedFormula> formulas() {
        return get(Parts.FORMULAS);
    }

    public Optional<Piece> find(PieceId id) {
        return pieces().stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    public Optional<SavedCapsule> findCapsule(String capsuleId) {
        return capsules().stream()
                .filter(capsule -> capsule.id().equals(capsuleId))
                .findFirst();
    }

    /** The pieces of a capsule with those that do not count toward its size: what there is to wear for somebody who lives out of it. */
    public Wardrobe within(SavedCapsule capsule) {
        Set<PieceId> chosen = new HashSet<>(capsule.now().pieces());
        Schools schools = CapsuleReader.schools(capsule, this);
        return with(
                Parts.PIECES,
                pieces().stream()
                        .filter(piece -> chosen.contains(piece.id()) || !CapsuleProblem.counts(piece, schools))
                        .toList());
    }

    public Map<String, SetKind> setKinds() {
        Map<String, SetKind> kinds = new LinkedHashMap<>();
        sets().forEach(set -> kinds.put(set.id(), set.kind()));
        return kinds;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Wardrobe wardrobe && values.equals(wardrobe.values);
    }

    @Override
    public int hashCode() {
        return values.hashCode();
    }

    @Override
    public String toString() {
        return values.toString();
    }
}
