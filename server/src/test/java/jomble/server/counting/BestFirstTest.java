package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Lists of outfits in the order of what speaks for them. */
@ExtendWith(RunningJomble.class)
class BestFirstTest {
    private static final Comparator<Map<String, Object>> BEST_FIRST = Comparator.comparing(
                    (Map<String, Object> outfit) -> outfit.get("verdict").equals("daring"))
            .thenComparing(outfit -> -(int) outfit.get("credits"));

    private static String ofInes(Caller stylist) {
        return stylist.get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").equals("Ines Halvard"))
                .map(one -> "/api/v1/clients/" + one.get("id") + "/outfits")
                .findFirst()
                .orElseThrow();
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> all(Caller stylist, String address, int pageSize) {
        List<Map<String, Object>> all = new ArrayList<>();
        int total;
        do {
            Caller.Answer page = stylist.get(address + "&limit=" + pageSize + "&offset=" + all.size());
            total = (int) page.at("total");
            List<Map<String, Object>> outfits = (List<Map<String, Object>>) page.at("outfits");
            assertThat(outfits).hasSize(Math.min(pageSize, total - all.size()));
            all.addAll(outfits);
        } while (all.size() < total);
        return all;
    }

    @Test
    void tellsTheSameOutfitsSortedAndTiesAsTheyStood(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String some = ofInes(stylist) + "?months=1&daring=true&containing=p27";
        List<Map<String, Object>> stable = all(stylist, some, 100);
        List<Map<String, Object>> sorted = all(stylist, some + "&order=credits", 73);
        assertThat(stable).hasSizeGreaterThan(250);
        assertThat(new HashSet<>(sorted)).isEqualTo(new HashSet<>(stable));
        assertThat(sorted).isSortedAccordingTo(BEST_FIRST).isNotEqualTo(stable);
        stable.sort(BEST_FIRST);
        assertThat(sorted).isEqualTo(stable);
    }

    @Test
    void saysWhichListsItDoesNotSort(Jomble jomble) {
        Caller stylist = jomble.stylist();
        Caller.Answer tooLong = stylist.get(ofInes(stylist) + "?order=credits");
        assertThat(List.of(tooLong.status(), tooLong.at("code"))).isEqualTo(List.of(409, "too-long"));
        assertThat((String) tooLong.at("detail")).contains("10,000", "59,866");
        Caller.Answer unknown = stylist.get(ofInes(stylist) + "?order=price");
        assertThat(List.of(unknown.status(), unknown.at("detail")))
                .isEqualTo(List.of(404, "The order price does not exist, or is not yours."));
        assertThat(stylist.get(ofInes(stylist) + "?order=credits&structure=one-piece&containing=p1")
                        .at("total"))
                .as("a shirt under a dress")
                .isEqualTo(stylist.get(ofInes(stylist) + "?structure=one-piece&containing=p1")
                        .at("total"));
    }

    @Test
    void listsTheDaringOnesAlone(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String some = ofInes(stylist) + "?months=1&containing=p28";
        List<Map<String, Object>> working = all(stylist, some, 100);
        List<Map<String, Object>> both = all(stylist, some + "&daring=true", 100);
        List<Map<String, Object>> daring = all(stylist, some + "&verdict=daring", 71);
        assertThat(daring).isNotEmpty().isEqualTo(both.subList(working.size(), both.size()));
        assertThat(working).isEqualTo(both.subList(0, working.size()));
        List<Map<String, Object>> best = all(stylist, some + "&verdict=daring&order=credits", 71);
        daring.sort(BEST_FIRST);
        assertThat(best).isEqualTo(daring);
        assertThat(stylist.get(some + "&verdict=no").status()).isEqualTo(404);
    }
}
