package jomble.drawing;

import java.util.Set;
import jomble.core.piece.Attribute;
import jomble.core.piece.Family;
import jomble.core.piece.Fit;
import jomble.core.piece.Lapel;
import jomble.core.piece.Metal;
import jomble.core.piece.Neckline;
import jomble.core.piece.Piece;
import jomble.core.piece.Shaft;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Slot;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/**
 * A piece edge-on as it hangs from the rail: a narrow strip in its colours, as long as its hem, as thick as its cloth. Trousers
 * hang from a clip, jackets from a hanger, bags from their handle, shoes stand on a hook.
 */
public final class RailStrip {
    private static final double WIDTH = 14;
    private static final double HEIGHT = 120;
    private static final double MIDDLE = WIDTH / 2;
    /** Where the cloth begins, below the hook. */
    private static final double TOP = 9;
    /** Length on the rail of a whole stature. */
    private static final double STATURE = 142;

    private static final String STEEL = "#6b6d71";
    private static final Set<Slot> LONG_ENDS = Set.of(Slot.NECK, Slot.TIE, Slot.DRAPE);

    private final Sheet sheet = new Sheet();
    private final Piece piece;
    private final Fabric fabric;
    private final double half;

    private RailStrip(Piece piece) {
        this.piece = piece;
        this.fabric = new Fabric(piece);
        Fit fit = piece.fit() == null ? Fit.REGULAR : piece.fit();
        this.half = Math.min(6.3, 2.3 + piece.clothWeight() * 0.55 + fit.volume() * 0.45);
    }

    /** A whole SVG document, 14 by 120 units, that fills whatever box it is shown in; the strip hangs from the top. */
    public static String of(Piece piece) {
        RailStrip strip = new RailStrip(piece);
        strip.draw();
        return new Sheet.Frame(WIDTH, HEIGHT, 1, 0, 0, true).of(strip.sheet, piece.label(), Description.of(piece));
    }

    private void draw() {
        hook();
        Slot role = piece.roles().isEmpty() ? Slot.EXTRA : piece.roles().get(0);
        switch (piece.kind().family()) {
            case BOTTOM -> bottom();
            case SHOES -> shoes();
            case LEGWEAR -> hanging(2.2, TOP + 58, false);
            case DRAPE -> drape();
            case ACCESSORY -> accessory(role);
            default -> upper();
        }
    }

    private void hook() {
        sheet.line(Outline.at(MIDDLE, 0).to(MIDDLE, TOP - 2), STEEL, Weight.OUTLINE);
    }

    private double hem(int fromPermille) {
        int to = piece.hem() == null ? 530 : piece.hem().landmark().meanPermille();
        return Math.min(HEIGHT - 2, TOP + 4 + (fromPermille - to) / 1000.0 * STATURE);
    }

    private void upper() {
        double hem = hem(830);
        boolean strappy = piece.sleeve() == Sleeve.STRAPS;
        double drop = strappy ? 11 : 4;
        boolean flared = piece.kind().family() == Family.ONE_PIECE && piece.volume() >= 3;
        double foot = Math.min(6.4, half + (flared ? 1.2 : 0.2));
        if (piece.neckline() == Neckline.ROLL || piece.neckline() == Neckline.HIGH) {
            sheet.shape(Outline.rectangle(MIDDLE - 1.8, TOP - 4, 3.6, 6), fabric);
        }
        if (strappy) {
            sheet.line(
                    Outline.polyline(MIDDLE - half * 0.5, TOP + drop, MIDDLE, TOP - 1, MIDDLE + half * 0.5, TOP + drop),
                    fabric.outline(),
                    Weight.OUTLINE);
        }
        sheet.shape(
                Outline.at(MIDDLE - (strappy ? half * 0.7 : 1.6), TOP + (strappy ? drop : -0.6))
                        .to(MIDDLE - half, TOP + drop + 1)
                        .to(MIDDLE - foot, hem)
                        .curve(MIDDLE, hem + 1.6, MIDDLE + foot, hem)
                        .to(MIDDLE + half, TOP + drop + 1)
                        .to(MIDDLE + (strappy ? half * 0.7 : 1.6), TOP + (strappy ? drop : -0.6))
                        .close(),
                fabric);
        sleeve();
        if (piece.construction().lapel() != null && piece.construction().lapel() != Lapel.NONE) {
            sheet.line(
                    Outline.at(MIDDLE - half + 0.8, TOP + 6)
                            .curve(MIDDLE - half * 0.1, TOP + 15, MIDDLE - half + 0.8, TOP + 27),
                    fabric.line(),
                    Weight.SEAM);
        }
    }

