package jomble.drawing.garment;

import java.util.EnumSet;
import java.util.Set;
import jomble.core.piece.Cloth;
import jomble.core.piece.Finish;
import jomble.core.piece.Neckline;
import jomble.core.piece.Surface;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** The body of an upper garment: one piece where it is closed, two panels where it is open. */
final class Body {
    /** How the lower edge runs. */
    enum Edge {
        EVEN,
        /** Higher at the sides, as a shirt's. */
        TAILS,
        /** Two points in front, as a waistcoat's. */
        POINTS,
        /** Cut away between the legs. */
        HIGH_LEG,
        /** As the skirt that hangs from it. */
        SKIRT
    }

    /** Necks whose top edge rises to the straps. */
    private static final Set<Neckline> CURVED =
            EnumSet.of(Neckline.V, Neckline.SCOOP, Neckline.SWEETHEART, Neckline.COWL);

    private final UpperCut cut;
    private final Fabric fabric;
    private final Edge edge;
    private final SkirtCut skirt;

    Body(UpperCut cut, Fabric fabric, Edge edge, SkirtCut skirt) {
        this.cut = cut;
        this.fabric = fabric;
        this.edge = edge;
        this.skirt = skirt;
    }

    void draw(Sheet sheet) {
        if (!cut.wearing.onBody() && cut.hasShoulders()) {
            sheet.shape(backNeck(), fabric.inside(), fabric.outline());
        }
        if (cut.isOpen()) {
            sheet.pair(panel(), fabric);
        } else {
            Outline right = Outline.at(0, cut.hasShoulders() ? cut.frontY() : topMiddle());
            upper(right);
            cut.side(right);
            lower(right);
            sheet.shape(right.whole(), fabric);
        }
        if (!cut.hasShoulders()) {
            held(sheet);
        } else if (!cut.sleeve().isSleeveless()) {
            Outline seam = Outline.at(cut.shoulderX, cut.shoulderY());
            seam.curve(cut.shoulderX - 3.5, cut.armpitY() - 12, cut.chest(), cut.armpitY());
            sheet.lines(seam, fabric.edge(), Weight.SEAM);
        }
    }

    private double topMiddle() {
        return switch (cut.neck()) {
            case SWEETHEART -> cut.bustY() + 8;
            case V -> cut.bustY() + 14;
            case HALTER -> cut.form.shoulder(9) + 9;
            case SCOOP, COWL -> cut.bustY() + 6;
            default -> cut.bustY();
        };
    }

    /** From the centre front along neck, shoulder and armhole to the armpit. */
    private void upper(Outline line) {
        if (!cut.hasShoulders()) {
            top(line);
            return;
        }
        double n = cut.neckHalf;
        double y = cut.neckY();
        double front = cut.frontY();
        switch (cut.neck()) {
            case V -> line.curve(n * 0.62, front - cut.neckDepth * 0.5, n, y);
            case SQUARE -> line.to(n - 1, front).to(n, y);
            case SWEETHEART ->
                line.cubic(2, front - 10, n - 2, front - 12, n - 1, front - 2).to(n, y);
            case BOAT -> line.curve(n * 0.7, front, n, y);
            case SCOOP, COWL -> line.cubic(n * 0.7, front, n, front - 6, n, y);
            default -> {
                if (cut.hasLapels()) {
                    line.to(n, y);
                } else {
                    line.cubic(n * 0.6, front, n * 0.95, front - cut.neckDepth * 0.45, n, y);
                }
            }
        }
        armhole(line);
    }

    /** From the neck along the shoulder to the armpit. */
    private void armhole(Outline line) {
        double s = cut.shoulderX;
        line.to(s, cut.shoulderY());
        double deep = cut.sleeve().isSleeveless() ? 7 : 3.5;
        line.curve(s - deep, cut.armpitY() - 12, cut.chest(), cut.armpitY());
    }

    /** The top edge over the bust, for a garment without shoulders. */
    private void top(Outline line) {
        double y = cut.bustY();
        double x = cut.neck() == Neckline.OFF_SHOULDER ? 39 : 27;
        switch (cut.neck()) {
            case SWEETHEART -> line.cubic(4, y - 6, 18, y - 9, x, y);
            case V -> line.curve(10, y + 7, 21, y - 8).curve(25, y, x + 2, y + 2);
            case SCOOP, COWL -> line.cubic(10, y + 6, 17, y - 2, 21, y - 6).curve(25, y, x + 2, y + 2);
            case HALTER -> {
                double neck = cut.form.shoulder(8) - 3;
                line.curve(6, neck + 11, 8, neck).to(13, neck).curve(15, cut.armpitY() - 16, x + 4, y + 4);
            }
            default -> line.to(x, y);
        }
        line.curve(33, cut.armpitY() - 4, cut.chest(), cut.armpitY());
    }

