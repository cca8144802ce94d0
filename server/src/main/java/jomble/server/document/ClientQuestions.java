package jomble.server.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.brief.Brief;
import jomble.core.brief.Occasion;
import jomble.core.document.Limit;
import jomble.core.document.OccasionReader;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WhatIf;
import jomble.core.document.WhatIfReader;
import jomble.core.tree.Node;
import jomble.server.client.AskedSeason;
import jomble.server.climate.ComingDays;
import jomble.server.house.HouseRulesService;
import jomble.server.kind.KindService;
import jomble.server.piece.Wardrobes;
import jomble.server.problem.ProblemException;
import org.springframework.stereotype.Component;

/** Builds questions for the core from a stored wardrobe and the context chosen on screen. */
@Component
public class ClientQuestions {
    private final Wardrobes wardrobes;
    private final HouseRulesService house;
    private final KindService kinds;
    private final ComingDays days;

    ClientQuestions(Wardrobes wardrobes, HouseRulesService house, KindService kinds, ComingDays days) {
        this.wardrobes = wardrobes;
        this.house = house;
        this.kinds = kinds;
        this.days = days;
    }

    /**
     * The context chosen on screen.
     *
     * @param season one of the client's, the year, the date of a coming day, or null or blank for no weather
     * @param month a single month to judge in, or null for those of the season
     * @param occasion name of one of the brief's occasions, null or blank for any
     * @param counting preset of counted slots, or slots separated by commas; null for outfits
     * @param capsule id of a saved capsule to stay within, null or blank for the whole wardrobe
     */
    public record Chosen(
            String season, Integer month, String occasion, String counting, boolean daring, String capsule) {
        public Chosen(String season, String occasion, String counting, boolean daring) {
            this(season, null, occasion, counting, daring, null);
        }

        public Chosen(String season, Integer month, String occasion, String counting, boolean daring) {
            this(season, month, occasion, counting, daring, null);
        }

        public Chosen in(String otherSeason) {
            return new Chosen(otherSeason, null, occasion, counting, daring, capsule);
        }

        public Chosen in(int oneMonth) {
            return new Chosen(season, oneMonth, occasion, counting, daring, capsule);
        }

        public Chosen within(String otherCapsule) {
            return new Chosen(season, month, occasion, counting, daring, otherCapsule);
        }
    }

    public Question ask(UUID clientId, Chosen chosen) {
        return ask(wardrobes.of(clientId), chosen);
    }

    /**
     * The question for a hypothetically changed wardrobe.
     *
     * @param whatIf changes in document form, or null
     */
    public Question ask(UUID clientId, Chosen chosen, Map<String, Object> whatIf) {
        Wardrobe wardrobe = wardrobes.of(clientId);
        Node node = Node.at("/whatIf", whatIf);
        WhatIf changes = WhatIfReader.read(node, wardrobe, kinds.all());
        node.finish();
        return ask(changes.of(wardrobe), chosen);
    }

    private Question ask(Wardrobe wardrobe, Chosen chosen) {
        return asked(house.governed(wardrobe), chosen);
    }

    /** Builds questions for any context from the wardrobe as it is now; nothing is read later. */
    public Function<Chosen, Question> asking(UUID clientId) {
        return asking(wardrobe(clientId));
    }

    /** The wardrobe with the studio's house rules applied beneath its own. */
    public Wardrobe wardrobe(UUID clientId) {
        return house.governed(wardrobes.of(clientId));
    }

    /** Every limit in the client's brief, with the studio's house rules applied. */
    public List<Limit> limits(UUID clientId) {
        return Limit.of(wardrobes.of(clientId)).stream()
                .map(limit -> new Limit(limit.pointer(), limit.occasion(), house.governed(limit.without())))
                .toList();
    }

    /** Builds questions for any context from a wardrobe with the studio's house rules applied. */
    public Function<Chosen, Question> asking(Wardrobe governed) {
        return chosen -> asked(governed, chosen);
    }

    private Question asked(Wardrobe whole, Chosen chosen) {
        Wardrobe wardrobe = within(whole, chosen.capsule());
        Map<String, Object> context = new LinkedHashMap<>();
        if (chosen.month() != null) {
            context.put("months", List.of(chosen.month()));
        } else {
            putWeather(context, AskedSeason.find(wardrobe.brief(), chosen.season()), wardrobe.brief());
        }
        if (chosen.occasion() != null && !chosen.occasion().isBlank()) {
            context.put("occasion", OccasionReader.write(occasion(wardrobe, chosen.occasion())));
        }
        if (chosen.counting() != null) {
            context.put("countedSlots", counted(chosen.counting()));
        }
        context.put("includeDaring", chosen.daring());
        Node node = Node.root(Map.of("context", context));
        Question question = QuestionReader.read(node, wardrobe);
        node.finish();
        return question;
    }

    private void putWeather(Map<String, Object> context, AskedSeason season, Brief brief) {
        if (season.day() != null) {
            context.put("weather", QuestionReader.write(days.on(season.day(), brief)));
        } else if (!season.months().isEmpty()) {
            context.put("months", new ArrayList<Object>(season.months()));
        }
    }

    private static Wardrobe within(Wardrobe wardrobe, String capsule) {
        return capsule == null || capsule.isBlank()
                ? wardrobe
                : wardrobe.within(
                        wardrobe.findCapsule(capsule).orElseThrow(() -> ProblemException.notFound("This capsule")));
    }

    private static Object counted(String counting) {
        boolean isPreset = QuestionReader.isPreset(counting);
        return isPreset ? counting : new ArrayList<Object>(List.of(counting.split(",")));
    }

    private static Occasion occasion(Wardrobe wardrobe, String name) {
        return wardrobe.brief().occasions().stream()
                .filter(occasion -> occasion.name().equals(name))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("The occasion " + name));
    }
}
