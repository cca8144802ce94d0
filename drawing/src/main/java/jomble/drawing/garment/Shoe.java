package jomble.drawing.garment;

import jomble.core.piece.Attribute;
import jomble.core.piece.HeelType;
import jomble.core.piece.Piece;
import jomble.core.piece.Shaft;
import jomble.core.piece.ShaftFit;
import jomble.core.piece.Toe;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/**
 * Shoes and boots: as a flat one from the side, the view in which heel, toe and shaft can be read; on the figure the pair from
 * the front. The side view has the heel at the left on a ground of 0 and the toe at 100.
 */
final class Shoe implements Garment {
    private static final double TOE = 100;
    private static final double UNITS_PER_CM = 3.1;

    private final Piece piece;
    private final String kind;
    private final Fabric fabric;
    private final double heel;
    private final HeelType heelType;
    private final boolean open;

    Shoe(Piece piece) {
        this.piece = piece;
        this.kind = piece.kind().origin().id();
        this.fabric = new Fabric(piece);
        Double cm = piece.get(Attribute.HEEL_CM);
        this.heel = Math.min(46, (cm == null ? 2 : cm) * UNITS_PER_CM);
        HeelType type = piece.get(Attribute.HEEL_TYPE);
        this.heelType = type == null ? HeelType.FLAT : type;
        this.open = piece.toe() == Toe.OPEN;
    }

    /** The height of the insole: at the heel, falling to the ball of the foot. */
    private double insole(double x) {
        return -Between.at(x, 0, heel + 4, 22, heel + 3, 46, heel * 0.5 + 4, 66, 4.5, TOE, 4);
    }

    @Override
    public void draw(Sheet sheet, Wearing wearing) {
        sole(sheet);
        switch (kind) {
            case "sandals", "heeled-sandals", "wedges" -> sandal(sheet);
            case "mules" -> mule(sheet);
            case "ankle-boots", "knee-boots", "over-knee-boots", "rain-boots" -> boot(sheet);
            default -> low(sheet);
        }
    }

    private Paint soleInk() {
        return switch (kind) {
            case "trainers" -> Paint.flat("#f4f4f2");
            case "espadrilles", "wedges" -> Paint.flat("#c9b48a");
            default -> fabric.trim();
        };
    }

    private void sole(Sheet sheet) {
        String ink = fabric.outline();
        if (kind.equals("trainers")) {
            sheet.shape(
                    Outline.at(1, -11)
                            .curve(40, -9, 70, -8)
                            .curve(96, -8, TOE + 3, -7)
                            .curve(TOE + 4, 0, TOE - 4, 0)
                            .to(4, 0)
                            .curve(-2, -4, 1, -11)
                            .close(),
                    soleInk(),
                    "#7b7d80");
            return;
        }
        if (kind.equals("espadrilles")) {
            Outline rope = Outline.at(0, -9)
                    .to(TOE, -7)
                    .curve(TOE + 3, -2, TOE - 3, 0)
                    .to(3, 0)
                    .curve(-2, -3, 0, -9)
                    .close();
            sheet.shape(rope, soleInk(), "#7d6c48");
            for (double x = 4; x < TOE - 2; x += 6) {
                sheet.line(Outline.at(x, -1).to(x + 4, -7.4), "#8d7a50", Weight.FINE);
            }
            return;
        }
        if (heelType == HeelType.WEDGE) {
            Outline wedge = Outline.at(0, insole(0) + 3)
                    .through(22, insole(22) + 1, 46, insole(46) + 1, 70, -3, TOE, -3)
                    .curve(TOE + 2, 0, TOE - 4, 0)
                    .to(6, 0)
                    .close();
            sheet.shape(wedge, soleInk(), kind.equals("wedges") ? "#7d6c48" : ink);
            return;
        }
        double width = heelType == HeelType.STILETTO ? 4 : heelType == HeelType.BLOCK ? 19 : 26;
        if (heel > 3) {
            double lean = heelType == HeelType.STILETTO ? 5 : 1;
            sheet.shape(
                    Outline.at(1, insole(0) + 3)
                            .curve(lean - 1, -heel * 0.5, lean, 0)
                            .to(lean + width, 0)
                            .curve(lean + width + 1, -heel * 0.55, 27, insole(26) + 3)
                            .close(),
                    fabric.trim(),
                    ink);
        }
        sheet.shape(
                Outline.at(0, insole(0) + 1)
                        .through(22, insole(22) + 1, 46, insole(46) + 1.5, 66, -3.6, TOE, -3.6)
                        .curve(TOE + 2, -0.4, TOE - 4, -0.2)
                        .to(66, -0.2)
                        .through(48, insole(48) + 4.5, 24, insole(24) + 4, 1, insole(0) + 4)
                        .close(),
                soleInk(),
                ink);
    }

