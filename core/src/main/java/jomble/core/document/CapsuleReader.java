package jomble.core.document;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.brief.Brief;
import jomble.core.brief.Needs;
import jomble.core.brief.Occasion;
import jomble.core.brief.Season;
import jomble.core.capsule.CapsuleProblem;
import jomble.core.capsule.CapsuleWishes;
import jomble.core.capsule.FunctionWish;
import jomble.core.capsule.Need;
import jomble.core.capsule.SavedCapsule;
import jomble.core.climate.ClimateMonth;
import jomble.core.climate.Place;
import jomble.core.climate.Places;
import jomble.core.document.part.Values;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.SchoolSwitch;
import jomble.core.judgement.Schools;
import jomble.core.piece.Attribute;
import jomble.core.piece.Family;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/** Reads the wishes for a capsule, with the needs from the wardrobe's brief. Problems are reported at their node. */
public final class CapsuleReader {
    static final List<String> FIELDS = List.of(
            "size",
            "seasons",
            "place",
            "occasions",
            "must",
            "never",
            "from",
            "families",
            "breakSets",
            "dryCleanMax",
            "palette",
            "varietyCostFraction",
            "without",
            "schools");

    /** What a capsule may see differently from the client's other screens: these decide on capsules alone. */
    private static final Set<SchoolSwitch> SCHOOLS =
            EnumSet.of(SchoolSwitch.CAPSULE_SIZE, SchoolSwitch.TOPS_SHARE, SchoolSwitch.ONE_PIECES);

    private static final int USUAL_SIZE = 16;
    private static final int LARGEST = 60;
    private static final int LONGEST_NAME = 80;
    /** Occasions less frequent than this are left out unless named: monthly, in times a week. */
    private static final double MONTHLY = 12 / 52.0;
    /** With no occasion in the brief, outfits of any kind are sought. */
    private static final double DAILY = 7;

    private CapsuleReader() {}

    /**
     * Reads wishes for a wardrobe.
     *
     * @param node may be null for none: a capsule of sixteen for every season and occasion
     * @param atHome with the climate of its brief, unless the wishes name another place
     */
    public static CapsuleProblem read(Node node, Wardrobe atHome) {
        node.fields(FIELDS);
        Wardrobe wardrobe = following(
                schools(node.field("schools")), Values.given(node.field("place"), n -> away(n, atHome), atHome));
        Brief brief = wardrobe.brief();
        List<Season> seasons = seasons(node.field("seasons"), brief);
        List<Occasion> occasions = occasions(node.field("occasions"), brief);
        Set<PieceId> must = new TreeSet<>(QuestionReader.pieceIds(node.field("must"), wardrobe));
        Set<PieceId> never = new TreeSet<>(QuestionReader.pieceIds(node.field("never"), wardrobe));
        must.stream()
                .filter(never::contains)
                .forEach(id -> node.field("never").reject("both", id + " cannot be in and out"));
        never.removeAll(must);
        CapsuleWishes wishes = new CapsuleWishes(
                Values.given(node.field("size"), CapsuleReader::size, new CapsuleWishes.Range(USUAL_SIZE, USUAL_SIZE)),
                must,
                never,
                Values.given(node.field("from"), n -> from(n, wardrobe), null),
                families(node.field("families")),
                Values.given(node.field("breakSets"), Node::bool, true),
                Values.given(node.field("dryCleanMax"), n -> n.integer(0, LARGEST), null),
                Values.given(node.field("palette"), CapsuleReader::palette, null),
                Values.given(node.field("varietyCostFraction"), n -> n.decimal(0, 1), CapsuleWishes.USUAL_VARIETY_COST),
                Set.copyOf(Values.list(node.field("without"), n -> Values.word(n, FunctionWish.class))));
        if (must.size() > wishes.size().max()) {
            node.field("must").reject("too-many", "more pieces must be in than the capsule holds");
        }
        List<Need> needs = needs(wardrobe, brief, seasons, occasions);
        if (needs.isEmpty()) {
            node.field("occasions").reject("none", "none of these occasions comes in these seasons");
            needs = List.of(need(
                    wardrobe, Occasion.ANY, Needs.MOST, DAILY, brief.seasons().get(0)));
        }
        return new CapsuleProblem(wardrobe.pieces(), wardrobe.wears().times(), needs, wishes);
    }

