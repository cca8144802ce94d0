package jomble.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Cloth;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Hem;
import jomble.core.piece.Kind;
import jomble.core.piece.Kinds;
import jomble.core.piece.Lapel;
import jomble.core.piece.Metal;
import jomble.core.piece.Neckline;
import jomble.core.piece.Pattern;
import jomble.core.piece.PatternScale;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.core.piece.Word;
import jomble.core.proportion.Heights;
import jomble.drawing.ink.Sheet;

/** Every kind, every value of what a drawing shows, and outfits in every finish, side by side: for those who draw, and for tests. */
public final class Gallery {
    private static final String THREE_COLOURS = "#22304d:0.6, #d9b26a:0.25, #b5322b:0.15";

    /**
     * A drawing.
     *
     * @param name what it shows
     */
    public record Plate(String name, String svg) {}

    private Gallery() {}

    /** Title to plates. */
    public static Map<String, List<Plate>> sections() {
        Map<String, List<Plate>> sections = new LinkedHashMap<>();
        for (Family family : Family.values()) {
            List<Plate> plates = new ArrayList<>();
            for (Kind kind : Kinds.shipped().all()) {
                if (kind.family() == family) {
                    plates.add(new Plate(kind.words(), Flat.of(Piece.of(new PieceId("p"), kind, Map.of()))));
                }
            }
            sections.put(plain(family), plates);
        }
        sections.put("patterns", values("shirt", "pattern", Pattern.values(), Map.of("colours", THREE_COLOURS)));
        sections.put(
                "pattern scale",
                values(
                        "midi-skirt",
                        "patternScale",
                        PatternScale.values(),
                        Map.of("pattern", "check", "colours", THREE_COLOURS)));
        sections.put("cloth", values("fine-knit", "cloth", Cloth.values(), Map.of("colours", "#8a6d5a")));
        sections.put("necklines", values("blouse", "neckline", Neckline.values(), Map.of("opening", "none")));
        sections.put("sleeves", values("t-shirt", "sleeve", Sleeve.values(), Map.of("colours", "#4a76b0")));
        sections.put("sleeve volume", numbers("blouse", "sleeveVolume", 1, 3, Map.of()));
        sections.put("sheerness", numbers("blouse", "sheerness", 0, 3, Map.of("colours", "#274b63")));
        sections.put("sheen", numbers("midi-skirt", "sheen", 0, 3, Map.of("colours", "#6d1f35")));
        sections.put("fit", values("t-shirt", "fit", Fit.values(), Map.of("colours", "#4a76b0")));
        sections.put("lapels", values("blazer", "construction.lapel", Lapel.values(), Map.of()));
        sections.put(
                "legs",
                each("jeans", "shape", List.of("skinny", "slim", "straight", "tapered", "boot-cut", "flared", "wide")));
        sections.put(
                "skirts",
                each(
                        "midi-skirt",
                        "shape",
                        List.of("pencil", "straight", "a-line", "pleated", "wrap", "bias", "trumpet", "full")));
        sections.put(
                "hems",
                values(
                        "wool-coat",
                        "hem",
                        new Hem[] {Hem.HIP, Hem.MID_THIGH, Hem.KNEE, Hem.CALF, Hem.ANKLE},
                        Map.of()));
        sections.put("heels", each("court-shoes", "heelType", List.of("flat", "block", "stiletto", "wedge")));
        sections.put("metals", values("belt", "metal", Metal.values(), Map.of()));
        sections.put("details", each("blouse", "details", List.of("ruffle", "bow")));
        sections.put("figures", figures());
        return sections;
    }

    private static <W extends Enum<W> & Word> List<Plate> values(
            String kind, String column, W[] values, Map<String, String> rest) {
        List<Plate> plates = new ArrayList<>();
        for (W value : values) {
            plates.add(plate(kind, column, value.id(), rest));
        }
        return plates;
    }

    private static List<Plate> numbers(String kind, String column, int from, int to, Map<String, String> rest) {
        List<Plate> plates = new ArrayList<>();
        for (int value = from; value <= to; value++) {
            plates.add(plate(kind, column, Integer.toString(value), rest));
        }
        return plates;
    }

    private static List<Plate> each(String kind, String column, List<String> values) {
        return values.stream()
                .map(value -> plate(kind, column, value, Map.of()))
                .toList();
    }

    private static Plate plate(String kind, String column, String value, Map<String, String> rest) {
        Map<String, String> look = new LinkedHashMap<>(rest);
        look.put("kind", kind);
        look.put(column, value);
        return new Plate(value.replace('-', ' '), Flat.of(Look.piece(look)));
    }

