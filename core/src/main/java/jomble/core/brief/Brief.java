package jomble.core.brief;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jomble.core.climate.ClimateMonth;
import jomble.core.climate.Place;
import jomble.core.colour.Colour;
import jomble.core.piece.Metal;
import jomble.core.piece.Money;
import jomble.core.proportion.Heights;

/**
 * What a stylist agreed with a client.
 *
 * @param metals the metal the client wears, or null
 * @param pmvOffset how much warmer (−) or cooler (+) than average the client likes it, ±0.5 PMV
 * @param lengthenLeg whether the client asked for a longer leg line
 * @param hair colour of the hair, or null
 * @param skin colour of the skin, or null
 * @param place where the client lives, or null
 * @param seasons the client's own; those usual in the climate when none are named
 * @param needs those that a stylist set
 * @param budget for new clothes in a year, or null
 * @param notes or null
 * @param photoConsent when the client agreed to photos, or null
 * @param coats whether a coat is assumed where none is worn
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
        String place,
        List<ClimateMonth> climate,
        List<Season> seasons,
        List<Need> needs,
        Money budget,
        String notes,
        LocalDate photoConsent,
        Coats coats) {
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
            null,
            List.of(),
            List.of(),
            List.of(),
            null,
            null,
            null,
            Coats.ASSUMED);

    public Brief {
        occasions = List.copyOf(occasions);
        climate = List.copyOf(climate);
        seasons = seasons.isEmpty() ? UsualSeasons.of(climate) : List.copyOf(seasons);
        needs = List.copyOf(needs);
    }

    /** Whether the seasons are those usual in the climate. */
    public boolean hasUsualSeasons() {
        return seasons.equals(UsualSeasons.of(climate));
    }

    /** Whether the climate of every month of a season is known. */
    public boolean knows(Season season) {
        return season.months().stream().allMatch(month -> climateOf(month).isPresent());
    }

    public Optional<ClimateMonth> climateOf(int month) {
        return climate.stream().filter(m -> m.month() == month).findFirst();
    }

    /** This brief with other occasions. */
    public Brief dressingFor(List<Occasion> others) {
        return with(others, place, climate, coats);
    }

    /** This brief in another climate; the seasons stay. */
    public Brief livingIn(Place other) {
        return with(occasions, other.name(), other.months(), coats);
    }

    /** This brief with coats assumed or not. */
    public Brief with(Coats others) {
        return with(occasions, place, climate, others);
    }

    private Brief with(List<Occasion> others, String where, List<ClimateMonth> months, Coats which) {
        return new Brief(
                boundaries,
                palette,
                metals,
                pmvOffset,
                heights,
                lengthenLeg,
                hair,
                skin,
                laundry,
                others,
                where,
                months,
                seasons,
                needs,
                budget,
                notes,
                photoConsent,
                which);
    }
}
