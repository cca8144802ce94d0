package jomble.core.document;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import jomble.core.brief.Brief;
import jomble.core.brief.Coats;
import jomble.core.brief.Occasion;
import jomble.core.climate.ClimateMonth;
import jomble.core.climate.Weather;
import jomble.core.counting.CountedSlots;
import jomble.core.counting.SlotPair;
import jomble.core.document.part.Values;
import jomble.core.judgement.HouseRules;
import jomble.core.judgement.JudgementContext;
import jomble.core.judgement.ParameterValues;
import jomble.core.judgement.Schools;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Ways;
import jomble.core.outfit.Worn;
import jomble.core.piece.Finish;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.tree.Node;

/** Reads the input of the compute calls: a wardrobe, a context and outfits. */
public final class QuestionReader {
    private static final List<String> CONTEXT_FIELDS = List.of(
            "occasion", "weather", "months", "schools", "countedSlots", "includeDaring", "date", "coats", "asIfMended");
    private static final List<String> WEATHER_FIELDS =
            List.of("lowC", "highC", "humidity", "windMs", "rainChance", "indoors");
    private static final Map<String, CountedSlots> PRESETS = Map.of(
            "bases",
            CountedSlots.BASES,
            "clothes",
            CountedSlots.CLOTHES,
            "outfits",
            CountedSlots.OUTFITS,
            "looks",
            CountedSlots.LOOKS);
    private static final int MOST_OUTFITS = 10_000;

    private QuestionReader() {}

    /** Reads {@code wardrobe} and {@code context} of a request; problems are reported at the node. */
    public static Question read(Node request) {
        return read(request, WardrobeReader.required(request.field("wardrobe"), Kinds.shipped()));
    }

    /** Reads the context of a request about a known wardrobe. */
    public static Question read(Node request, Wardrobe wardrobe) {
        Node node = request.field("context");
        node.fields(CONTEXT_FIELDS);
        Occasion occasion = Values.given(node.field("occasion"), OccasionReader::read, Occasion.ANY);
        HouseRules asked =
                new HouseRules(Values.given(node.field("schools"), HouseRulesReader::schools, Map.of()), Map.of());
        HouseRules rules = wardrobe.rules().with(asked);
        CountedSlots counted = Values.given(node.field("countedSlots"), QuestionReader::counted, CountedSlots.OUTFITS);
        boolean daring = Values.given(node.field("includeDaring"), Node::bool, false);
        LocalDate date = Values.given(node.field("date"), Node::date, null);
        JudgementContext judged = context(wardrobe, occasion, rules, date, counted != null && counted.hasAccessories())
                .asIfMended(Values.given(node.field("asIfMended"), Node::bool, false));
        Coats coats = Values.given(
                node.field("coats"),
                n -> Values.word(n, Coats.class),
                wardrobe.brief().coats());
        JudgementContext context = judged.with(wardrobe.brief().with(coats));
        List<JudgementContext> contexts =
                weathers(node, wardrobe.brief()).stream().map(context::in).toList();
        return new Question(wardrobe, contexts.isEmpty() ? List.of(context) : contexts, counted, daring);
    }

    /** The context for judging a wardrobe without weather. */
    static JudgementContext context(
            Wardrobe wardrobe, Occasion occasion, HouseRules rules, LocalDate date, boolean countsAccessories) {
        return JudgementContext.PLAIN
                .with(wardrobe.brief())
                .with(wardrobe.setKinds())
                .with(wardrobe.overrides())
                .at(occasion)
                .on(date)
                .with(new Schools(rules.schools()))
                .with(ParameterValues.of(rules.parameters()))
                .finishing(countsAccessories);
    }

