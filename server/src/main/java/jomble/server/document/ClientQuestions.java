package jomble.server.document;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import jomble.core.brief.Occasion;
import jomble.core.document.Question;
import jomble.core.document.QuestionReader;
import jomble.core.document.Wardrobe;
import jomble.core.document.WardrobeWriter;
import jomble.core.document.WhatIf;
import jomble.core.document.WhatIfReader;
import jomble.core.tree.Node;
import jomble.server.house.HouseRulesService;
import jomble.server.kind.KindService;
import jomble.server.piece.PieceService;
import jomble.server.problem.ProblemException;
import org.springframework.stereotype.Component;

/** Puts a stored wardrobe and the context chosen on screen into a question for the core. */
@Component
public class ClientQuestions {
    private final PieceService pieces;
    private final HouseRulesService house;
    private final KindService kinds;

    ClientQuestions(PieceService pieces, HouseRulesService house, KindService kinds) {
        this.pieces = pieces;
        this.house = house;
        this.kinds = kinds;
    }

    /**
     * The context chosen on screen.
     *
     * @param months months of the season, empty for no weather; one that is none is told of when the question is asked
     * @param occasion name of one of the brief's occasions, null or blank for any
     * @param counting preset of counted slots, or slots with commas between them; null for outfits
     */
    public record Chosen(List<Integer> months, String occasion, String counting, boolean daring) {
        public Chosen {
            months = months == null ? List.of() : Collections.unmodifiableList(months);
        }

        public Chosen in(List<Integer> otherMonths) {
            return new Chosen(otherMonths, occasion, counting, daring);
        }
    }

    public Question ask(UUID clientId, Chosen chosen) {
        return ask(pieces.wardrobe(clientId), chosen);
    }

    /**
     * The question of the wardrobe as it would be.
     *
     * @param whatIf changes in document form, or null
     */
    public Question ask(UUID clientId, Chosen chosen, Map<String, Object> whatIf) {
        Wardrobe wardrobe = pieces.wardrobe(clientId);
        Node node = Node.at("/whatIf", whatIf);
        WhatIf changes = WhatIfReader.read(node, wardrobe, kinds.all());
        node.finish();
        return ask(changes.of(wardrobe), chosen);
    }

    private Question ask(Wardrobe wardrobe, Chosen chosen) {
        return asked(house.governed(wardrobe), chosen);
    }

    /** The questions of a wardrobe as it is now, for any context: nothing more is read when they are asked. */
    public Function<Chosen, Question> asking(UUID clientId) {
        Wardrobe governed = house.governed(pieces.wardrobe(clientId));
        return chosen -> asked(governed, chosen);
    }

    private static Question asked(Wardrobe wardrobe, Chosen chosen) {
        Map<String, Object> context = new LinkedHashMap<>();
        if (!chosen.months().isEmpty()) {
            context.put("months", new ArrayList<Object>(chosen.months()));
        }
        if (chosen.occasion() != null && !chosen.occasion().isBlank()) {
            context.put("occasion", WardrobeWriter.occasion(occasion(wardrobe, chosen.occasion())));
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
