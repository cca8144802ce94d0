package jomble.core.document;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jomble.core.brief.Boundaries;
import jomble.core.brief.Brief;
import jomble.core.brief.Occasion;
import jomble.core.brief.Palette;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.tree.Node;

/**
 * One limit in a client's brief that excludes pieces or outfits, or may bring some back.
 *
 * @param pointer its place in the brief, as a JSON Pointer such as {@code /boundaries/avoid/0}; a school chosen for
 *     this client has the pointer {@code /rules/schools/} and its question
 * @param occasion the occasion it concerns, or null for all
 * @param without the wardrobe without it
 */
public record Limit(String pointer, String occasion, Wardrobe without) {
    /** Every limit of a wardrobe's brief, in document order, then the schools of its house rules. */
    public static List<Limit> of(Wardrobe wardrobe) {
        Brief brief = wardrobe.brief();
        Boundaries all = brief.boundaries();
        List<String> pointers = new ArrayList<>();
        addEach(pointers, "/boundaries/coverage/", all.coverage().size());
        addEach(pointers, "/boundaries/avoid/", all.avoid().size());
        addEach(pointers, "/boundaries/sensitivities/", all.sensitivities().size());
        addIf(pointers, "/boundaries/maxHeelCm", all.maxHeelCm() != null);
        addIf(pointers, "/boundaries/tucks", !all.tucks());
        Palette palette = brief.palette();
        addIf(pointers, "/palette/base", !palette.base().isEmpty());
        addIf(pointers, "/palette/accents", !palette.accents().isEmpty());
        addEach(pointers, "/palette/avoid/", palette.avoid().size());
        addIf(pointers, "/metals", brief.metals() != null);
        addIf(pointers, "/pmvOffset", brief.pmvOffset() != 0);
        addIf(pointers, "/lengthenLeg", brief.lengthenLeg());
        Map<String, Object> tree = BriefReader.write(brief);
        List<Limit> limits = new ArrayList<>(pointers.stream()
                .map(pointer -> new Limit(pointer, null, briefed(wardrobe, tree, pointer)))
                .toList());
        for (int i = 0; i < brief.occasions().size(); i++) {
            Occasion occasion = brief.occasions().get(i);
            List<String> own = new ArrayList<>();
            if (!occasion.isPaused()) {
                addIf(own, "/occasions/" + i + "/maxHeelCm", occasion.maxHeelCm() != null);
                addEach(
                        own,
                        "/occasions/" + i + "/requires/",
                        occasion.requires().size());
            }
            own.forEach(pointer -> limits.add(new Limit(pointer, occasion.name(), briefed(wardrobe, tree, pointer))));
        }
        wardrobe.rules()
                .schools()
                .keySet()
                .forEach(question -> limits.add(
                        new Limit("/rules/schools/" + question.id(), null, asTheStudio(wardrobe, question))));
        return limits;
    }

    private static void addEach(List<String> pointers, String list, int size) {
        IntStream.range(0, size).forEach(i -> pointers.add(list + i));
    }

    private static void addIf(List<String> pointers, String pointer, boolean isSet) {
        if (isSet) {
            pointers.add(pointer);
        }
    }

    private static Wardrobe briefed(Wardrobe wardrobe, Map<String, Object> brief, String pointer) {
        return wardrobe.with(Parts.BRIEF, BriefReader.read(Node.root(without(brief, pointer.substring(1)))));
    }

    /** A copy of a tree without the value at a path. */
    private static Object without(Object tree, String path) {
        int slash = path.indexOf('/');
        String step = slash < 0 ? path : path.substring(0, slash);
        if (tree instanceof List<?> list) {
            List<Object> copy = new ArrayList<>(list);
            int place = Integer.parseInt(step);
            Object removed = copy.remove(place);
            if (slash >= 0) {
                copy.add(place, without(removed, path.substring(slash + 1)));
            }
            return copy;
        }
        Map<String, Object> copy = new LinkedHashMap<>();
        ((Map<?, ?>) tree).forEach((name, value) -> copy.put(name.toString(), value));
        if (slash < 0) {
            copy.remove(step);
        } else {
            copy.put(step, without(copy.get(step), path.substring(slash + 1)));
        }
        return copy;
    }

    private static Wardrobe asTheStudio(Wardrobe wardrobe, SchoolSwitch question) {
        Map<SchoolSwitch, String> others = new EnumMap<>(SchoolSwitch.class);
        others.putAll(wardrobe.rules().schools());
        others.remove(question);
        return wardrobe.with(
                Parts.RULES, new HouseRules(others, wardrobe.rules().parameters()));
    }
}
