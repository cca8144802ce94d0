package jomble.drawing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Worn;
import jomble.core.piece.Attribute;
import jomble.core.piece.Finish;
import jomble.core.piece.Piece;
import jomble.core.piece.Rise;
import jomble.core.piece.Shaft;
import jomble.core.piece.Shape;
import jomble.core.piece.Slot;
import jomble.core.proportion.Heights;
import jomble.drawing.garment.DressForm;
import jomble.drawing.garment.Form;
import jomble.drawing.garment.Garments;
import jomble.drawing.garment.Wearing;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/**
 * An outfit on the dress form, layer over layer, each piece worn as its finish says. Heights are those of the proportion model,
 * in a frame of {@value #HEIGHT} units whose crown is at {@value #CROWN} and whose floor is 400 below, so that a ruler drawn to
 * the same frame stands level with it. A coat is worn over all, or peeled off and hung to the side.
 */
public final class Figure {
    public static final double HEIGHT = 424;
    public static final double CROWN = 12;
    private static final double HALF_WIDTH = 112;
    private static final double COAT_X = 178;
    private static final double COAT_HALF_WIDTH = 90;
    private static final double MARGIN = 3;

    private static final Set<Slot> OVER_ALL =
            EnumSet.of(Slot.NECK, Slot.WATCH, Slot.HANDS, Slot.EXTRA, Slot.BAG, Slot.HAT);
    /** Legs close enough to go inside a boot. */
    private static final Set<Shape> INSIDE_BOOTS = EnumSet.of(Shape.SKINNY, Shape.SLIM);

    private static final String MARK = "#1f5fa8";
    private static final double MARK_RADIUS = 6;
    /** What lies over the middle of other pieces is marked there; the others are marked to one side, where they show. */
    private static final Set<Slot> MARKED_IN_THE_MIDDLE =
            EnumSet.of(Slot.TOP, Slot.NECK, Slot.TIE, Slot.HAT, Slot.BELT, Slot.BAG, Slot.JEWELLERY, Slot.WATCH);

    /** Share of the height of legwear at which it shows beneath a skirt. */
    private static final double BELOW_THE_HEM = 0.8;

    private final Outfit outfit;
    private final Form form;
    private final List<Slot> marked;
    private final Sheet sheet = new Sheet();
    private final Map<Slot, double[]> boxes = new EnumMap<>(Slot.class);

    private Figure(Outfit outfit, Heights heights, List<Slot> marked) {
        this.outfit = outfit;
        this.form = new Form(heights);
        this.marked = marked;
    }

    /**
     * A whole SVG document.
     *
     * @param outfit each piece with the finish it is worn with
     * @param coatOn whether the coat is worn; else it hangs beside the figure
     */
    public static String of(Outfit outfit, Heights heights, boolean coatOn) {
        return of(outfit, heights, coatOn, List.of());
    }

    /**
     * The same with rings on some of its places and a dotted line from one to the next.
     *
     * @param marked places, such as two in which a colour comes again
     */
    public static String of(Outfit outfit, Heights heights, boolean coatOn, List<Slot> marked) {
        return new Figure(outfit, heights, marked).draw(coatOn);
    }

    private String draw(boolean coatOn) {
        DressForm.draw(sheet, form);
        for (Slot slot : order()) {
            wear(slot);
        }
        Optional<Worn> coat = outfit.in(Slot.COAT);
        boolean beside = coat.isPresent() && !coatOn;
        if (coat.isPresent() && coatOn) {
            wear(Slot.COAT);
        }
        OVER_ALL.forEach(this::wear);
        mark();
        if (beside) {
            Sheet hung = new Sheet();
            Garments.of(coat.get().piece(), Slot.COAT)
                    .draw(hung, new Wearing(form, false, Set.of(), Double.NaN, false));
            DressForm.hanger(sheet, form, COAT_X);
            sheet.add(hung, besideScale(hung), COAT_X, 0);
        }
        double width = beside ? HALF_WIDTH + COAT_X + COAT_HALF_WIDTH : 2 * HALF_WIDTH;
        return new Sheet.Frame(width, HEIGHT, 1, HALF_WIDTH, CROWN, false).of(sheet, title(), description());
    }

    private void mark() {
        double[] before = null;
        for (Slot slot : marked) {
            double[] box = boxes.get(slot);
            if (box != null) {
                double share = MARKED_IN_THE_MIDDLE.contains(slot) ? 0.5 : 0.75;
                double down = slot == Slot.LEGWEAR ? BELOW_THE_HEM : 0.5;
                double[] at = {box[0] + share * (box[2] - box[0]), box[1] + down * (box[3] - box[1])};
                if (before != null) {
                    sheet.line(Outline.polyline(before[0], before[1], at[0], at[1]), MARK, Weight.STITCH);
                }
                ring(at[0], at[1]);
                before = at;
            }
        }
    }

