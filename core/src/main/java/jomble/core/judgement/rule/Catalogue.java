package jomble.core.judgement.rule;

import java.util.List;
import jomble.core.judgement.RuleCatalogue;

/** The rules of the house, in the order in which they are shown. */
public final class Catalogue {
    private static final RuleCatalogue STANDARD = new RuleCatalogue(List.of(
            new StructureRule(),
            new LayerOrderRule(),
            new LayerCollarRule(),
            new SeasonClothRule(),
            new WeatherWarmthRule(),
            new WeatherToesRule(),
            new FormalitySpreadRule(),
            new FormalityOccasionRule(),
            new SuitSeparableRule(),
            new SuitContrastRule(),
            new ColourNearMissRule(),
            new ColourFamiliesRule(),
            new PatternCountRule(),
            new PatternPairRule(),
            new LeatherMatchRule(),
            new MetalMatchRule(),
            new ProportionVolumeRule(),
            new ProportionThirdsRule()));

    private Catalogue() {}

    public static RuleCatalogue standard() {
        return STANDARD;
    }
}
