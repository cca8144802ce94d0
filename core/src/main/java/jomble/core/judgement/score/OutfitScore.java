package jomble.core.judgement.score;

import jomble.core.judgement.Judgement;

public record OutfitScore(double total) {
    public static OutfitScore of(Judgement judgement) {
        return new OutfitScore(-judgement.points());
    }
}
