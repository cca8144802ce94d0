package jomble.server.counting;

import java.util.function.Function;
import java.util.stream.Stream;
import jomble.core.brief.Occasion;
import jomble.core.document.Wardrobe;
import jomble.server.client.AskedSeason;
import jomble.server.document.ClientQuestions.Chosen;

/** Contexts a stylist is likely to view next, most likely first. */
final class LikelyNext {
    /** The context shown when a wardrobe is opened. */
    static final Chosen OPENING = new Chosen(null, null, null, false);

    private LikelyNext() {}

    /** Every season, starting with no weather. */
    static Stream<Chosen> onOpening(Wardrobe wardrobe) {
        return inSeasons(wardrobe, OPENING);
    }

    /** Every other season, then every other occasion, then daring outfits in or out, then other slots. */
    static Stream<Chosen> oneSwitchFurther(Wardrobe wardrobe, Chosen now) {
        Stream<Chosen> onOccasions = Stream.concat(
                        Stream.of(""), wardrobe.brief().occasions().stream().map(Occasion::name))
                .map(occasion ->
                        new Chosen(now.season(), occasion, now.counting(), now.daring()).within(now.capsule()));
        Stream<Chosen> daring = Stream.of(
                new Chosen(now.season(), now.occasion(), now.counting(), !now.daring()).within(now.capsule()));
        Stream<Chosen> inSlots = Stream.of("clothes", "outfits", "looks")
                .map(counting ->
                        new Chosen(now.season(), now.occasion(), counting, now.daring()).within(now.capsule()));
        return Stream.of(inSeasons(wardrobe, now), onOccasions, daring, inSlots).flatMap(Function.identity());
    }

    private static Stream<Chosen> inSeasons(Wardrobe wardrobe, Chosen now) {
        return AskedSeason.of(wardrobe.brief()).stream().map(season -> now.in(season.id()));
    }
}