    /** The upper of a shoe below the ankle; the top line tells a court shoe from a loafer from a lace-up. */
    private void low(Sheet sheet) {
        double back = insole(0);
        boolean cutLow = kind.equals("court-shoes") || kind.equals("ballet-flats") || kind.equals("embroidered-flats");
        double pointed = kind.equals("court-shoes") ? 4 : 0;
        Outline upper = Outline.at(0.5, back + 1).cubic(-3, back - 8, -2, back - 14, 2, back - 20);
        if (cutLow) {
            upper.cubic(12, back - 15, 30, insole(40) - 3, 58, insole(58) - 6).cubic(66, -9, 68, -15, 76, -15);
        } else if (kind.equals("trainers")) {
            upper.curve(8, back - 25, 20, back - 22)
                    .curve(24, back - 29, 32, back - 31)
                    .cubic(44, -27, 58, -20, 72, -17);
        } else if (kind.equals("espadrilles")) {
            upper.curve(14, back - 12, 36, back - 12).cubic(46, -24, 56, -21, 74, -16);
        } else {
            upper.curve(14, back - 17, 30, back - 19).cubic(40, back - 20, 54, -22, 72, -16);
        }
        upper.cubic(88, -15, TOE + pointed, -12, TOE + 1 + pointed, -4)
                .to(66, -3.6)
                .through(46, insole(46) + 1.4, 22, insole(22) + 1, 0.5, back + 1)
                .close();
        sheet.shape(upper, fabric);
        lowDetails(sheet, back);
    }

    private void lowDetails(Sheet sheet, double back) {
        Details details = new Details(sheet, fabric);
        switch (kind) {
            case "loafers" -> {
                sheet.line(
                        Outline.at(38, back - 14)
                                .cubic(52, -30, 64, -24, 74, -17)
                                .cubic(82, -13, 88, -12, 92, -10),
                        fabric.line(),
                        Weight.SEAM);
                sheet.shape(
                        Outline.at(44, -26).to(62, -23).to(58, -8).to(46, -9).close(), fabric);
                details.seam(49, -18, 57, -17);
            }
            case "lace-up-shoes" -> {
                sheet.line(Outline.at(30, back - 19).curve(36, -14, 34, -6), fabric.line(), Weight.SEAM);
                sheet.line(Outline.at(66, -18).curve(74, -12, 72, -4), fabric.line(), Weight.STITCH);
                for (int i = 0; i < 4; i++) {
                    double x = 37 + i * 7;
                    double y = -26 + i * 2.2 - (heel - 8) * 0.4 * (1 - i / 4.0);
                    sheet.line(Outline.at(x - 3, y + 8).to(x + 4, y), fabric.line(), Weight.OUTLINE);
                }
            }
            case "monk-shoes" -> {
                sheet.shape(
                        Outline.at(34, -28)
                                .curve(52, -27, 66, -18)
                                .to(62, -11)
                                .curve(48, -18, 33, -17)
                                .close(),
                        fabric);
                sheet.shape(Outline.rectangle(52, -22, 9, 9), Paint.NONE, fabric.metal());
                sheet.line(Outline.at(70, -17).curve(78, -12, 76, -4), fabric.line(), Weight.STITCH);
            }
            case "trainers" -> {
                for (int i = 0; i < 4; i++) {
                    sheet.line(
                            Outline.at(37 + i * 8, -21 + i * 1.8).to(45 + i * 8, -26 + i * 2.6),
                            fabric.line(),
                            Weight.OUTLINE);
                }
                sheet.line(Outline.at(72, -17).curve(80, -14, 82, -8), fabric.line(), Weight.SEAM);
                sheet.line(Outline.at(4, back - 14).curve(14, -14, 20, -10), fabric.line(), Weight.SEAM);
                sheet.line(Outline.at(30, -26).curve(32, -14, 40, -9), fabric.line(), Weight.STITCH);
            }
            case "ballet-flats" -> {
                sheet.part(Outline.at(67, -13).cubic(60, -20, 58, -9, 67, -12).close(), fabric);
                sheet.part(Outline.at(67, -13).cubic(74, -20, 77, -9, 67, -12).close(), fabric);
            }
            case "embroidered-flats" -> {
                for (double[] flower : new double[][] {{74, -9}, {84, -8}, {64, -7}}) {
                    for (int i = 0; i < 5; i++) {
                        double angle = Math.toRadians(72 * i);
                        sheet.fill(
                                Outline.circle(flower[0] + 2 * Math.cos(angle), flower[1] + 2 * Math.sin(angle), 1.4),
                                Paint.flat(fabric.second()));
                    }
                }
                sheet.line(
                        Outline.at(60, insole(58) - 5).cubic(66, -8, 70, -13, 77, -13), fabric.second(), Weight.CORD);
            }
            case "espadrilles" ->
                sheet.line(Outline.at(34, back - 11).curve(48, -10, 52, -6), fabric.line(), Weight.STITCH);
            default -> {}
        }
    }