    /** The weather given, or the typical day of each month; months with equal weather are merged. */
    private static Set<Weather> weathers(Node node, Brief brief) {
        Set<Weather> weathers = new LinkedHashSet<>();
        Node months = node.field("months");
        Node weather = node.field("weather");
        if (!months.isNull() && !weather.isNull()) {
            months.reject("one-of", "either weather or months is expected, not both");
        }
        if (!weather.isNull()) {
            weather(weather).ifPresent(weathers::add);
        }
        for (Node item : months.items(12)) {
            Integer month = item.integer(1, 12);
            if (month != null) {
                Optional<ClimateMonth> climate = brief.climateOf(month);
                climate.ifPresentOrElse(
                        c -> weathers.add(c.typicalDay()),
                        () -> item.reject("no-climate", "the brief's climate has no month " + month));
            }
        }
        return weathers;
    }

    private static Optional<Weather> weather(Node node) {
        node.fields(WEATHER_FIELDS);
        Double low = node.field("lowC").decimal(-60, 60);
        Double high = node.field("highC").decimal(-60, 60);
        if (low == null || high == null) {
            return Optional.empty();
        }
        if (low > high) {
            node.field("lowC").reject("out-of-order", "lowC is above highC");
            return Optional.empty();
        }
        return Optional.of(new Weather(
                low,
                high,
                Values.given(node.field("humidity"), n -> n.decimal(0, 100), 50.0),
                Values.given(node.field("windMs"), n -> n.decimal(0, 100), 0.0),
                Values.given(node.field("rainChance"), n -> n.decimal(0, 1), 0.0),
                Values.given(node.field("indoors"), Node::bool, false)));
    }

    /** The weather of a context in document form. */
    public static Map<String, Object> write(Weather weather) {
        return Values.tree(
                "lowC", weather.lowC(),
                "highC", weather.highC(),
                "humidity", weather.humidityPercent(),
                "windMs", weather.windMs(),
                "rainChance", weather.rainChance(),
                "indoors", weather.indoors());
    }

    /** Whether a word is a preset of counted slots. */
    public static boolean isPreset(String word) {
        return PRESETS.containsKey(word);
    }

    private static CountedSlots counted(Node node) {
        if (node.isText()) {
            CountedSlots preset = PRESETS.get((String) node.value());
            if (preset == null) {
                node.rejectUnknown("value", (String) node.value(), PRESETS.keySet());
            }
            return preset;
        }
        List<Slot> slots = Values.list(node, n -> Values.word(n, Slot.class)).stream()
                .filter(slot -> !CountedSlots.UNSEEN.contains(slot))
                .toList();
        if (slots.isEmpty()) {
            node.reject("too-few", "a preset or at least one slot is expected here");
            return null;
        }
        return new CountedSlots(EnumSet.copyOf(slots));
    }

