package jomble.core.climate;

import java.util.List;

/**
 * A place with its twelve months.
 *
 * @param type of its climate in words, such as "cool wet coast"
 */
public record Place(String name, String type, List<ClimateMonth> months) {
    public Place {
        months = List.copyOf(months);
    }
}
