package jomble.core;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jomble.core.brief.Avoidance;
import jomble.core.brief.Boundaries;
import jomble.core.brief.Brief;
import jomble.core.brief.Coats;
import jomble.core.brief.DressCode;
import jomble.core.brief.Occasion;
import jomble.core.brief.Palette;
import jomble.core.brief.Requirement;
import jomble.core.brief.Sensitivity;
import jomble.core.brief.Setting;
import jomble.core.brief.TimeOfDay;
import jomble.core.brief.Zone;
import jomble.core.climate.Weather;
import jomble.core.colour.Colour;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.Overrides;
import jomble.core.judgement.Parameter;
import jomble.core.judgement.ParameterValues;
import jomble.core.judgement.Rule;
import jomble.core.judgement.RuleCatalogue;
import jomble.core.judgement.Ruling;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Schools;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.ColourShare;
import jomble.core.piece.Detail;
import jomble.core.piece.Family;
import jomble.core.piece.Fit;
import jomble.core.piece.FitsNow;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Metal;
import jomble.core.piece.Pattern;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.SetKind;
import jomble.core.piece.Shape;
import jomble.core.piece.Show;
import jomble.core.piece.Slot;
import jomble.core.piece.Whereabouts;

/** Small wardrobes and contexts of every sort, from a seed. */
public final class RandomWardrobes {
    private static final List<String> COLOURS = List.of(
            "#f7f7f5", "#17171a", "#22304d", "#2a3758", "#85868a", "#c2c3c6", "#b58a59", "#5c3d29", "#c0272d",
            "#3c7a4a", "#f0cf3a", "#2f5fa5", "#6f4aa0", "#1f6f74");
    private static final List<String> SET_IDS = List.of("s1", "s2", "s3");

    private final Random random;

    public RandomWardrobes(long seed) {
        this.random = new Random(seed);
    }

    /** Pieces of any kind, with enough tops, bottoms and shoes that some outfits exist. */
    public List<Piece> pieces(int most) {
        List<Piece> pieces = new ArrayList<>();
        List<String> always = List.of("shirt", "t-shirt", "jeans", "tailored-trousers", "loafers", "sandals");
        for (int i = 0; i < most; i++) {
            Kind kind = i < always.size() && random.nextInt(4) > 0
                    ? Kinds.shipped().find(always.get(i)).orElseThrow()
                    : StableChoice.of(Kinds.shipped().all(), Kind::id, random);
            pieces.add(Piece.of(new PieceId("p" + i), kind, attributes(kind)));
        }
        return pieces;
    }