    /**
     * Reads outfits: from slot to the id of a piece, or to several ids for a set of jewellery. Pieces that look the same
     * in other slots are put into those that count, see {@link Reading}.
     */
    public static List<Outfit> outfits(Node node, Wardrobe wardrobe) {
        Map<String, Piece> pieces = byId(wardrobe);
        return node.items(MOST_OUTFITS).stream()
                .map(item -> outfit(item, pieces))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Reads one outfit as the pieces in its slots. */
    public static Map<Slot, List<PieceId>> outfit(Node node, Wardrobe wardrobe) {
        Map<String, Piece> pieces = byId(wardrobe);
        Map<Slot, List<PieceId>> outfit = new EnumMap<>(Slot.class);
        if (!node.isObject()) {
            node.reject("not-an-object", "an outfit is expected here: from slot to piece");
        } else {
            outfit(node, pieces)
                    .map(Outfit::worn)
                    .orElse(List.of())
                    .forEach(worn -> outfit.put(
                            worn.slot(), worn.pieces().stream().map(Piece::id).toList()));
        }
        return outfit;
    }

    /**
     * Reads how pieces of an outfit are to be worn: from id to finishes, such as {@code {"p1": ["tucked"]}}. Other
     * pieces are worn in the best way.
     */
    public static Map<PieceId, Set<Finish>> finishes(Node node, Outfit outfit) {
        Map<PieceId, Set<Finish>> finishes = new TreeMap<>();
        Map<String, List<Set<Finish>>> ways = new LinkedHashMap<>();
        outfit.worn()
                .forEach(worn -> ways.put(
                        worn.piece().id().value(),
                        Ways.of(worn).stream().map(Worn::finishes).toList()));
        node.fields(ways.keySet()).forEach((id, field) -> {
            if (ways.containsKey(id) && !field.isNull()) {
                Set<Finish> chosen = new HashSet<>(Values.list(field, one -> Values.word(one, Finish.class)));
                if (ways.get(id).contains(chosen)) {
                    finishes.put(new PieceId(id), chosen);
                } else {
                    field.reject("not-a-way", "this piece cannot be worn like this; see the ways of the outfit");
                }
            }
        });
        return finishes;
    }

    private static Map<String, Piece> byId(Wardrobe wardrobe) {
        Map<String, Piece> pieces = new LinkedHashMap<>();
        wardrobe.pieces().forEach(piece -> pieces.put(piece.id().value(), piece));
        return pieces;
    }

    private static Optional<Outfit> outfit(Node node, Map<String, Piece> pieces) {
        List<Worn> worn = new ArrayList<>();
        Set<PieceId> seen = new LinkedHashSet<>();
        node.fields(Word.ids(Slot.class)).forEach((name, field) -> {
            Optional<Slot> slot = Word.find(Slot.class, name);
            if (slot.isPresent() && !field.isNull()) {
                List<Piece> members = members(field, pieces);
                boolean fresh = members.stream().allMatch(piece -> seen.add(piece.id()));
                if (!fresh) {
                    field.reject("twice", "a piece can be worn in one slot only");
                } else if (members.size() > 1 && slot.get() != Slot.JEWELLERY) {
                    field.reject("too-many", "only jewellery can be several pieces");
                } else if (!members.isEmpty()) {
                    worn.add(Worn.of(slot.get(), members));
                }
            }
        });
        return Optional.of(Reading.of(Outfit.of(worn)));
    }

    private static List<Piece> members(Node field, Map<String, Piece> pieces) {
        List<Node> ids = field.isList() ? field.items(20) : List.of(field);
        return ids.stream()
                .map(id -> id.text(1, 64) == null ? null : piece(id, pieces))
                .filter(piece -> piece != null)
                .toList();
    }

    private static Piece piece(Node node, Map<String, Piece> pieces) {
        Piece piece = pieces.get((String) node.value());
        if (piece == null) {
            node.rejectUnknown("piece", (String) node.value(), pieces.keySet());
        }
        return piece;
    }

    public static List<PieceId> pieceIds(Node node, Wardrobe wardrobe) {
        Map<String, Piece> pieces = byId(wardrobe);
        return Values.list(node, n -> pieceId(n, pieces));
    }

    /** Reads the id of a piece of the wardrobe; null, with a problem reported, when there is no such piece. */
    public static PieceId pieceId(Node node, Wardrobe wardrobe) {
        return pieceId(node, byId(wardrobe));
    }

    private static PieceId pieceId(Node node, Map<String, Piece> pieces) {
        if (node.isNull()) {
            node.reject("missing", "the id of a piece is expected here");
            return null;
        }
        return node.text(1, 64) == null || piece(node, pieces) == null ? null : new PieceId((String) node.value());
    }

    /** Reads pairs of slots such as {@code ["top", "bottom"]}. */
    public static List<SlotPair> slotPairs(Node node) {
        return Values.list(node, n -> {
            List<Slot> slots = Values.list(n, s -> Values.word(s, Slot.class));
            if (slots.size() != 2 || slots.get(0) == slots.get(1)) {
                n.reject("not-a-pair", "two different slots are expected here");
                return null;
            }
            return new SlotPair(slots.get(0), slots.get(1));
        });
    }
}
