package jomble.core.judgement;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import jomble.core.brief.DressCode;
import jomble.core.climate.Weather;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Detail;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.core.piece.Trait;

/**
 * Notes on an outfit that are never scored: safety, which is always shown, and how to finish it. Safety notes defer to
 * medical advice and site rules; they replace neither.
 */
public enum OutfitNote {
    HIGH_HEELS(true),
    TRAILING_HEM(true),
    HEAT(true),
    HARD_FROST(true),
    SENSITIVITY(true),
    NEAR_MACHINERY(true),
    SITE_RULES(true),
    TAKE_A_COAT(false),
    SHIRT_CUFF(false),
    COLLAR_OUT(false),
    SLEEVES_ROLLED(false),
    CUFFED_HEM(false),
    SCARF_END(false),
    NECKLACE_LENGTH(false),
    FOUNDATION(false);

    private static final double HIGH_HEEL_CM = 8;
    private static final double HOT_C = 32;
    private static final double HARD_FROST_C = -10;
    private static final Properties TEXTS = load();

    private final boolean safety;

    OutfitNote(boolean safety) {
        this.safety = safety;
    }

    public boolean isSafety() {
        return safety;
    }

    /** One or two sentences. */
    public String text() {
        return TEXTS.getProperty(key());
    }

    /**
     * What {@link #TAKE_A_COAT} says to the owner of a wardrobe.
     *
     * @param coat to take, or null when none recorded does it
     * @param pieces of the wardrobe
     */
    public static String ofCoat(Piece coat, Collection<Piece> pieces) {
        String key = TAKE_A_COAT.key();
        if (coat != null) {
            return TEXTS.getProperty(key + ".this").replace("{coat}", coat.label());
        }
        boolean hasCoats = pieces.stream().anyMatch(piece -> piece.kind().family() == Family.COAT);
        return TEXTS.getProperty(hasCoats ? key + ".another" : key);
    }

    private String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The notes on an outfit as it is worn, safety first. */
    public static List<OutfitNote> of(Judgement judgement, JudgementContext context) {
        Outfit outfit = judgement.outfit();
        List<OutfitNote> notes = new ArrayList<>();
        add(notes, HIGH_HEELS, heel(outfit) >= HIGH_HEEL_CM);
        add(notes, TRAILING_HEM, found(judgement, "hem.heel"));
        add(notes, SENSITIVITY, found(judgement, "boundary.sensitivity"));
        Weather weather = context.weather();
        add(notes, HEAT, weather != null && !weather.indoors() && weather.highC() >= HOT_C);
        add(notes, HARD_FROST, weather != null && !weather.indoors() && weather.lowC() < HARD_FROST_C);
        boolean site = context.occasion().requires(DressCode.PROTECTIVE_CLOTHING);
        boolean hangs = outfit.in(Slot.NECK).isPresent()
                || outfit.in(Slot.TIE).isPresent()
                || outfit.worn().stream().anyMatch(OutfitNote::isLoose);
        add(notes, SITE_RULES, site);
        add(notes, NEAR_MACHINERY, hangs && (site || context.occasion().requires(DressCode.NO_LOOSE_SLEEVES)));
        add(notes, TAKE_A_COAT, context.assumesCoats() && DayComfort.isColdWithoutACoat(judgement, context));
        addFinish(notes, outfit);
        return notes;
    }

    private static void addFinish(List<OutfitNote> notes, Outfit outfit) {
        Worn top = outfit.in(Slot.TOP).orElse(null);
        boolean shirt = top != null && top.piece().neckline() == Neckline.POINT_COLLAR;
        boolean longSleeve = top != null && top.piece().sleeve() == Sleeve.LONG;
        add(notes, SHIRT_CUFF, shirt && longSleeve && outfit.in(Slot.JACKET).isPresent());
        add(
                notes,
                COLLAR_OUT,
                shirt && outfit.in(Slot.MID).filter(OutfitNote::isPulledOver).isPresent());
        add(notes, SLEEVES_ROLLED, outfit.worn().stream().anyMatch(worn -> worn.is(Finish.SLEEVES_ROLLED)));
        add(notes, CUFFED_HEM, outfit.worn().stream().anyMatch(worn -> worn.is(Finish.CUFFED_HEM)));
        add(
                notes,
                SCARF_END,
                outfit.in(Slot.NECK).isPresent() && outfit.in(Slot.COAT).isPresent());
        List<Piece> necklaces = outfit.in(Slot.JEWELLERY).map(Worn::pieces).orElse(List.of()).stream()
                .filter(piece -> piece.is(Trait.NECKLACE))
                .toList();
        add(
                notes,
                NECKLACE_LENGTH,
                necklaces.size() > 1 && necklaces.stream().anyMatch(p -> p.has(Detail.LONG_NECKLACE)));
        add(notes, FOUNDATION, outfit.worn().stream().anyMatch(OutfitNote::asksForAFoundation));
    }

    private static void add(List<OutfitNote> notes, OutfitNote note, boolean applies) {
        if (applies) {
            notes.add(note);
        }
    }

    private static boolean found(Judgement judgement, String rule) {
        return judgement.findings().stream()
                .anyMatch(finding -> finding.rule().equals(rule) && finding.kind() == FindingKind.STOP);
    }

    private static double heel(Outfit outfit) {
        return outfit.in(Slot.SHOES)
                .map(shoes -> shoes.piece().get(Attribute.HEEL_CM))
                .orElse(0.0);
    }

    private static boolean isLoose(Worn worn) {
        Integer volume = worn.piece().get(Attribute.SLEEVE_VOLUME);
        return worn.slot() != Slot.COAT && volume != null && volume == 3;
    }

    /** A layer with a round or V neck, over which a collar may lie. */
    private static boolean isPulledOver(Worn mid) {
        Neckline neckline = mid.piece().neckline();
        return neckline == Neckline.CREW || neckline == Neckline.V;
    }

    private static boolean asksForAFoundation(Worn worn) {
        Neckline neckline = worn.piece().neckline();
        boolean bare =
                neckline == Neckline.STRAPLESS || neckline == Neckline.OFF_SHOULDER || neckline == Neckline.HALTER;
        return bare && (worn.slot() == Slot.TOP || worn.slot() == Slot.ONEPIECE);
    }

    private static Properties load() {
        Properties texts = new Properties();
        try (InputStream in = OutfitNote.class.getResourceAsStream("/jomble/core/judgement/notes_en.properties")) {
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }
}
