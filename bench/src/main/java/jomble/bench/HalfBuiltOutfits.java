package jomble.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jomble.core.building.Offer;
import jomble.core.building.OutfitBuilder;
import jomble.core.building.OutfitBuilder.Place;
import jomble.core.building.OutfitBuilder.Reading;
import jomble.core.counting.CountQuestion;
import jomble.core.counting.Progress;
import jomble.core.counting.exact.DiagramCounter;
import jomble.core.counting.query.OutfitQueries;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Slot;

/**
 * How long the bench takes to say what still fits, piece after piece, for wardrobes of 60, 120 and 240 pieces in January: the first
 * time a context is asked in, and then the mean and the longest of a whole outfit's choices.
 */
public final class HalfBuiltOutfits {
    private static final int ROUNDS = 6;
    private static final int WARM = 3;
    private static final List<Slot> ORDER =
            List.of(Slot.TOP, Slot.BOTTOM, Slot.JACKET, Slot.COAT, Slot.SHOES, Slot.BAG, Slot.BELT, Slot.NECK);

    private HalfBuiltOutfits() {}

    public static void main(String[] args) {
        for (int size : new int[] {60, 120, 240}) {
            OutfitBuilder bench = new OutfitBuilder(
                    Catalogue.standard(), new OutfitQueries(new DiagramCounter(Catalogue.standard())));
            CountQuestion question = SampleQuestions.of(size, Map.of("months", List.of(1)));
            long start = System.nanoTime();
            bench.read(question, Outfit.of(List.of()), Progress.NONE);
            double first = since(start);
            double sum = 0;
            double longest = 0;
            int choices = 0;
            for (int round = 0; round < ROUNDS; round++) {
                Outfit outfit = Outfit.of(List.of());
                for (Slot slot : ORDER) {
                    start = System.nanoTime();
                    Reading reading = bench.read(question, outfit, Progress.NONE);
                    double took = since(start);
                    if (round >= WARM) {
                        sum += took;
                        longest = Math.max(longest, took);
                        choices++;
                    }
                    outfit = with(outfit, reading, slot);
                }
            }
            System.out.printf(
                    "%d pieces: first %.0f ms, then %.0f ms a choice, %.0f at most%n",
                    size, first, sum / choices, longest);
        }
    }

    private static Outfit with(Outfit outfit, Reading reading, Slot slot) {
        List<Worn> worn = new ArrayList<>(outfit.worn());
        reading.places().stream()
                .filter(place -> place.slot() == slot)
                .map(Place::offers)
                .flatMap(List::stream)
                .filter(offer -> offer.verdict() == Verdict.WORKS)
                .findFirst()
                .map(HalfBuiltOutfits::worn)
                .ifPresent(worn::add);
        return Outfit.of(worn);
    }

    private static Worn worn(Offer offer) {
        return Worn.of(offer.slot(), offer.pieces());
    }

    private static double since(long start) {
        return (System.nanoTime() - start) / 1e6;
    }
}