    /** Straps, or the band that holds an off-shoulder garment. */
    private void held(Sheet sheet) {
        if (cut.neck() == Neckline.STRAPLESS || cut.neck() == Neckline.HALTER) {
            return;
        }
        if (cut.neck() == Neckline.OFF_SHOULDER) {
            Outline ruffle = Outline.at(0, cut.bustY() + 12)
                    .curve(20, cut.bustY() + 15, 41, cut.bustY() + 10)
                    .to(43, cut.bustY() - 3)
                    .curve(20, cut.bustY() - 1, 0, cut.bustY());
            sheet.shape(ruffle.whole(), fabric);
            return;
        }
        double x = 20;
        double from = CURVED.contains(cut.neck()) ? cut.bustY() - 5 : cut.bustY() + 1;
        sheet.lines(
                Outline.at(x + 1, from).curve(x + 1, from - 10, x - 2, cut.form.shoulder(x) - 1),
                fabric.outline(),
                Weight.CORD);
        if (!cut.wearing.onBody()) {
            sheet.lines(
                    Outline.at(x - 2, cut.form.shoulder(x) - 1).curve(x - 6, from - 12, x - 8, from + 2),
                    fabric.line(),
                    Weight.SEAM);
        }
    }

    private Outline backNeck() {
        double n = cut.neckHalf;
        double y = cut.neckY();
        double front = cut.frontY();
        return Outline.at(0, y + Math.min(5, cut.neckDepth * 0.5))
                .curve(n * 0.8, y + 3, n, y)
                .curve(n * 0.8, front, 0, front + 1)
                .whole();
    }

    private Outline panel() {
        double top = cut.neckY();
        Outline panel = Outline.at(cut.neckHalf, top);
        armhole(panel);
        cut.side(panel);
        double hem = cut.hemY;
        panel.curve((cut.gap(hem) + cut.half(hem)) / 2, hem + 3, cut.gap(hem), hem + 2);
        double middle = (top + hem) / 2;
        return panel.through(
                        cut.gap(middle),
                        middle,
                        cut.gap(cut.form.armpit() + 14),
                        cut.form.armpit() + 14,
                        cut.neckHalf,
                        top)
                .close();
    }

    /** From the side to the centre along the lower edge. */
    private void lower(Outline line) {
        double hem = cut.hemY;
        double half = line.x();
        if (cut.wearing.isTucked()) {
            line.to(0, hem);
            return;
        }
        if (cut.wearing.is(Finish.KNOTTED)) {
            line.curve(half * 0.5, hem + 2, 0, hem + 1);
            return;
        }
        if (cut.wearing.is(Finish.HALF_TUCKED)) {
            double band = cut.wearing.waistband() + 3;
            line.cubic(half * 0.7, hem + 4, 20, hem - 4, 13, band).to(0, band - 1);
            return;
        }
        switch (edge) {
            case TAILS ->
                line.cubic(half - 4, hem + 5, half * 0.75, hem + 9, half * 0.5, hem + 10)
                        .to(0, hem + 10);
            case POINTS ->
                line.curve(half * 0.8, hem + 3, half * 0.24, hem + 15).to(0, hem + 5);
            case HIGH_LEG -> {
                double fork = cut.form.crotch() + 6;
                line.cubic(half - 8, hem + 3, 12, fork - 12, 6.5, fork).to(0, fork);
            }
            case SKIRT -> skirt.hem(line);
            case EVEN -> line.curve(half * 0.5, hem + 3, 0, hem + 3);
        }
    }

    /** The finish of the lower edge: a rib for a knit, else stitching. */
    void hem(Sheet sheet) {
        if (cut.wearing.isTucked() || cut.wearing.is(Finish.HALF_TUCKED) || edge == Edge.HIGH_LEG) {
            return;
        }
        if (cut.wearing.is(Finish.KNOTTED)) {
            sheet.shape(Outline.ellipse(0, cut.hemY + 2, 6, 4.5), fabric);
            sheet.pair(
                    Outline.at(2, cut.hemY + 4)
                            .curve(10, cut.hemY + 8, 12, cut.hemY + 18)
                            .to(5, cut.hemY + 14)
                            .close(),
                    fabric);
            return;
        }
        double half = cut.half(cut.hemY);
        boolean ribbed = cut.piece.cloth().surface() == Surface.KNIT
                && cut.piece.cloth() != Cloth.JERSEY
                && edge == Edge.EVEN
                && !cut.isOpen();
        if (ribbed) {
            double up = cut.hemY - 8;
            double at = cut.half(up);
            sheet.line(Outline.at(-at, up).curve(0, up + 3.5, at, up), fabric.line(), Weight.SEAM);
            for (int i = -5; i <= 5; i++) {
                double x = at * i / 5.6;
                sheet.line(Outline.at(x, up + 2).to(x, cut.hemY + 1.5), fabric.line(), Weight.FINE);
            }
        } else if (edge == Edge.EVEN && !cut.isOpen()) {
            sheet.line(
                    Outline.at(-half + 0.6, cut.hemY - 4).curve(0, cut.hemY - 1, half - 0.6, cut.hemY - 4),
                    fabric.line(),
                    Weight.STITCH);
        }
    }
}
