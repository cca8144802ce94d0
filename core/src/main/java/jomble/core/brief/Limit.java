package jomble.core.brief;

import java.util.ArrayList;
import java.util.List;

/**
 * One line of a brief that takes pieces or outfits away.
 *
 * @param pointer where it stands in the brief, as a JSON Pointer such as {@code /boundaries/avoid/0}
 * @param occasion the one it is about, or null where it always holds
 * @param without the brief without it
 */
public record Limit(String pointer, String occasion, Brief without) {
    /** Every limit of a brief, in the order of the document. */
    public static List<Limit> of(Brief brief) {
        List<Limit> limits = new ArrayList<>();
        Boundaries all = brief.boundaries();
        for (int i = 0; i < all.coverage().size(); i++) {
            limits.add(boundary("coverage/" + i, brief, all.covering(without(all.coverage(), i))));
        }
        for (int i = 0; i < all.avoid().size(); i++) {
            limits.add(boundary("avoid/" + i, brief, all.avoiding(without(all.avoid(), i))));
        }
        for (int i = 0; i < all.sensitivities().size(); i++) {
            limits.add(boundary("sensitivities/" + i, brief, all.sensitiveTo(without(all.sensitivities(), i))));
        }
        if (all.maxHeelCm() != null) {
            limits.add(boundary("maxHeelCm", brief, all.withHeels(null)));
        }
        if (!all.tucks()) {
            limits.add(boundary("tucks", brief, all.tucking(true)));
        }
        for (int i = 0; i < brief.occasions().size(); i++) {
            addOf(brief, i, limits);
        }
        return limits;
    }

    private static Limit boundary(String part, Brief brief, Boundaries others) {
        return new Limit("/boundaries/" + part, null, brief.within(others));
    }

    private static void addOf(Brief brief, int place, List<Limit> limits) {
        Occasion occasion = brief.occasions().get(place);
        if (occasion.isPaused()) {
            return;
        }
        String pointer = "/occasions/" + place;
        if (occasion.maxHeelCm() != null) {
            limits.add(new Limit(
                    pointer + "/maxHeelCm",
                    occasion.name(),
                    brief.dressingFor(with(brief.occasions(), place, occasion.withHeels(null)))));
        }
        for (int i = 0; i < occasion.requires().size(); i++) {
            Occasion freer = occasion.requiring(without(occasion.requires(), i));
            limits.add(new Limit(
                    pointer + "/requires/" + i,
                    occasion.name(),
                    brief.dressingFor(with(brief.occasions(), place, freer))));
        }
    }

    private static <T> List<T> without(List<T> list, int place) {
        List<T> rest = new ArrayList<>(list);
        rest.remove(place);
        return rest;
    }

    private static <T> List<T> with(List<T> list, int place, T other) {
        List<T> changed = new ArrayList<>(list);
        changed.set(place, other);
        return changed;
    }
}
