package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * A saved outfit on the wire, judged as the wardrobe is now.
 *
 * @param version counted from 1; to be sent back with a change of what is worn
 * @param gone pieces of it that have left the wardrobe
 * @param verdict the worst of those for its occasions and seasons; no where a piece has gone
 * @param season in which it is judged like that; empty for no weather
 * @param occasion for which it is judged like that; empty for any
 * @param reason the worst there is to say against it; left out where there is nothing
 * @param timesWorn since the log began
 * @param lastWorn left out where it never was
 * @param earlier versions, the oldest first
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record SavedOutfitView(
        String id,
        String name,
        String notes,
        List<String> occasions,
        List<String> seasons,
        List<String> tags,
        boolean favourite,
        Map<String, Object> slots,
        Map<String, List<String>> finishes,
        Instant saved,
        int version,
        List<String> gone,
        String verdict,
        String season,
        String occasion,
        String reason,
        String figure,
        int timesWorn,
        LocalDate lastWorn,
        List<KeptVersionView> earlier) {
    /** What was worn at one time. */
    record KeptVersionView(int version, Map<String, Object> slots, Map<String, List<String>> finishes, Instant saved) {}
}
