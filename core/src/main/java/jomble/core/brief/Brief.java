package jomble.core.brief;

import java.util.List;
import java.util.Optional;
import jomble.core.climate.ClimateMonth;
import jomble.core.colour.Colour;
import jomble.core.piece.Metal;
import jomble.core.proportion.Heights;

/**
 * What a stylist agreed with a client.
 *
 * @param metals the metal the client wears, or null
 * @param pmvOffset how much warmer (−) or cooler (+) than average the client likes it, ±0.5 PMV
 * @param lengthenLeg whether the client asked for a longer leg line
 * @param hair colour of the hair, or null
 * @param skin colour of the skin, or null
 */
public record Brief(
        Boundaries boundaries,
        Palette palette,
        Metal metals,
        double pmvOffset,
        Heights heights,
        boolean lengthenLeg,
        Colour hair,
        Colour skin,
        Laundry laundry,
        List<Occasion> occasions,
        List<ClimateMonth> climate) {
    public static final Brief EMPTY = new Brief(
            Boundaries.NONE,
            Palette.NONE,
            null,
            0,
            Heights.MEAN,
            false,
            null,
            null,
            Laundry.WEEKLY,
            List.of(),
            List.of());

    public Brief {
        occasions = List.copyOf(occasions);
        climate = List.copyOf(climate);
    }

    public Optional<ClimateMonth> climateOf(int month) {
        return climate.stream().filter(m -> m.month() == month).findFirst();
    }
}