    /** Pieces of which most can be worn in several slots, with bottoms and shoes for them. */
    public List<Piece> ofSeveralRoles(int most) {
        List<Kind> several = Kinds.shipped().all().stream()
                .filter(kind ->
                        Piece.of(new PieceId("p"), kind, Map.of()).roles().size() > 1)
                .toList();
        List<String> always = List.of("slip-dress", "t-shirt", "jeans", "loafers");
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < most; i++) {
            Kind kind = i < always.size() && random.nextInt(4) > 0
                    ? Kinds.shipped().find(always.get(i)).orElseThrow()
                    : StableChoice.of(several, Kind::id, random);
            pieces.add(Piece.of(new PieceId("p" + i), kind, attributes(kind)));
        }
        return pieces;
    }

    private Map<Attribute<?>, Object> attributes(Kind kind) {
        Map<Attribute<?>, Object> set = new HashMap<>();
        if (random.nextBoolean()) {
            set.put(Attribute.COLOURS, List.of(new ColourShare(Colour.of(any(COLOURS)), 1)));
        }
        maybe(5, set, Attribute.PATTERN, any(List.of(Pattern.values())));
        maybe(5, set, Attribute.CLOTH, any(List.of(Cloth.values())));
        maybe(4, set, Attribute.FIT, any(List.of(Fit.values())));
        maybe(3, set, Attribute.FORMALITY, 1 + random.nextInt(7));
        maybe(6, set, Attribute.METAL, any(List.of(Metal.values())));
        maybe(6, set, Attribute.SET, any(SET_IDS));
        if (kind.defaults().containsKey(Attribute.SHAPE)) {
            maybe(3, set, Attribute.SHAPE, any(List.of(Shape.values())));
        }
        maybe(12, set, Attribute.SHEERNESS, random.nextInt(4));
        maybe(12, set, Attribute.SHOW, any(List.of(Show.values())));
        maybe(20, set, Attribute.FITS_NOW, any(List.of(FitsNow.values())));
        maybe(12, set, Attribute.WHEREABOUTS, any(List.of(Whereabouts.values())));
        if (kind.defaults().containsKey(Attribute.HEM) && kind.family() == Family.BOTTOM) {
            maybe(4, set, Attribute.HEMMED_FOR_HEEL_CM, random.nextInt(9) * 1.0);
            maybe(6, set, Attribute.DETAILS, List.of(any(List.of(Detail.PLEATED_WAIST, Detail.PAPER_BAG_WAIST))));
        }
        if (random.nextInt(12) == 0) {
            set.put(
                    Attribute.ROLES,
                    List.of(any(List.of(Slot.values())), any(List.of(Slot.values()))).stream()
                            .distinct()
                            .toList());
        }
        return set;
    }

    private <T> void maybe(int oneIn, Map<Attribute<?>, Object> set, Attribute<T> attribute, T value) {
        if (random.nextInt(oneIn) == 0) {
            set.put(attribute, value);
        }
    }

    /** One to three contexts that differ in weather, or one without any. */
    public List<JudgementContext> contexts() {
        Boundaries boundaries = new Boundaries(
                random.nextInt(4) == 0 ? List.of(any(List.of(Zone.values()))) : List.of(),
                random.nextInt(5) == 0 ? List.of(new Avoidance(null, null, null, Pattern.CHECK, null)) : List.of(),
                random.nextInt(8) == 0 ? List.of(any(List.of(Sensitivity.values()))) : List.of(),
                List.of(),
                null,
                random.nextInt(5) == 0 ? 5.0 : null,
                random.nextInt(4) > 0);
        Brief empty = Brief.EMPTY;
        Brief brief = new Brief(
                boundaries,
                random.nextInt(3) == 0 ? palette() : empty.palette(),
                null,
                0,
                empty.heights(),
                false,
                null,
                null,
                empty.laundry(),
                List.of(),
                null,
                List.of(),
                List.of(),
                List.of(),
                null,
                null,
                null,
                random.nextInt(3) == 0 ? Coats.RECORDED : Coats.ASSUMED);
        Map<SchoolSwitch, String> schools = new EnumMap<>(SchoolSwitch.class);
        for (SchoolSwitch question : SchoolSwitch.values()) {
            if (random.nextInt(4) == 0) {
                schools.put(question, any(question.schools()));
            }
        }
        Map<String, SetKind> sets = Map.of("s1", SetKind.SUIT, "s2", SetKind.JEWELLERY, "s3", SetKind.CO_ORD);
        JudgementContext context = JudgementContext.PLAIN
                .with(brief)
                .at(occasion())
                .with(new Schools(schools))
                .with(sets)
                .with(values())
                .on(random.nextInt(4) == 0 ? LocalDate.of(2027, 1, 12) : null)
                .finishing(random.nextBoolean())
                .with(overrides());
        List<JudgementContext> contexts = new ArrayList<>();
        int weathers = random.nextInt(4);
        for (int i = 0; i < weathers; i++) {
            double low = random.nextInt(40) - 10;
            contexts.add(context.in(new Weather(low, low + random.nextInt(12), 60, 3, 0.2, random.nextInt(6) == 0)));
        }
        return contexts.isEmpty() ? List.of(context) : contexts;
    }

    /** Some rules held one step softer, some comparing with another number. */
    private ParameterValues values() {
        Map<String, Double> values = new HashMap<>();
        for (Rule rule : Catalogue.standard().rules()) {
            if (random.nextInt(20) == 0 && RuleCatalogue.isSoftenable(rule)) {
                values.put(rule.id() + Overrides.SOFTENED, 1.0);
            }
            for (Parameter parameter : rule.info().parameters()) {
                if (random.nextInt(20) == 0) {
                    double share = random.nextDouble();
                    double value = parameter.least() + share * (parameter.most() - parameter.least());
                    values.put(rule.id() + "/" + parameter.name(), value);
                }
            }
        }
        return ParameterValues.of(values);
    }

    /** Rulings on pieces by the ids that {@link #pieces} gives. */
    private Overrides overrides() {
        List<Ruling> rulings = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            List<PieceId> named = new ArrayList<>();
            for (int j = 1 + random.nextInt(4); j > 0; j--) {
                named.add(new PieceId("p" + random.nextInt(9)));
            }
            List<PieceId> distinct = named.stream().distinct().toList();
            Ruling.Decision decision =
                    distinct.size() > 1 && random.nextBoolean() ? Ruling.Decision.APPROVED : Ruling.Decision.NEVER;
            rulings.add(new Ruling("r" + rulings.size(), distinct, decision, "", ""));
        }
        return random.nextInt(3) == 0 ? new Overrides(rulings) : Overrides.NONE;
    }

    private Palette palette() {
        return new Palette(
                List.of(Colour.of(any(COLOURS))), List.of(Colour.of(any(COLOURS))), List.of(Colour.of(any(COLOURS))));
    }

    private Occasion occasion() {
        int low = 1 + random.nextInt(4);
        List<Requirement> requires = new ArrayList<>();
        if (random.nextInt(4) == 0) {
            requires.add(new Requirement(any(List.of(DressCode.values())), List.of(Colour.of(any(COLOURS)))));
        }
        boolean timed = random.nextInt(6) == 0;
        return new Occasion(
                "any",
                low,
                Math.min(7, low + 2 + random.nextInt(4)),
                requires,
                random.nextBoolean() ? Setting.USUAL : any(List.of(Setting.values())),
                random.nextInt(3) == 0,
                null,
                any(List.of(0, 15, 30, 90)),
                1.2,
                21,
                null,
                null,
                List.of(),
                random.nextInt(3) == 0 ? any(List.of(TimeOfDay.values())) : null,
                timed ? LocalTime.of(19, 30) : null,
                timed ? LocalTime.of(1, 0) : null,
                null,
                false);
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