    /** The sleeve that hangs in front. */
    private void sleeve() {
        Sleeve sleeve = piece.sleeve() == null ? Sleeve.NONE : piece.sleeve();
        if (sleeve.isSleeveless()) {
            return;
        }
        double end = TOP + 6 + 42 * sleeve.coverFraction();
        double left = MIDDLE - half * 0.25;
        double right = MIDDLE + half * 0.7;
        sheet.part(
                Outline.at(left + 0.6, TOP + 3)
                        .to(right - 0.4, TOP + 3.6)
                        .to(right, end)
                        .curve((left + right) / 2, end + 1.2, left, end)
                        .close(),
                fabric);
    }

    private void bottom() {
        double hem = hem(piece.rise() == null ? 590 : piece.rise().landmark().meanPermille());
        boolean skirt = piece.kind().isSkirt();
        double foot = Math.min(6.4, half + (piece.volume() - 2) * (skirt ? 1.1 : 0.5));
        sheet.shape(
                Outline.rectangle(MIDDLE - half - 0.4, TOP - 2.4, half * 2 + 0.8, 3.4), Paint.flat(STEEL), "#45474a");
        sheet.shape(
                Outline.at(MIDDLE - half, TOP)
                        .to(MIDDLE + half, TOP)
                        .to(MIDDLE + foot, hem)
                        .curve(MIDDLE, hem + 1.6, MIDDLE - foot, hem)
                        .close(),
                fabric);
        sheet.line(Outline.at(MIDDLE - half, TOP + 4).to(MIDDLE + half, TOP + 4), fabric.line(), Weight.SEAM);
        if (skirt) {
            sheet.line(
                    Outline.at(MIDDLE + half * 0.2, TOP + 5).to(MIDDLE + foot * 0.3, hem), fabric.line(), Weight.SEAM);
            sheet.line(
                    Outline.at(MIDDLE - half * 0.4, TOP + 5).to(MIDDLE - foot * 0.45, hem), fabric.line(), Weight.FINE);
        } else {
            sheet.line(Outline.at(MIDDLE, TOP + 5).to(MIDDLE, hem), fabric.line(), Weight.SEAM);
        }
    }

    /** A soft length over the bar. */
    private void hanging(double halfWidth, double end, boolean fringed) {
        sheet.shape(
                Outline.at(MIDDLE - halfWidth, TOP)
                        .curve(MIDDLE, TOP - 4, MIDDLE + halfWidth, TOP)
                        .to(MIDDLE + halfWidth + 0.5, end)
                        .curve(MIDDLE, end + 1.5, MIDDLE - halfWidth - 0.5, end)
                        .close(),
                fabric);
        sheet.line(Outline.at(MIDDLE + 0.4, TOP).to(MIDDLE + 0.8, end - 6), fabric.line(), Weight.FINE);
        if (fringed) {
            for (double x = -halfWidth + 0.6; x < halfWidth; x += 1.6) {
                sheet.line(Outline.at(MIDDLE + x, end).to(MIDDLE + x, end + 5), fabric.outline(), Weight.SEAM);
            }
        }
    }

    private void drape() {
        hanging(Math.min(6, half + 0.8), TOP + (piece.kind().origin().id().equals("sari") ? 96 : 70), false);
        sheet.shape(
                Outline.rectangle(MIDDLE - half, TOP + 60, half * 2, 4), Paint.flat(fabric.second()), fabric.line());
    }