    private void ring(double x, double y) {
        sheet.line(Outline.circle(x, y, MARK_RADIUS), "#ffffff", Weight.CORD);
        sheet.line(Outline.circle(x, y, MARK_RADIUS), MARK, Weight.OUTLINE);
    }

    /** A coat hangs level with the figure; only one too wide for its place is drawn smaller. */
    private static double besideScale(Sheet coat) {
        double[] box = coat.bounds();
        return Math.min(1, (COAT_HALF_WIDTH - MARGIN) / Math.max(-box[0], box[2]));
    }

    /** Slots from the skin outwards, up to the jacket; a tucked top goes beneath the waistband, and legs into or over boots. */
    private List<Slot> order() {
        List<Slot> order = new ArrayList<>(List.of(Slot.LEGWEAR, Slot.BASE, Slot.UNDERSKIRT));
        boolean bootsOver = bootsGoOver();
        if (!bootsOver) {
            order.add(Slot.SHOES);
        }
        boolean topFirst = outfit.in(Slot.ONEPIECE).isPresent()
                || outfit.in(Slot.DRAPE).isPresent()
                || outfit.in(Slot.TOP).filter(top -> top.is(Finish.TUCKED)).isPresent();
        order.addAll(topFirst ? List.of(Slot.TOP, Slot.BOTTOM) : List.of(Slot.BOTTOM, Slot.TOP));
        order.addAll(List.of(Slot.ONEPIECE, Slot.DRAPE));
        if (bootsOver) {
            order.add(Slot.SHOES);
        }
        order.addAll(List.of(Slot.BELT, Slot.TIE, Slot.MID, Slot.JEWELLERY, Slot.JACKET));
        return order;
    }

    private boolean bootsGoOver() {
        Shaft shaft = outfit.in(Slot.SHOES)
                .map(shoes -> shoes.piece().get(Attribute.SHAFT))
                .orElse(Shaft.NONE);
        boolean high = shaft == Shaft.KNEE || shaft == Shaft.OVER_KNEE || shaft == Shaft.MID_CALF;
        return high
                && outfit.in(Slot.BOTTOM)
                        .map(bottom -> INSIDE_BOOTS.contains(bottom.piece().shape()))
                        .orElse(false);
    }

    private void wear(Slot slot) {
        outfit.in(slot).ifPresent(worn -> {
            Sheet own = new Sheet();
            worn.pieces().forEach(piece -> {
                boolean belted = worn.is(Finish.BELTED) || isCinched(slot);
                Garments.of(piece, slot).drawWorn(own, new Wearing(form, true, finishes(worn), waistband(), belted));
            });
            if (!own.isEmpty()) {
                boxes.put(slot, own.bounds());
                sheet.add(own, 1, 0, 0);
            }
        });
    }

    /** A belt worn over a dress gives it a waist. */
    private boolean isCinched(Slot slot) {
        return slot == Slot.ONEPIECE && outfit.in(Slot.BELT).isPresent();
    }

    /** Jackets and coats stand open over what is beneath, unless nothing is. */
    private Set<Finish> finishes(Worn worn) {
        boolean outer = worn.slot() == Slot.JACKET || worn.slot() == Slot.COAT;
        boolean opens = worn.piece().finishes().contains(Finish.OPEN);
        return worn.finishes().isEmpty() && outer && opens ? Set.of(Finish.OPEN) : worn.finishes();
    }

    /** Where the waistband sits: that of the bottom, or under a dress or a drape the natural waist. */
    private double waistband() {
        return outfit.in(Slot.BOTTOM)
                .map(bottom -> bottom.piece().rise() == null
                        ? Rise.MID
                        : bottom.piece().rise())
                .map(rise -> form.y(rise.landmark()))
                .orElse(outfit.in(Slot.DRAPE).isPresent() ? form.y(Rise.HIGH.landmark()) : Double.NaN);
    }

    private String title() {
        List<String> labels = new ArrayList<>();
        outfit.worn().forEach(worn -> worn.pieces().stream().map(Piece::label).forEach(labels::add));
        return String.join(", ", labels);
    }

    private String description() {
        List<String> finishes = new ArrayList<>();
        for (Worn worn : outfit.worn()) {
            worn.finishes().forEach(finish -> finishes.add(worn.piece().label() + " " + finish.words()));
        }
        return String.join(", ", finishes);
    }
}