    private static Map<SchoolSwitch, String> schools(Node node) {
        node.fields(SCHOOLS.stream().map(Word::id).toList());
        return HouseRulesReader.schools(node);
    }

    /** A wardrobe with some schools chosen instead of its own. */
    private static Wardrobe following(Map<SchoolSwitch, String> schools, Wardrobe wardrobe) {
        return schools.isEmpty()
                ? wardrobe
                : wardrobe.with(Parts.RULES, wardrobe.rules().with(new HouseRules(schools, Map.of())));
    }

    /** The schools a saved capsule follows: the wardrobe's, and those wished for it. */
    static Schools schools(SavedCapsule capsule, Wardrobe wardrobe) {
        Map<SchoolSwitch, String> wished =
                schools(Node.root(capsule.now().wishes()).field("schools"));
        return new Schools(following(wished, wardrobe).rules().schools());
    }

    private static Wardrobe away(Node node, Wardrobe wardrobe) {
        String name = node.text(1, LONGEST_NAME);
        Optional<Place> place =
                Places.shipped().stream().filter(one -> one.name().equals(name)).findFirst();
        if (name != null && place.isEmpty()) {
            node.rejectUnknown(
                    "place", name, Places.shipped().stream().map(Place::name).toList());
        }
        return place.map(one -> wardrobe.with(Parts.BRIEF, wardrobe.brief().livingIn(one)))
                .orElse(null);
    }

    /** The pieces with a tag, or those of a saved capsule. */
    private static Set<PieceId> from(Node node, Wardrobe wardrobe) {
        node.fields(List.of("tag", "capsule"));
        String tag = Values.given(node.field("tag"), n -> n.text(1, LONGEST_NAME), null);
        String capsule = Values.given(node.field("capsule"), n -> n.text(1, LONGEST_NAME), null);
        if (tag != null && capsule == null) {
            return from(
                    node.field("tag"),
                    wardrobe.pieces().stream()
                            .filter(piece -> piece.get(Attribute.TAGS) != null
                                    && piece.get(Attribute.TAGS).contains(tag))
                            .map(Piece::id),
                    "no piece has the tag " + tag);
        }
        if (capsule != null && tag == null) {
            return from(
                    node.field("capsule"),
                    wardrobe.findCapsule(capsule).stream().flatMap(saved -> saved.now().pieces().stream()),
                    "there is no capsule " + capsule);
        }
        node.reject("one-of", "either a tag or a capsule is expected here");
        return null;
    }

    private static Set<PieceId> from(Node node, Stream<PieceId> pieces, String none) {
        Set<PieceId> from = pieces.collect(Collectors.toSet());
        if (from.isEmpty()) {
            node.reject("none", none);
        }
        return from;
    }

    private static CapsuleWishes.Range size(Node node) {
        if (node.isObject()) {
            return range(node, 1);
        }
        Integer size = node.integer(1, LARGEST);
        return size == null ? null : new CapsuleWishes.Range(size, size);
    }

    private static CapsuleWishes.Range range(Node node, int least) {
        node.fields(List.of("min", "max"));
        int min = Values.given(node.field("min"), n -> n.integer(least, LARGEST), least);
        int max = Values.given(node.field("max"), n -> n.integer(least, LARGEST), LARGEST);
        if (min > max) {
            node.field("min").reject("out-of-order", "min is above max");
            return null;
        }
        return new CapsuleWishes.Range(min, max);
    }

    private static Map<Family, CapsuleWishes.Range> families(Node node) {
        Map<Family, CapsuleWishes.Range> ranges = new EnumMap<>(Family.class);
        node.fields(Word.ids(Family.class)).forEach((name, field) -> {
            Optional<Family> family = Word.find(Family.class, name);
            CapsuleWishes.Range range = family.isPresent() && !field.isNull() ? range(field, 0) : null;
            if (range != null) {
                ranges.put(family.get(), range);
            }
        });
        return ranges;
    }

