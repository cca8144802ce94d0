package jomble.core.document;

import java.util.Map;
import jomble.core.document.part.Part;
import jomble.core.judgement.HouseRules;
import jomble.core.tree.Node;

/** How the rules are set for this client, see {@link HouseRulesReader}. */
final class HouseRulesPart extends Part<HouseRules> {
    HouseRulesPart() {
        super("rules", HouseRules.NONE);
    }

    @Override
    public HouseRules read(Node node, Before before) {
        return HouseRulesReader.read(node);
    }

    @Override
    public Object write(HouseRules rules) {
        return rules.equals(HouseRules.NONE) ? null : HouseRulesReader.write(rules);
    }

    @Override
    public Map<String, Object> schema() {
        return Map.of("type", "object");
    }
}