    private void sandal(Sheet sheet) {
        strap(sheet, 62, 88, 12);
        if (kind.equals("sandals")) {
            strap(sheet, 40, 56, 15);
        }
        double ankle = insole(6) - 26;
        sheet.shape(
                Outline.at(4, insole(6))
                        .curve(-1, ankle + 12, 2, ankle)
                        .curve(14, ankle - 5, 27, ankle + 1)
                        .to(27, ankle + 6)
                        .curve(14, ankle + 1, 6, ankle + 5)
                        .curve(5, ankle + 14, 9, insole(9))
                        .close(),
                fabric);
        sheet.shape(Outline.rectangle(16, ankle - 3.4, 6, 7.5), Paint.NONE, fabric.metal());
        sheet.line(Outline.at(27, ankle + 4).curve(34, insole(30) - 8, 36, insole(36)), fabric.outline(), Weight.CORD);
    }

    /** A band over the foot. */
    private void strap(Sheet sheet, double from, double to, double rise) {
        double low = insole(from);
        sheet.shape(
                Outline.at(to - 13, insole(to - 13))
                        .curve(from + 7, low - rise * 0.5, from, low - rise)
                        .curve(from + 7, low - rise - 4, from + 14, low - rise - 1)
                        .curve(to - 3, insole(to) - rise * 0.8, to, insole(to))
                        .close(),
                fabric);
    }

    private void mule(Sheet sheet) {
        double toe = open ? 92 : TOE + 1;
        sheet.shape(
                Outline.at(40, insole(40))
                        .curve(44, insole(40) - 22, 58, -23)
                        .cubic(78, -18, toe - 4, -14, toe, -4)
                        .to(66, -3.6)
                        .curve(50, insole(50) + 2, 40, insole(40))
                        .close(),
                fabric);
        sheet.line(Outline.at(46, insole(46) - 2).curve(50, -18, 60, -20), fabric.line(), Weight.STITCH);
        if (open) {
            sheet.line(Outline.at(92, -4).curve(98, -6, TOE, -4), fabric.line(), Weight.SEAM);
        }
    }

    private double shaftTop() {
        Shaft shaft = piece.get(Attribute.SHAFT);
        return insole(10)
                - switch (shaft == null ? Shaft.ANKLE : shaft) {
                    case NONE -> 24;
                    case ANKLE -> 40;
                    case MID_CALF -> 84;
                    case KNEE -> 122;
                    case OVER_KNEE -> 158;
                };
    }