    private static List<Plate> figures() {
        List<Plate> figures = new ArrayList<>();
        for (Finish finish :
                List.of(Finish.UNTUCKED, Finish.TUCKED, Finish.HALF_TUCKED, Finish.KNOTTED, Finish.SLEEVES_ROLLED)) {
            figures.add(figure(
                    plain(finish),
                    true,
                    wear(Slot.TOP, finish, "kind=shirt"),
                    wear(Slot.BOTTOM, null, "kind=chinos"),
                    wear(Slot.SHOES, null, "kind=loafers")));
        }
        Worn knit = wear(Slot.TOP, Finish.TUCKED, "kind=roll-neck");
        Worn skirt = wear(Slot.BOTTOM, null, "kind=midi-skirt", "shape=pleated", "colours=#1f4a2c");
        Worn boots = wear(Slot.SHOES, null, "kind=ankle-boots");
        Worn cardigan = wear(Slot.MID, null, "kind=cardigan", "colours=#b5522b");
        figures.add(figure("open cardigan", true, knit, skirt, boots, cardigan.finished(Finish.OPEN)));
        figures.add(figure("buttoned cardigan", true, knit, skirt, boots, cardigan.finished(Finish.BUTTONED)));
        figures.add(figure("over shoulders", true, knit, skirt, boots, cardigan.finished(Finish.OVER_SHOULDERS)));
        Worn coat = wear(Slot.COAT, null, "kind=trench-coat");
        Worn blazer = wear(Slot.JACKET, null, "kind=blazer");
        figures.add(figure("coat on", true, knit, skirt, boots, blazer, coat));
        figures.add(figure("coat peeled", false, knit, skirt, boots, blazer, coat));
        figures.add(figure(
                "boots over close legs",
                true,
                knit,
                wear(Slot.BOTTOM, null, "kind=jeans", "shape=skinny"),
                wear(Slot.SHOES, null, "kind=knee-boots")));
        figures.add(figure(
                "cuffed",
                true,
                knit,
                wear(Slot.BOTTOM, Finish.CUFFED_HEM, "kind=jeans"),
                wear(Slot.SHOES, null, "kind=trainers")));
        figures.add(figure(
                "belted dress",
                true,
                wear(Slot.ONEPIECE, Finish.BELTED, "kind=shirt-dress"),
                wear(Slot.SHOES, null, "kind=espadrilles")));
        figures.add(figure(
                "dress over trousers",
                true,
                wear(Slot.ONEPIECE, Finish.OPEN, "kind=shirt-dress"),
                wear(Slot.TOP, Finish.TUCKED, "kind=vest-top"),
                wear(Slot.BOTTOM, null, "kind=tailored-trousers"),
                wear(Slot.SHOES, null, "kind=loafers")));
        figures.add(figure(
                "draped",
                true,
                wear(Slot.DRAPE, Finish.DRAPED, "kind=sari"),
                wear(Slot.TOP, Finish.TUCKED, "kind=fitted-blouse", "colours=#d99a3a"),
                wear(Slot.UNDERSKIRT, null, "kind=underskirt"),
                wear(Slot.SHOES, null, "kind=embroidered-flats"),
                wear(Slot.JEWELLERY, null, "kind=necklace", "metal=gold")));
        return figures;
    }

    private static Worn wear(Slot slot, Finish finish, String... cells) {
        Map<String, String> look = new LinkedHashMap<>();
        for (String cell : cells) {
            look.put(cell.substring(0, cell.indexOf('=')), cell.substring(cell.indexOf('=') + 1));
        }
        Piece piece = Look.piece(look);
        Worn plain = Worn.of(slot, Piece.of(new PieceId(slot.id()), piece.kind(), piece.set()));
        return finish == null ? plain : plain.finished(finish);
    }

    private static Plate figure(String name, boolean coatOn, Worn... worn) {
        return new Plate(name, Figure.of(Outfit.of(List.of(worn)), Heights.MEAN, coatOn));
    }

    private static String plain(Word word) {
        return word.id().replace('-', ' ');
    }

    /** The whole gallery as one page that needs nothing else. */
    public static String page() {
        StringBuilder page = new StringBuilder(
                "<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><title>Drawings</title><style>"
                        + "body{margin:24px;background:#f1f1f1;color:#17181a;font:13px system-ui}h2{margin:28px 0 8px;font-size:16px}"
                        + "ul{display:grid;grid-template-columns:repeat(auto-fill,minmax(120px,1fr));gap:6px;padding:0;list-style:none}"
                        + "li{background:#fbfbfb;text-align:center;padding:6px}svg{width:100%;height:150px}</style><h1>Drawings</h1>");
        sections().forEach((title, plates) -> {
            page.append("<h2>").append(Sheet.escape(title)).append("</h2><ul>");
            plates.forEach(plate -> page.append("<li>")
                    .append(plate.svg())
                    .append("<br>")
                    .append(Sheet.escape(plate.name()))
                    .append("</li>"));
            page.append("</ul>");
        });
        return page.append("</html>\n").toString();
    }
}
