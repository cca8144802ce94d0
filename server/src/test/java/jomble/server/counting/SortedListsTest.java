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

/** Lists of outfits best first and varied, and by credits. */
@ExtendWith(RunningJomble.class)
class SortedListsTest {
    private static final Comparator<Map<String, Object>> BY_CREDITS = Comparator.comparing(
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
    void tellsTheSameOutfitsBestFirstAndVaried(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String some = ofInes(stylist) + "?season=winter&containing=p28";
        List<Map<String, Object>> stable = all(stylist, some, 100);
        List<Map<String, Object>> sorted = all(stylist, some + "&order=best", 73);
        assertThat(stable).hasSizeGreaterThan(50);
        assertThat(new HashSet<>(sorted)).isEqualTo(new HashSet<>(stable));
        assertThat(sorted).isNotEqualTo(stable);
        double best = stable.stream()
                .mapToDouble(outfit -> ((Number) outfit.get("score")).doubleValue())
                .max()
                .orElseThrow();
        assertThat(((Number) sorted.get(0).get("score")).doubleValue()).isEqualTo(best);
        assertThat(sorted)
                .allSatisfy(outfit ->
                        assertThat(sumOfParts(outfit)).isEqualTo(((Number) outfit.get("score")).doubleValue()));
    }

    @SuppressWarnings("unchecked")
    private static double sumOfParts(Map<String, Object> outfit) {
        return ((List<Map<String, Object>>) outfit.get("parts"))
                .stream()
                        .mapToDouble(part -> ((Number) part.get("points")).doubleValue())
                        .sum();
    }

    @Test
    void tellsTheSameOutfitsByCreditsAndTiesAsTheyStood(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String some = ofInes(stylist) + "?season=winter&daring=true&containing=p28";
        List<Map<String, Object>> stable = all(stylist, some, 100);
        List<Map<String, Object>> sorted = all(stylist, some + "&order=credits", 73);
        assertThat(sorted).isNotEqualTo(stable);
        stable.sort(BY_CREDITS);
        assertThat(sorted).isEqualTo(stable);
        Caller.Answer tooLong = stylist.get(ofInes(stylist) + "?counting=looks&order=credits");
        assertThat(List.of(tooLong.status(), tooLong.at("code"))).isEqualTo(List.of(409, "too-long"));
        assertThat((String) tooLong.at("detail")).contains("10,000");
    }

    @Test
    void laysOutASelectionOfAListTooLongToBeSorted(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String all = ofInes(stylist) + "?counting=looks";
        Caller.Answer page = stylist.get(all + "&order=best&limit=10");
        assertThat(page.at("listed")).isEqualTo(SortedLists.SELECTED);
        assertThat(page.at("total")).isEqualTo(stylist.get(all + "&limit=1").at("total"));
        assertThat((List<?>) page.at("outfits")).hasSize(10);
        Caller.Answer unknown = stylist.get(ofInes(stylist) + "?order=price");
        assertThat(List.of(unknown.status(), unknown.at("detail")))
                .isEqualTo(List.of(404, "The order price does not exist, or is not yours."));
    }

    @Test
    void listsTheDaringOnesAlone(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String some = ofInes(stylist) + "?season=winter&containing=p28";
        List<Map<String, Object>> working = all(stylist, some, 100);
        List<Map<String, Object>> both = all(stylist, some + "&daring=true", 100);
        List<Map<String, Object>> daring = all(stylist, some + "&verdict=daring", 71);
        assertThat(daring).isNotEmpty().isEqualTo(both.subList(working.size(), both.size()));
        assertThat(working).isEqualTo(both.subList(0, working.size()));
        List<Map<String, Object>> best = all(stylist, some + "&verdict=daring&order=best", 71);
        assertThat(best).containsExactlyInAnyOrderElementsOf(daring);
        assertThat(stylist.get(some + "&verdict=no").status()).isEqualTo(404);
    }

    @Test
    void listsOneColourSchemeAfterTheOtherAndOneAlone(Jomble jomble) {
        Caller stylist = jomble.stylist();
        String some = ofInes(stylist) + "?season=winter&containing=p28";
        List<Map<String, Object>> stable = all(stylist, some, 100);
        List<Object> schemes = all(stylist, some + "&order=scheme", 73).stream()
                .map(outfit -> outfit.get("scheme"))
                .toList();
        List<Object> inOrder = schemes.stream().distinct().toList();
        assertThat(inOrder).hasSizeGreaterThan(2);
        assertThat(schemes).isSortedAccordingTo(Comparator.comparing(inOrder::indexOf));
        int sum = 0;
        for (Object scheme : inOrder) {
            List<Map<String, Object>> alone = all(stylist, some + "&scheme=" + scheme, 73);
            assertThat(alone)
                    .isEqualTo(stable.stream()
                            .filter(outfit -> outfit.get("scheme").equals(scheme))
                            .toList());
            assertThat(new HashSet<>(all(stylist, some + "&order=best&scheme=" + scheme, 73)))
                    .isEqualTo(new HashSet<>(alone));
            sum += alone.size();
        }
        assertThat(sum).isEqualTo(stable.size());
        assertThat(stylist.get(some + "&scheme=triad").at("total")).isEqualTo(0);
        assertThat(stylist.get(some + "&scheme=plaid").status()).isEqualTo(404);
    }
}
