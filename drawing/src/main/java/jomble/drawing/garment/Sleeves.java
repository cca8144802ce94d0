package jomble.drawing.garment;

import jomble.core.piece.Attribute;
import jomble.core.piece.Cloth;
import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Neckline;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Surface;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** Sleeves: set in at the shoulder, hanging a little away from the body. */
final class Sleeves {
    /** From the shoulder to the wrist: a third of stature. */
    private static final double ARM = 132;

    private static final double ALONG_X = 0.216;
    private static final double ALONG_Y = 0.976;
    private static final double[] WRIST_HALF = {7, 9, 10};

    private final UpperCut cut;
    private final Fabric fabric;
    private final int volume;
    private final double cover;
    private final double endX;
    private final double endY;
    private final double endHalf;
    private final boolean turnedUp;

    Sleeves(UpperCut cut, Fabric fabric) {
        this.cut = cut;
        this.fabric = fabric;
        Integer given = cut.piece.get(Attribute.SLEEVE_VOLUME);
        this.volume = given == null ? 1 : given;
        this.turnedUp = cut.wearing.is(Finish.SLEEVES_ROLLED) || cut.wearing.is(Finish.SLEEVES_PUSHED);
        this.cover = turnedUp
                ? Math.min(0.7, cut.sleeve().coverFraction())
                : cut.sleeve().coverFraction();
        double layer = Math.max(0, cut.chest() - 41) * 0.35;
        double from = cut.neck() == Neckline.OFF_SHOULDER ? cut.bustY() - cut.shoulderY() : 0;
        this.endX = cut.shoulderX - 6 + ALONG_X * ARM * cover + layer * 0.2;
        this.endY = cut.shoulderY() + 4 + ALONG_Y * ARM * cover + from * 0.2;
        double upper = 15 + volume * 1.5 + layer;
        this.endHalf = Between.at(cover, 0.15, upper + 1, 0.4, upper - 0.5, 1, WRIST_HALF[volume - 1] + layer * 1.3);
    }

    boolean areThere() {
        return !cut.sleeve().isSleeveless() && cut.neck() != Neckline.STRAPLESS && cut.neck() != Neckline.HALTER;
    }

    void draw(Sheet sheet) {
        sheet.pair(outline(), fabric);
        if (cut.sleeve() == Sleeve.LONG && !turnedUp) {
            end(sheet);
        } else if (turnedUp) {
            band(sheet, 7);
            band(sheet, 3.5);
        } else if (cut.sleeve() != Sleeve.CAP && isKnit()) {
            band(sheet, 4);
        } else if (cut.sleeve() != Sleeve.CAP) {
            stitch(sheet, 3);
        }
        if (cut.piece.cloth() == Cloth.QUILTED && cut.piece.kind().family() == Family.COAT) {
            for (double part = 0.2; part < 0.95; part += 0.16) {
                across(sheet, part, Weight.SEAM);
            }
        }
    }

    private boolean isKnit() {
        return cut.piece.cloth().surface() == Surface.KNIT;
    }

    private Outline outline() {
        double sx = cut.shoulderX;
        double sy = cut.shoulderY();
        boolean off = cut.neck() == Neckline.OFF_SHOULDER;
        double ax = cut.chest() - 2;
        double ay = cut.armpitY();
        if (off) {
            sx = 37;
            sy = cut.bustY() - 1;
            ay = cut.armpitY() + 2;
        }
        double puff = volume == 3 ? 9 : volume == 2 ? 1.5 : 0;
        double outX = endX + ALONG_Y * endHalf;
        double outY = endY - ALONG_X * endHalf;
        double inX = endX - ALONG_Y * endHalf;
        double inY = endY + ALONG_X * endHalf;
        Outline sleeve = Outline.at(sx - 4, sy - 1);
        if (cut.sleeve() == Sleeve.CAP) {
            return sleeve.curve(sx + 8, sy + 1, sx + 11, sy + 15)
                    .curve(sx + 3, sy + 20, ax, ay - 4)
                    .close();
        }
        double shoulderPoint = off ? 12 : 5;
        sleeve.cubic(
                sx + shoulderPoint,
                sy + 1,
                sx + shoulderPoint + 3 + puff * 0.5,
                sy + 12,
                (sx + 8 + outX) / 2 + puff * 0.6,
                (sy + 14 + outY) / 2);
        if (volume == 3 && cover > 0.5) {
            double gather = endHalf + 7;
            sleeve.curve(endX + gather + 4, endY - 16, endX + ALONG_Y * gather, endY - 9)
                    .curve(outX + 3, outY - 3, outX, outY);
            sleeve.to(inX, inY).curve(inX - 5, inY - 7, inX - 4, inY - 18);
        } else {
            sleeve.to(outX, outY).to(inX, inY);
        }
        return sleeve.curve((ax + inX) / 2 + 1, (ay + inY) / 2 - 6, ax, ay).close();
    }

    private void end(Sheet sheet) {
        if (cut.piece.cloth() == Cloth.QUILTED || cut.piece.kind().origin().id().equals("cape")) {
            return;
        }
        if (isKnit()) {
            band(sheet, 8);
            for (double part : new double[] {-0.6, -0.2, 0.2, 0.6}) {
                double x = endX + ALONG_Y * endHalf * part;
                double y = endY - ALONG_X * endHalf * part;
                sheet.lines(Outline.at(x, y).to(x - ALONG_X * 7, y - ALONG_Y * 7), fabric.line(), Weight.FINE);
            }
        } else if (cut.hasLapels() && cut.piece.kind().family() != Family.COAT) {
            for (double up : new double[] {4, 8.5, 13}) {
                double x = endX + ALONG_Y * (endHalf - 3) - ALONG_X * up;
                sheet.shape(Outline.circle(x, endY - ALONG_Y * up - 1, 1.3), ink(), fabric.line());
                sheet.shape(Outline.circle(-x, endY - ALONG_Y * up - 1, 1.3), ink(), fabric.line());
            }
        } else if (cut.piece.kind().family() == Family.COAT) {
            stitch(sheet, 14);
        } else if (volume > 1) {
            band(sheet, 9);
            double x = endX - ALONG_X * 4.5;
            sheet.shape(Outline.circle(x, endY - 4.5, 1), ink(), fabric.line());
            sheet.shape(Outline.circle(-x, endY - 4.5, 1), ink(), fabric.line());
        } else {
            stitch(sheet, 3);
        }
    }

    private Paint ink() {
        return Paint.flat(fabric.line());
    }

    /** A line across the sleeve, so far up from its end. */
    private void band(Sheet sheet, double up) {
        sheet.lines(across(up), fabric.line(), Weight.SEAM);
    }

    private void stitch(Sheet sheet, double up) {
        sheet.lines(across(up), fabric.line(), Weight.STITCH);
    }

    private Outline across(double up) {
        double x = endX - ALONG_X * up;
        double y = endY - ALONG_Y * up;
        double half = endHalf + up * 0.06 - 0.3 + (volume == 3 ? up * 0.5 : 0);
        return Outline.at(x + ALONG_Y * half, y - ALONG_X * half).to(x - ALONG_Y * half, y + ALONG_X * half);
    }

    private void across(Sheet sheet, double part, Weight weight) {
        double up = ARM * cover * (1 - part);
        double half = endHalf + (1 - part) * 2.2;
        double x = endX - ALONG_X * up;
        double y = endY - ALONG_Y * up;
        sheet.lines(
                Outline.at(x + ALONG_Y * half, y - ALONG_X * half)
                        .curve(x, y + 4, x - ALONG_Y * half, y + ALONG_X * half),
                fabric.line(),
                weight);
    }
}