    private static CapsuleWishes.PaletteLimit palette(Node node) {
        node.fields(List.of("bases", "accents"));
        return new CapsuleWishes.PaletteLimit(
                Values.given(node.field("bases"), n -> n.integer(0, LARGEST), LARGEST),
                Values.given(node.field("accents"), n -> n.integer(0, LARGEST), LARGEST));
    }

    /** Seasons of the brief by name, or others with their months; those of the brief when none are given. */
    private static List<Season> seasons(Node node, Brief brief) {
        List<Season> seasons = new ArrayList<>();
        for (Node item : node.items(Season.MOST)) {
            Season season = item.isText() ? named(item, brief) : ClimateReader.season(item);
            if (season != null && !brief.climate().isEmpty() && !brief.knows(season)) {
                item.reject("no-climate", "the brief has no climate for " + season.name());
            } else if (season != null) {
                seasons.add(season);
            }
        }
        return node.isNull() || seasons.isEmpty() ? brief.seasons() : seasons;
    }

    private static Season named(Node node, Brief brief) {
        Optional<Season> season = brief.seasons().stream()
                .filter(one -> one.name().equals(node.value()))
                .findFirst();
        if (season.isEmpty()) {
            node.rejectUnknown(
                    "season",
                    (String) node.value(),
                    brief.seasons().stream().map(Season::name).toList());
        }
        return season.orElse(null);
    }

    /** Occasions of the brief by name; all that come once a month or more often when none are given. */
    private static List<Occasion> occasions(Node node, Brief brief) {
        Map<String, Occasion> byName = new LinkedHashMap<>();
        brief.occasions().forEach(occasion -> byName.put(occasion.name(), occasion));
        List<Occasion> named = Values.list(node, n -> {
            Occasion occasion = n.text(1, 80) == null ? null : byName.get((String) n.value());
            if (occasion == null && n.isText()) {
                n.rejectUnknown("occasion", (String) n.value(), byName.keySet());
            }
            return occasion;
        });
        return node.isNull()
                ? brief.occasions().stream()
                        .filter(occasion ->
                                !occasion.isPaused() && occasion.weekly().orElse(1) >= MONTHLY)
                        .toList()
                : named;
    }

    private static List<Need> needs(Wardrobe wardrobe, Brief brief, List<Season> seasons, List<Occasion> occasions) {
        List<Need> needs = new ArrayList<>();
        if (brief.occasions().isEmpty()) {
            seasons.forEach(season -> needs.add(need(wardrobe, Occasion.ANY, Needs.MOST, DAILY, season)));
        }
        for (Occasion occasion : occasions) {
            for (Season season : seasons) {
                if (occasion.happensIn(season)) {
                    needs.add(need(
                            wardrobe,
                            occasion,
                            Needs.of(brief, occasion, season).outfits(),
                            occasion.weekly().orElse(1),
                            season));
                }
            }
        }
        return needs;
    }

    private static Need need(Wardrobe wardrobe, Occasion occasion, int outfits, double timesPerWeek, Season season) {
        List<Need.Month> months = season.months().stream()
                .filter(month ->
                        occasion.months().isEmpty() || occasion.months().contains(month))
                .flatMap(month -> wardrobe.brief().climateOf(month).stream())
                .map(month -> month(wardrobe, occasion, month))
                .toList();
        return new Need(
                occasion,
                season,
                outfits,
                timesPerWeek,
                months.isEmpty() ? List.of(month(wardrobe, occasion, null)) : months);
    }

    /** @param climate null without weather */
    private static Need.Month month(Wardrobe wardrobe, Occasion occasion, ClimateMonth climate) {
        return new Need.Month(
                climate,
                QuestionReader.context(wardrobe, occasion, wardrobe.rules(), null, false)
                        .in(climate == null ? null : climate.typicalDay()));
    }
}