    private void shoes() {
        Shaft shaft = piece.get(Attribute.SHAFT);
        double tall = shaft == null
                ? 0
                : switch (shaft) {
                    case NONE -> 0;
                    case ANKLE -> 14;
                    case MID_CALF -> 28;
                    case KNEE -> 40;
                    case OVER_KNEE -> 52;
                };
        Double heel = piece.get(Attribute.HEEL_CM);
        double raised = heel == null ? 1 : Math.min(9, heel * 0.9);
        double sole = TOP + tall + 19;
        sheet.shape(
                Outline.at(MIDDLE - 3, TOP - 1)
                        .to(MIDDLE + 3, TOP - 1)
                        .to(MIDDLE + 3.2, TOP + tall + 3)
                        .curve(MIDDLE + 5.6, sole - 6, MIDDLE + 4.4, sole)
                        .curve(MIDDLE, sole + 2.4, MIDDLE - 4.4, sole)
                        .curve(MIDDLE - 5.6, sole - 6, MIDDLE - 3.2, TOP + tall + 3)
                        .close(),
                fabric);
        sheet.shape(Outline.rectangle(MIDDLE - 1.8, sole + 1, 3.6, raised), fabric.trim(), fabric.outline());
        sheet.line(
                Outline.at(MIDDLE - 3.4, TOP + tall + 8).curve(MIDDLE, TOP + tall + 5, MIDDLE + 3.4, TOP + tall + 8),
                fabric.line(),
                Weight.SEAM);
    }

    private void accessory(Slot role) {
        switch (role) {
            case BELT -> {
                hanging(1.5, TOP + 74, false);
                sheet.shape(Outline.rectangle(MIDDLE - 3.4, TOP - 2, 6.8, 7), Paint.NONE, fabric.metal());
                sheet.line(Outline.rectangle(MIDDLE - 3.4, TOP - 2, 6.8, 7), fabric.metal(), Weight.OUTLINE);
            }
            case BAG -> {
                sheet.line(
                        Outline.at(MIDDLE - 3, TOP + 12)
                                .cubic(MIDDLE - 3, TOP - 4, MIDDLE + 3, TOP - 4, MIDDLE + 3, TOP + 12),
                        fabric.outline(),
                        Weight.OUTLINE);
                sheet.shape(
                        Outline.at(MIDDLE - 5, TOP + 11)
                                .to(MIDDLE + 5, TOP + 11)
                                .to(MIDDLE + 5.8, TOP + 32)
                                .curve(MIDDLE, TOP + 35, MIDDLE - 5.8, TOP + 32)
                                .close(),
                        fabric);
                sheet.line(Outline.at(MIDDLE - 5, TOP + 15).to(MIDDLE + 5, TOP + 15), fabric.line(), Weight.SEAM);
            }
            case HAT -> {
                sheet.shape(
                        Outline.at(MIDDLE - 4.8, TOP + 16)
                                .cubic(MIDDLE - 5.4, TOP - 3, MIDDLE + 5.4, TOP - 3, MIDDLE + 4.8, TOP + 16)
                                .close(),
                        fabric);
                sheet.shape(Outline.ellipse(MIDDLE, TOP + 16, 6.3, 2.4), fabric);
            }
            case TIE ->
                sheet.shape(
                        Outline.polygon(
                                MIDDLE - 1.6,
                                TOP - 2,
                                MIDDLE + 1.6,
                                TOP - 2,
                                MIDDLE + 3.6,
                                TOP + 52,
                                MIDDLE,
                                TOP + 58,
                                MIDDLE - 3.6,
                                TOP + 52),
                        fabric);
            case HANDS -> hanging(3, TOP + 26, false);
            case JEWELLERY, WATCH, EXTRA -> small(role);
            default ->
                hanging(Math.min(5, 2.6 + piece.clothWeight() * 0.6), TOP + (LONG_ENDS.contains(role) ? 56 : 30), true);
        }
    }

    private void small(Slot role) {
        String ink = piece.metal() == Metal.NONE ? fabric.ground() : fabric.metal();
        sheet.line(Outline.at(MIDDLE, TOP - 2).to(MIDDLE, TOP + 5), STEEL, Weight.SEAM);
        if (role == Slot.WATCH) {
            sheet.shape(Outline.rectangle(MIDDLE - 1.8, TOP + 2, 3.6, 24), fabric);
            sheet.shape(Outline.circle(MIDDLE, TOP + 14, 4.4), Paint.flat(ink), fabric.outline());
        } else {
            sheet.shape(Outline.circle(MIDDLE, TOP + 10, 4.6), Paint.flat(ink), "#4a4636");
            sheet.shape(Outline.circle(MIDDLE, TOP + 10, 2), Paint.flat(fabric.ground()), "#4a4636");
        }
    }
}