    private void boot(Sheet sheet) {
        double top = shaftTop();
        double back = insole(0);
        boolean roomy = piece.get(Attribute.SHAFT_FIT) == ShaftFit.ROOMY;
        double wide = (roomy ? 44 : 37) + (back - top > 70 ? 4 : 0);
        double rear = back - top > 70 ? -8 : -1;
        double ankle = back - 26;
        Outline boot = Outline.at(0.5, back + 1)
                .through(-2, back - 10, 1, ankle, rear, (ankle + top) / 2 - 8, rear + 1, top)
                .curve((rear + wide) / 2, top + 2.5, wide, top)
                .through(wide - (back - top > 70 ? -2 : 0), (ankle + top) / 2, 37 + (roomy ? 3 : 0), ankle + 2)
                .cubic(42, -24 - heel * 0.35, 60, -20, 76, -17)
                .cubic(92, -15, TOE + 1, -12, TOE + 2, -4)
                .to(66, -3.6)
                .through(46, insole(46) + 1.4, 22, insole(22) + 1, 0.5, back + 1)
                .close();
        sheet.shape(boot, fabric);
        Details details = new Details(sheet, fabric);
        switch (kind) {
            case "ankle-boots" -> {
                sheet.shape(
                        Outline.at(12, top + 1.4)
                                .to(26, top + 1.4)
                                .curve(25, ankle, 22, ankle + 8)
                                .curve(16, ankle + 8, 12, top + 1.4)
                                .close(),
                        fabric.trim(),
                        fabric.line());
                sheet.line(
                        Outline.at(2, top + 1).curve(1, top - 5, 5, top - 5).curve(8, top - 4, 7, top + 2),
                        fabric.line(),
                        Weight.SEAM);
            }
            case "knee-boots" -> {
                details.zip(12, top + 6, 14, ankle + 4);
                sheet.line(Outline.at(2, back - 8).curve(20, back - 18, 46, insole(46)), fabric.line(), Weight.SEAM);
            }
            case "over-knee-boots" -> {
                sheet.line(
                        Outline.at(rear + 1, top + 34).curve((rear + wide) / 2, top + 40, wide + 1, top + 32),
                        fabric.line(),
                        Weight.SEAM);
                details.seam(16, top + 4, 16, top + 34);
                sheet.line(Outline.at(4, ankle - 4).curve(20, ankle + 4, 36, ankle - 2), fabric.line(), Weight.FINE);
            }
            default -> {
                sheet.line(
                        Outline.at(rear, top + 8).curve((rear + wide) / 2, top + 11, wide + 1, top + 8),
                        fabric.line(),
                        Weight.SEAM);
                sheet.shape(Outline.rectangle(wide - 10, top + 12, 8, 10), Paint.NONE, fabric.line());
                sheet.line(Outline.at(60, -19).curve(70, -12, 98, -11), fabric.line(), Weight.SEAM);
            }
        }
    }

    @Override
    public void drawWorn(Sheet sheet, Wearing wearing) {
        double floor = Form.STATURE;
        double x = 22;
        double lift = heel * 0.45;
        Shaft shaft = piece.get(Attribute.SHAFT);
        if (shaft != null && shaft != Shaft.NONE) {
            double top = switch (shaft) {
                case ANKLE -> Form.y(80 + 10);
                case MID_CALF -> Form.y(190);
                case KNEE -> Form.y(270);
                default -> Form.y(330);
            };
            double half = piece.get(Attribute.SHAFT_FIT) == ShaftFit.ROOMY ? 14 : 11.5;
            sheet.pair(
                    Outline.at(x - half, top)
                            .curve(x, top + 2.5, x + half, top)
                            .to(x + 9, floor - 18)
                            .to(x - 9, floor - 18)
                            .close(),
                    fabric);
        }
        double high = floor - 17 - lift;
        Outline foot = Outline.at(x - 8, high)
                .curve(x - 12, floor - 7, x - 9.5, floor - 3)
                .curve(x, floor + 1.5, x + 9.5, floor - 3)
                .curve(x + 12, floor - 7, x + 8, high);
        boolean bare =
                open || kind.equals("court-shoes") || kind.equals("ballet-flats") || kind.equals("embroidered-flats");
        if (bare && (shaft == null || shaft == Shaft.NONE)) {
            Outline vamp = Outline.at(x - 11, floor - 8)
                    .curve(x, floor - (open ? 3 : 7), x + 11, floor - 8)
                    .curve(x + 11, floor - 4, x + 9.5, floor - 3)
                    .curve(x, floor + 1.5, x - 9.5, floor - 3)
                    .curve(x - 11, floor - 4, x - 11, floor - 8)
                    .close();
            sheet.pair(vamp, fabric);
            if (open) {
                sheet.pair(
                        Outline.polygon(x - 8.5, high + 1, x + 8.5, high + 1, x + 8.7, high + 4, x - 8.7, high + 4),
                        fabric);
            }
            return;
        }
        sheet.pair(foot.close(), fabric);
        sheet.lines(Outline.at(x - 6.5, high + 6).curve(x, high + 9, x + 6.5, high + 6), fabric.line(), Weight.SEAM);
    }
}
