package jomble.server.capsule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.capsule.CapsuleProblem;
import jomble.core.capsule.Need;
import jomble.core.document.CapsuleReader;
import jomble.core.document.Wardrobe;
import jomble.core.tree.Node;

/**
 * A request for capsules that share a core.
 *
 * @param core maximum number of shared pieces
 * @param parts the capsules by name
 */
record SharedAsked(int core, Map<String, CapsuleProblem> parts) {
    private static final int MOST_PARTS = 6;
    private static final int LARGEST_CORE = 60;
    private static final int USUAL_CORE = 8;
    private static final int LONGEST_NAME = 80;

    /** Reads the wishes, the size of the core and the groups; problems are reported at their node. */
    static SharedAsked read(Node node, Wardrobe wardrobe) {
        Node core = node.field("core");
        Integer size = core.isNull() ? (Integer) USUAL_CORE : core.integer(0, LARGEST_CORE);
        CapsuleProblem all = CapsuleReader.read(node.field("wishes"), wardrobe);
        Map<String, CapsuleProblem> parts =
                node.field("groups").isNull() ? bySeason(all) : byGroup(node.field("groups"), all);
        if (parts.size() > MOST_PARTS) {
            node.reject("too-many", "at most " + MOST_PARTS + " capsules are planned at once");
        }
        return new SharedAsked(size == null ? USUAL_CORE : size, parts);
    }

    private static Map<String, CapsuleProblem> bySeason(CapsuleProblem all) {
        Map<String, CapsuleProblem> parts = new LinkedHashMap<>();
        all.needs().stream().map(need -> need.season().name()).distinct().forEach(season -> {
            List<Need> needs = all.needs().stream()
                    .filter(need -> need.season().name().equals(season))
                    .toList();
            parts.put(season, all.needing(needs));
        });
        return parts;
    }

    private static Map<String, CapsuleProblem> byGroup(Node node, CapsuleProblem all) {
        Map<String, CapsuleProblem> parts = new LinkedHashMap<>();
        for (Node item : node.items(MOST_PARTS)) {
            item.fields(List.of("name", "occasions"));
            String name = item.field("name").text(1, LONGEST_NAME);
            List<String> occasions = item.field("occasions").items(LONGEST_NAME).stream()
                    .map(occasion -> occasion.text(1, LONGEST_NAME))
                    .toList();
            List<Need> needs = all.needs().stream()
                    .filter(need -> occasions.contains(need.occasion().name()))
                    .toList();
            if (needs.isEmpty()) {
                item.field("occasions").reject("none", "none of these occasions comes in these seasons");
            } else if (name != null && parts.put(name, all.needing(needs)) != null) {
                item.field("name").reject("twice", "there is a group " + name + " already");
            }
        }
        if (parts.isEmpty()) {
            node.reject("none", "at least one group of occasions is expected here");
            parts.put("", all);
        }
        return parts;
    }
}
