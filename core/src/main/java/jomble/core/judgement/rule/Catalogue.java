package jomble.core.judgement.rule;

import java.util.List;
import java.util.stream.Stream;
import jomble.core.judgement.Rule;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.rule.boundary.AvoidRule;
import jomble.core.judgement.rule.boundary.CoverageRule;
import jomble.core.judgement.rule.boundary.DressCodeRule;
import jomble.core.judgement.rule.boundary.HeelRule;
import jomble.core.judgement.rule.boundary.OccasionPieceRule;
import jomble.core.judgement.rule.boundary.OccasionSettingRule;
import jomble.core.judgement.rule.boundary.SensitivityRule;
import jomble.core.judgement.rule.boundary.TuckRule;
import jomble.core.judgement.rule.boundary.WorkPrintsRule;
import jomble.core.judgement.rule.boundary.WorkTuckedRule;
import jomble.core.judgement.rule.colour.BlackWithDarkRule;
import jomble.core.judgement.rule.colour.ColourClashRule;
import jomble.core.judgement.rule.colour.ColourEchoRule;
import jomble.core.judgement.rule.colour.ColourFamiliesRule;
import jomble.core.judgement.rule.colour.ColourNearMissRule;
import jomble.core.judgement.rule.colour.ColourPaletteRule;
import jomble.core.judgement.rule.colour.ColourPopRule;
import jomble.core.judgement.rule.colour.ColourPrintRule;
import jomble.core.judgement.rule.colour.ColourSchemeRule;
import jomble.core.judgement.rule.colour.LeatherMatchRule;
import jomble.core.judgement.rule.colour.LegLineRule;
import jomble.core.judgement.rule.colour.MetalMatchRule;
import jomble.core.judgement.rule.colour.VanishRule;
import jomble.core.judgement.rule.company.BottomsCompanyRule;
import jomble.core.judgement.rule.company.FestiveCompanyRule;
import jomble.core.judgement.rule.company.ShoesCompanyRule;
import jomble.core.judgement.rule.finishing.FinishNecklineRule;
import jomble.core.judgement.rule.finishing.FinishUnfinishedRule;
import jomble.core.judgement.rule.finishing.LongGlovesRule;
import jomble.core.judgement.rule.pattern.FocusOneRule;
import jomble.core.judgement.rule.pattern.PatternCountRule;
import jomble.core.judgement.rule.pattern.PatternPairRule;
import jomble.core.judgement.rule.pattern.QuietShoesRule;
import jomble.core.judgement.rule.pattern.SurfaceFlatRule;
import jomble.core.judgement.rule.proportion.ProportionCoatRule;
import jomble.core.judgement.rule.proportion.ProportionThirdsRule;
import jomble.core.judgement.rule.proportion.ProportionVolumeRule;
import jomble.core.judgement.rule.proportion.ProportionWaistRule;
import jomble.core.judgement.rule.tailoring.FormalityOccasionRule;
import jomble.core.judgement.rule.tailoring.FormalitySpreadRule;
import jomble.core.judgement.rule.tailoring.SuitCasualRule;
import jomble.core.judgement.rule.tailoring.SuitClothRule;
import jomble.core.judgement.rule.tailoring.SuitContrastRule;
import jomble.core.judgement.rule.tailoring.SuitDarkSideRule;
import jomble.core.judgement.rule.tailoring.SuitFitRule;
import jomble.core.judgement.rule.tailoring.SuitPickUpRule;
import jomble.core.judgement.rule.tailoring.SuitSeparableRule;
import jomble.core.judgement.rule.tailoring.SuitWaistcoatRule;
import jomble.core.judgement.rule.wearable.AvailableRule;
import jomble.core.judgement.rule.wearable.DrapedBorderRule;
import jomble.core.judgement.rule.wearable.DrapedPartsRule;
import jomble.core.judgement.rule.wearable.DressLayersRule;
import jomble.core.judgement.rule.wearable.FitsRule;
import jomble.core.judgement.rule.wearable.HemHeelRule;
import jomble.core.judgement.rule.wearable.HemShaftRule;
import jomble.core.judgement.rule.wearable.LayerBaseShowsRule;
import jomble.core.judgement.rule.wearable.LayerCollarRule;
import jomble.core.judgement.rule.wearable.LayerEnoughRule;
import jomble.core.judgement.rule.wearable.LayerHemRule;
import jomble.core.judgement.rule.wearable.LayerOrderRule;
import jomble.core.judgement.rule.wearable.LayerSheerRule;
import jomble.core.judgement.rule.wearable.LayerWeightRule;
import jomble.core.judgement.rule.wearable.OnePieceBeneathRule;
import jomble.core.judgement.rule.wearable.OpenShirtRule;
import jomble.core.judgement.rule.wearable.StructureRule;
import jomble.core.judgement.rule.wearable.WornAsTopRule;
import jomble.core.judgement.rule.weather.LegwearDenierRule;
import jomble.core.judgement.rule.weather.SeasonClothRule;
import jomble.core.judgement.rule.weather.SeasonWeatherRule;
import jomble.core.judgement.rule.weather.WeatherCoatRule;
import jomble.core.judgement.rule.weather.WeatherColdRule;
import jomble.core.judgement.rule.weather.WeatherHeatRule;
import jomble.core.judgement.rule.weather.WeatherToesRule;
import jomble.core.judgement.rule.weather.WeatherWarmthRule;
import jomble.core.judgement.rule.weather.WeatherWetRule;

