package jomble.core.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.brief.Avoidance;
import jomble.core.brief.Brief;
import jomble.core.brief.Occasion;
import jomble.core.brief.Requirement;
import jomble.core.climate.ClimateMonth;
import jomble.core.colour.Colour;
import jomble.core.judgement.HouseRules;
import jomble.core.piece.Kind;
import jomble.core.piece.Word;

/** Writes a wardrobe document as a tree of maps, lists and values. Of the studio's own kinds, those that pieces are of. */
public final class WardrobeWriter {
    private WardrobeWriter() {}

    public static Map<String, Object> write(Wardrobe wardrobe) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("format", WardrobeReader.FORMAT);
        tree.put("version", WardrobeReader.VERSION);
        tree.put("brief", brief(wardrobe.brief()));
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
                        .map(set -> tree("id", set.id(), "kind", set.kind().id(), "label", set.label()))
                        .toList());
        tree.put("overrides", OverrideReader.write(wardrobe.overrides()));
        if (!wardrobe.rules().equals(HouseRules.NONE)) {
            tree.put("rules", HouseRulesReader.write(wardrobe.rules()));
        }
        tree.put("wears", WearReader.write(wardrobe.wears()));
        for (String name : WardrobeReader.CARRIED) {
            tree.put(name, wardrobe.carried().getOrDefault(name, List.of()));
        }
        return tree;
    }

    public static Map<String, Object> brief(Brief brief) {
        Map<String, Object> boundaries = tree(
                "coverage", ids(brief.boundaries().coverage()),
                "avoid",
                        brief.boundaries().avoid().stream()
                                .map(WardrobeWriter::avoidance)
                                .toList(),
                "sensitivities", ids(brief.boundaries().sensitivities()),
                "maxHeelCm", brief.boundaries().maxHeelCm(),
                "tucks", brief.boundaries().tucks());
        Map<String, Object> palette = tree(
                "base", hexes(brief.palette().base()),
                "accents", hexes(brief.palette().accents()),
                "avoid", hexes(brief.palette().avoid()));
        Map<String, Object> heights = tree("statureCm", brief.heights().statureCm());
        brief.heights().measuredCm().forEach((landmark, cm) -> heights.put(landmark.fieldName(), cm));
        return tree(
                "boundaries", boundaries,
                "palette", palette,
                "metals", id(brief.metals()),
                "pmvOffset", brief.pmvOffset(),
                "heights", heights,
                "lengthenLeg", brief.lengthenLeg(),
                "hair", hex(brief.hair()),
                "skin", hex(brief.skin()),
                "laundry",
                        tree(
                                "intervalDays", brief.laundry().intervalDays(),
                                "dryCleanVisitsPerMonth", brief.laundry().dryCleanVisitsPerMonth()),
                "occasions",
                        brief.occasions().stream().map(WardrobeWriter::occasion).toList(),
                "climate", brief.climate().stream().map(WardrobeWriter::month).toList());
    }

    public static Map<String, Object> occasion(Occasion occasion) {
        return tree(
                "name", occasion.name(),
                "formalityLow", occasion.formalityLow(),
                "formalityHigh", occasion.formalityHigh(),
                "requires",
                        occasion.requires().stream()
                                .map(WardrobeWriter::requirement)
                                .toList(),
                "setting", occasion.setting().id(),
                "work", occasion.work(),
                "maxHeelCm", occasion.maxHeelCm(),
                "outdoorMinutes", occasion.outdoorMinutes(),
                "met", occasion.met(),
                "timesPerWeek", occasion.timesPerWeek(),
                "months", occasion.months(),
                "audience", occasion.audience());
    }

    private static Object requirement(Requirement requirement) {
        boolean named = !requirement.colours().isEmpty();
        return named
                ? tree(requirement.code().id(), hexes(requirement.colours()))
                : requirement.code().id();
    }

    private static Map<String, Object> avoidance(Avoidance avoidance) {
        return tree(
                "kind", avoidance.kind(),
                "fibre", id(avoidance.fibre()),
                "colour", hex(avoidance.colour()),
                "pattern", id(avoidance.pattern()),
                "metal", id(avoidance.metal()));
    }

    private static Map<String, Object> month(ClimateMonth month) {
        return tree(
                "month", month.month(),
                "lowC", month.lowC(),
                "highC", month.highC(),
                "humidity", month.humidityPercent(),
                "windMs", month.windMs(),
                "rainDays", month.rainDays());
    }

    private static List<String> ids(List<? extends Word> words) {
        return words.stream().map(Word::id).toList();
    }

    private static String id(Word word) {
        return word == null ? null : word.id();
    }

    private static List<String> hexes(List<Colour> colours) {
        return new ArrayList<>(colours.stream().map(Colour::hex).toList());
    }

    private static String hex(Colour colour) {
        return colour == null ? null : colour.hex();
    }

    /** A map in the order given, without the entries that are null. */
    private static Map<String, Object> tree(Object... namesAndValues) {
        Map<String, Object> tree = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            if (namesAndValues[i + 1] != null) {
                tree.put((String) namesAndValues[i], namesAndValues[i + 1]);
            }
        }
        return tree;
    }
}
