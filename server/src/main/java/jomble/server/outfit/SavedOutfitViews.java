package jomble.server.outfit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import jomble.core.brief.Occasion;
import jomble.core.document.Question;
import jomble.core.document.Wardrobe;
import jomble.core.judgement.FindingTexts;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Verdict;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.SavedOutfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.wear.Wear;
import jomble.drawing.Figure;
import jomble.server.client.AskedSeason;
import jomble.server.counting.CombinationsView;
import jomble.server.document.ClientQuestions;
import jomble.server.document.ClientQuestions.Chosen;
import jomble.server.outfit.SavedOutfitView.KeptVersionView;
import org.springframework.stereotype.Component;

/** Judges saved outfits for the occasions and seasons they are meant for. */
@Component
class SavedOutfitViews {
    private final ClientQuestions questions;
    private final RuleCatalogue catalogue;

    SavedOutfitViews(ClientQuestions questions, RuleCatalogue catalogue) {
        this.questions = questions;
        this.catalogue = catalogue;
    }

    /**
     * @param wardrobe with the studio's rules beneath its own
     * @param changes number of the change that wrote each outfit, by id
     */
    List<SavedOutfitView> all(Wardrobe wardrobe, Map<String, Long> changes) {
        Judges judges = new Judges(wardrobe);
        return wardrobe.outfits().stream()
                .map(outfit -> view(outfit, wardrobe, judges, changes))
                .toList();
    }

    SavedOutfitView of(SavedOutfit outfit, Wardrobe wardrobe, Map<String, Long> changes) {
        return view(outfit, wardrobe, new Judges(wardrobe), changes);
    }

    /** The judgement for one occasion in one season. */
    private record Judged(String season, String occasion, Judgement judgement) {}

    private static SavedOutfitView view(
            SavedOutfit saved, Wardrobe wardrobe, Judges judges, Map<String, Long> changes) {
        List<PieceId> gone = saved.now().pieces().stream()
                .filter(id -> wardrobe.find(id).isEmpty())
                .toList();
        Outfit left = left(saved.now(), wardrobe);
        Judged worst = judges.of(saved, left).stream()
                .max(Comparator.comparing(Judged::judgement, Judgement.BETTER))
                .orElseThrow();
        Judgement judgement = worst.judgement();
        List<Wear> wears = wardrobe.wears().wears().stream()
                .filter(wear -> wear.pieces().containsAll(saved.now().pieces()))
                .toList();
        List<KeptVersionView> earlier = new ArrayList<>();
        for (SavedOutfit.Version version : saved.earlier()) {
            earlier.add(new KeptVersionView(
                    earlier.size() + 1, CombinationsView.slots(version.slots()), finishes(version), version.saved()));
        }
        return new SavedOutfitView(
                saved.id(),
                saved.about().name(),
                saved.about().notes(),
                saved.about().occasions(),
                saved.about().seasons(),
                saved.about().tags(),
                saved.about().favourite(),
                CombinationsView.slots(saved.now().slots()),
                finishes(saved.now()),
                saved.now().saved(),
                changes.getOrDefault(saved.id(), 0L),
                saved.version(),
                gone.stream().map(PieceId::value).toList(),
                (gone.isEmpty() ? judgement.verdict() : Verdict.NO).id(),
                worst.season(),
                worst.occasion(),
                reason(judgement),
                Figure.of(judgement.outfit(), wardrobe.brief().heights(), true),
                wears.size(),
                wears.stream().map(Wear::date).max(LocalDate::compareTo).orElse(null),
                earlier);
    }

    private static String reason(Judgement judgement) {
        Map<PieceId, String> labels = new HashMap<>();
        judgement
                .outfit()
                .worn()
                .forEach(worn -> worn.pieces().forEach(piece -> labels.put(piece.id(), piece.label())));
        return judgement.findings().stream()
                .filter(finding -> finding.kind().isFault())
                .findFirst()
                .map(finding -> FindingTexts.text(finding, labels::get))
                .orElse(null);
    }

    /** The pieces that are still in the wardrobe. */
    private static Outfit left(SavedOutfit.Version version, Wardrobe wardrobe) {
        List<Worn> worn = new ArrayList<>();
        version.slots().forEach((slot, ids) -> {
            List<Piece> pieces =
                    ids.stream().flatMap(id -> wardrobe.find(id).stream()).toList();
            if (!pieces.isEmpty()) {
                worn.add(Worn.of(slot, pieces));
            }
        });
        return Outfit.of(worn);
    }

    private static Map<String, List<String>> finishes(SavedOutfit.Version version) {
        Map<String, List<String>> finishes = new LinkedHashMap<>();
        version.finishes()
                .forEach((id, chosen) ->
                        finishes.put(id.value(), chosen.stream().map(Finish::id).toList()));
        return finishes;
    }

    /** The judges of a wardrobe's contexts, created on demand. */
    private final class Judges {
        private final Function<Chosen, Question> asking;
        private final Map<List<String>, List<Judge>> known = new HashMap<>();
        private final List<String> occasions;
        private final List<String> seasons;

        Judges(Wardrobe wardrobe) {
            this.asking = questions.asking(wardrobe);
            this.occasions =
                    wardrobe.brief().occasions().stream().map(Occasion::name).toList();
            this.seasons = AskedSeason.of(wardrobe.brief()).stream()
                    .map(AskedSeason::id)
                    .toList();
        }

        /** For each existing occasion and season it is meant for; for any if there are none. */
        List<Judged> of(SavedOutfit saved, Outfit outfit) {
            List<Judged> judged = new ArrayList<>();
            for (String season : known(saved.about().seasons(), seasons)) {
                for (String occasion : known(saved.about().occasions(), occasions)) {
                    judged.add(new Judged(
                            season,
                            occasion,
                            judge(season, occasion, outfit, saved.now().finishes())));
                }
            }
            return judged;
        }

        private Judgement judge(String season, String occasion, Outfit outfit, Map<PieceId, Set<Finish>> finishes) {
            return known
                    .computeIfAbsent(
                            List.of(season, occasion),
                            key -> Judge.of(
                                    catalogue,
                                    asking.apply(new Chosen(season, occasion, null, false))
                                            .contexts()))
                    .stream()
                    .map(judge -> judge.best(outfit, finishes))
                    .min(Judgement.BETTER)
                    .orElseThrow();
        }

        private static List<String> known(List<String> named, List<String> all) {
            List<String> there = named.stream().filter(all::contains).toList();
            return there.isEmpty() ? List.of("") : there;
        }
    }
}