/** The rules of the house, in the order in which they are shown. */
public final class Catalogue {
    private static final RuleCatalogue STANDARD = new RuleCatalogue(Stream.of(
                    putOnAtAll(),
                    boundaries(),
                    weather(),
                    tailoring(),
                    company(),
                    colour(),
                    pattern(),
                    proportion(),
                    finishing())
            .flatMap(List::stream)
            .toList());

    private Catalogue() {}

    public static RuleCatalogue standard() {
        return STANDARD;
    }

    private static List<Rule> putOnAtAll() {
        return List.of(
                new StructureRule(),
                new LayerOrderRule(),
                new LayerCollarRule(),
                new LayerHemRule(),
                new LayerSheerRule(),
                new LayerBaseShowsRule(),
                new OpenShirtRule(),
                new WornAsTopRule(),
                new LayerWeightRule(),
                new LayerEnoughRule(),
                new DressLayersRule(),
                new OnePieceBeneathRule(),
                new HemHeelRule(),
                new HemShaftRule(),
                new DrapedPartsRule(),
                new DrapedBorderRule(),
                new AvailableRule(),
                new FitsRule());
    }

    private static List<Rule> boundaries() {
        return List.of(
                new CoverageRule(),
                new AvoidRule(),
                new SensitivityRule(),
                new HeelRule(),
                new TuckRule(),
                new DressCodeRule(),
                new WorkTuckedRule(),
                new WorkPrintsRule(),
                new OccasionPieceRule(),
                new OccasionSettingRule());
    }

    private static List<Rule> weather() {
        return List.of(
                new SeasonClothRule(),
                new SeasonWeatherRule(),
                new WeatherWarmthRule(),
                new WeatherCoatRule(),
                new WeatherHeatRule(),
                new WeatherColdRule(),
                new WeatherWetRule(),
                new WeatherToesRule(),
                new LegwearDenierRule());
    }

    private static List<Rule> tailoring() {
        return List.of(
                new FormalitySpreadRule(),
                new FormalityOccasionRule(),
                new SuitSeparableRule(),
                new SuitClothRule(),
                new SuitContrastRule(),
                new SuitDarkSideRule(),
                new SuitFitRule(),
                new SuitWaistcoatRule(),
                new SuitCasualRule(),
                new SuitPickUpRule());
    }

    private static List<Rule> company() {
        return List.of(new BottomsCompanyRule(), new ShoesCompanyRule(), new FestiveCompanyRule());
    }

    private static List<Rule> colour() {
        return List.of(
                new ColourNearMissRule(),
                new BlackWithDarkRule(),
                new VanishRule(),
                new ColourFamiliesRule(),
                new ColourClashRule(),
                new ColourPrintRule(),
                new ColourEchoRule(),
                new ColourPopRule(),
                new ColourSchemeRule(),
                new ColourPaletteRule(),
                new LeatherMatchRule(),
                new MetalMatchRule(),
                new LegLineRule());
    }

    private static List<Rule> pattern() {
        return List.of(
                new PatternCountRule(),
                new PatternPairRule(),
                new QuietShoesRule(),
                new SurfaceFlatRule(),
                new FocusOneRule());
    }

    private static List<Rule> proportion() {
        return List.of(
                new ProportionThirdsRule(),
                new ProportionVolumeRule(),
                new ProportionWaistRule(),
                new ProportionCoatRule());
    }

    private static List<Rule> finishing() {
        return List.of(new FinishUnfinishedRule(), new FinishNecklineRule(), new LongGlovesRule());
    }
}
