package jomble.server.outfit;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * A saved outfit, judged as the wardrobe is now.
 *
 * @param change number of the change that wrote it, to be sent as If-Match
 * @param version of what is worn, from 1
 * @param gone pieces of it that have left the wardrobe
 * @param verdict the worst over its occasions and seasons; no when a piece is gone
 * @param season the season of that verdict; empty for no weather
 * @param occasion the occasion of that verdict; empty for any
 * @param reason the worst finding; omitted when there is none
 * @param timesWorn since the log began
 * @param lastWorn omitted when it was never worn
 * @param earlier previous versions, oldest first
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
        long change,
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
    /** One version of the outfit. */
    record KeptVersionView(int version, Map<String, Object> slots, Map<String, List<String>> finishes, Instant saved) {}
}
