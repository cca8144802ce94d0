package jomble.core.counting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jomble.core.judgement.Finding;
import jomble.core.judgement.FindingKind;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * For two pieces that never meet, the rule that most often forbids them.
 *
 * <p>The pair is put into the plainest outfits it can be part of, one for each way to fill the other mandatory slots, and
 * each is judged in every context. Every rule with a stop counts, or where there is none every rule with points.
 */
final class NeverTogetherFinder {
    private static final int MOST_OUTFITS = 40;
    private static final String STRUCTURE = "structure";

    private final CountQuestion question;
    private final Options options;
    private final List<Judge> judges;

    NeverTogetherFinder(CountQuestion question, RuleCatalogue catalogue, Options options) {
        this.question = question;
        this.options = options;
        this.judges = question.contexts().stream()
                .map(context -> new Judge(catalogue, context))
                .toList();
    }

    List<NeverTogether> find(List<SlotPair> crossings, List<Map<Option, Map<Option, Figures>>> crossed) {
        List<NeverTogether> never = new ArrayList<>();
        for (int i = 0; i < crossings.size(); i++) {
            SlotPair pair = crossings.get(i);
            for (Option a : options.in(pair.first())) {
                for (Option b : options.in(pair.second())) {
                    boolean met = crossed.get(i).getOrDefault(a, Map.of()).containsKey(b);
                    if (!met && !a.overlaps(b)) {
                        never.add(new NeverTogether(a.ids().get(0), b.ids().get(0), commonestRule(a, b)));
                    }
                }
            }
        }
        return never;
    }

    private String commonestRule(Option a, Option b) {
        Map<String, Integer> votes = new LinkedHashMap<>();
        for (Outfit outfit : plainOutfits(a, b)) {
            for (Judge judge : judges) {
                Judgement judgement = judge.best(outfit);
                if (judgement.verdict() != Verdict.WORKS) {
                    blamed(judgement).forEach(rule -> votes.merge(rule, 1, Integer::sum));
                }
            }
        }
        return votes.entrySet().stream()
                .max(Comparator.comparingInt(Map.Entry::getValue))
                .map(Map.Entry::getKey)
                .orElse(STRUCTURE);
    }

    private static List<String> blamed(Judgement judgement) {
        boolean stopped = judgement.findings().stream().anyMatch(f -> f.kind() == FindingKind.STOP);
        return judgement.findings().stream()
                .filter(f -> stopped ? f.kind() == FindingKind.STOP : f.kind().points() > 0)
                .map(Finding::rule)
                .distinct()
                .toList();
    }

    private List<Outfit> plainOutfits(Option a, Option b) {
        boolean shoes = question.contexts().get(0).wantsShoes();
        Optional<Structure> home = List.of(Structure.values()).stream()
                .filter(s -> s.allows(a.slot()) && s.allows(b.slot()))
                .filter(s -> s.takes(a.slot(), a.pieces().get(0))
                        && s.takes(b.slot(), b.pieces().get(0)))
                .findFirst();
        if (home.isEmpty()) {
            return List.of();
        }
        List<List<Option>> picks = new ArrayList<>(List.of(List.of(a, b)));
        for (Slot slot : home.get().mandatory(shoes)) {
            if (slot != a.slot() && slot != b.slot()) {
                picks = extend(picks, options.in(slot));
            }
        }
        return picks.stream().map(NeverTogetherFinder::outfit).toList();
    }

    private static List<List<Option>> extend(List<List<Option>> picks, List<Option> choices) {
        List<List<Option>> extended = new ArrayList<>();
        for (List<Option> pick : picks) {
            for (Option choice : choices) {
                if (extended.size() < MOST_OUTFITS && pick.stream().noneMatch(choice::overlaps)) {
                    List<Option> more = new ArrayList<>(pick);
                    more.add(choice);
                    extended.add(more);
                }
            }
        }
        return extended;
    }

    private static Outfit outfit(List<Option> options) {
        List<Worn> worn = options.stream().map(option -> option.ways().get(0)).toList();
        return Outfit.of(worn);
    }
}
