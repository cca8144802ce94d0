package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import jomble.server.running.Caller;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** In one context every call gives the same figures: the ladder, the list, the capsule's figures, the ways of a piece. */
@ExtendWith(RunningJomble.class)
class OneFigureTest {
    private static final Pattern STEP = Pattern.compile(
            "\\{\"step\":\"(\\w+)\",\"month\":null,\"total\":\"?(\\d+)|\\{\"step\":\"(\\w+)\",\"total\":\"?(\\d+)");

    private static String client(Caller stylist, String name) {
        return stylist.get("/api/v1/clients").list().stream()
                .filter(one -> one.get("name").toString().startsWith(name))
                .map(one -> "/api/v1/clients/" + one.get("id"))
                .findFirst()
                .orElseThrow();
    }

    private static String asked(String season, String occasion) {
        return "season=" + encoded(season) + "&occasion=" + encoded(occasion);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    /** The ladder of the season itself, without its weakest month and the days it lasts. */
    private static Map<String, String> ladder(Caller stylist, String address) {
        Map<String, String> ladder = new LinkedHashMap<>();
        for (MatchResult step :
                STEP.matcher(stylist.get(address).text()).results().toList()) {
            boolean isFirst = step.group(1) != null;
            ladder.put(step.group(isFirst ? 1 : 3), step.group(isFirst ? 2 : 4));
        }
        ladder.remove("days");
        return ladder;
    }

    @ParameterizedTest
    @CsvSource({
        "Ines, winter, desk day",
        "Tomas, winter, moor walk",
        "Tomas, spring, teaching",
        "Anjali, wet season, field day",
    })
    @SuppressWarnings("unchecked")
    void isTheSameInEveryCall(String name, String season, String occasion, Jomble jomble) {
        Caller stylist = jomble.stylist();
        String client = client(stylist, name);
        String context = asked(season, occasion);
        for (Map<String, Object> capsule : stylist.get(client + "/capsules").list()) {
            String within = context + "&capsule=" + capsule.get("id");
            Map<String, String> ladder = ladder(stylist, client + "/counts/ladder?" + within);
            assertThat(ladder).containsOnlyKeys("bases", "clothes", "outfits", "looks");
            Caller.Answer figures = stylist.post(
                    client + "/capsule-figures",
                    Map.of(
                            "pieces",
                            capsule.get("pieces"),
                            "wishes",
                            Map.of("seasons", List.of(season), "occasions", List.of(occasion))));
            Map<String, Object> ofCapsule = (Map<String, Object>) figures.at("figures", "ladder");
            ladder.forEach((step, total) -> {
                assertThat(ofCapsule.get(step))
                        .as("%s of %s, in the capsule %s", step, context, capsule.get("name"))
                        .hasToString(total);
                assertThat(stylist.get(client + "/outfits?" + within + "&limit=1&counting=" + step)
                                .at("total"))
                        .as("%s of %s, listed", step, context)
                        .hasToString(total);
            });
        }
        for (String hero : List.of("p1", "p15", "p33")) {
            Object listed = stylist.get(client + "/outfits?limit=1&counting=outfits&containing=" + hero + "&" + context)
                    .at("total");
            assertThat(stylist.get(client + "/ways?k=2&counting=outfits&hero=" + hero + "&" + context)
                            .at("total"))
                    .as("ways of %s in %s", hero, context)
                    .isEqualTo(listed);
        }
    }
}
