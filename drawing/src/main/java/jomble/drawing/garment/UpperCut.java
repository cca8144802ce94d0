package jomble.drawing.garment;

import jomble.core.piece.Family;
import jomble.core.piece.Finish;
import jomble.core.piece.Fit;
import jomble.core.piece.Hem;
import jomble.core.piece.Lapel;
import jomble.core.piece.Neckline;
import jomble.core.piece.Opening;
import jomble.core.piece.Piece;
import jomble.core.piece.Sleeve;
import jomble.core.piece.Structure;
import jomble.core.proportion.Landmark;
import jomble.drawing.ink.Outline;

/**
 * The measures of a garment of the upper body: neck, shoulder, sides, hem and the front edge. Widths beyond the form are ease,
 * more for a looser fit and for an outer layer, so that each layer covers the one beneath.
 */
final class UpperCut {
    private static final double[] CHEST_EASE = {1, 5, 11, 19};
    private static final double[] WAIST_EASE = {2, 9, 18, 29};
    private static final double[] HIP_EASE = {1, 5, 12, 20};
    private static final double[] SHOULDER_EASE = {0, 1.5, 5, 12};

    final Piece piece;
    final Form form;
    final Wearing wearing;
    final double neckHalf;
    final double neckDepth;
    final double shoulderX;
    final double hemY;
    private final double layer;
    private final int fit;
    private final SkirtCut skirt;

    /** @param skirt what hangs from the waist of a dress or a flared coat, or null */
    UpperCut(Piece piece, Wearing wearing, SkirtCut skirt) {
        this.piece = piece;
        this.wearing = wearing;
        this.form = wearing.form();
        this.fit = (piece.fit() == null ? Fit.REGULAR : piece.fit()).volume() - 1;
        this.layer = layerEase(piece.kind().family());
        this.skirt = skirt;
        this.neckHalf = neckHalf(piece.neckline());
        this.neckDepth = neckDepth();
        this.shoulderX = shoulderX();
        this.hemY = hemY();
    }

    private static double layerEase(Family family) {
        return switch (family) {
            case MID_LAYER -> 2;
            case JACKET -> 4;
            case COAT -> 7;
            default -> 0;
        };
    }

    Neckline neck() {
        return piece.neckline() == null ? Neckline.CREW : piece.neckline();
    }

    Sleeve sleeve() {
        return piece.sleeve() == null ? Sleeve.NONE : piece.sleeve();
    }

    boolean hasLapels() {
        return lapel() != Lapel.NONE;
    }

    Lapel lapel() {
        Lapel lapel = piece.construction().lapel();
        return lapel == null ? Lapel.NONE : lapel;
    }

    boolean isOpen() {
        return wearing.is(Finish.OPEN) || piece.opening() == Opening.OPEN_FRONT;
    }

    private static double neckHalf(Neckline neck) {
        return neck == null
                ? 13
                : switch (neck) {
                    case BOAT -> 27;
                    case SQUARE, SWEETHEART -> 20;
                    case SCOOP, COWL -> 18;
                    case OFF_SHOULDER, STRAPLESS -> 33;
                    case HALTER -> 9;
                    case CREW -> 14;
                    case V -> 12;
                    default -> Form.NECK_HALF;
                };
    }

    /** How deep the front of the neck lies below its sides. */
    private double neckDepth() {
        if (hasLapels()) {
            double breakAt = piece.kind().family() == Family.COAT ? 126 : lapel() == Lapel.SHAWL ? 152 : 142;
            return breakAt - form.shoulder(neckHalf);
        }
        boolean layer = piece.kind().family() == Family.MID_LAYER;
        return switch (neck()) {
            case V -> layer ? 58 : piece.opening() == Opening.BUTTONS ? 30 : 38;
            case SCOOP -> 27;
            case SQUARE -> 24;
            case SWEETHEART -> 26;
            case COWL -> 21;
            case BOAT -> 4;
            case CREW -> 10;
            case POINT_COLLAR, BAND_COLLAR, BOW -> 9;
            case OFF_SHOULDER, STRAPLESS -> 2;
            case HALTER, HIGH, ROLL -> 4;
        };
    }

    private double shoulderX() {
        double set = Form.SHOULDER_HALF + SHOULDER_EASE[fit] + layer * 0.5;
        if (piece.construction().structure() == Structure.STRUCTURED) {
            set += 1.5;
        }
        return switch (sleeve()) {
            case NONE -> 35 + SHOULDER_EASE[fit] * 0.5 + layer * 0.5;
            case STRAPS -> 22;
            case CAP -> 42 + SHOULDER_EASE[fit] * 0.5;
            default -> set;
        };
    }

    private double hemY() {
        double hem = form.y((piece.hem() == null ? Hem.HIP : piece.hem()).landmark());
        if (wearing.isTucked()) {
            return wearing.waistband() + 5;
        }
        if (wearing.is(Finish.KNOTTED)) {
            return form.y(Landmark.NATURAL_WAIST) + 4;
        }
        boolean highLeg = piece.kind().origin().id().endsWith("bodysuit")
                || piece.kind().origin().id().equals("swimsuit");
        return highLeg ? form.hip() - 8 : hem;
    }

    double neckY() {
        return form.shoulder(neckHalf);
    }

    /** Where the front of the neck is lowest. */
    double frontY() {
        return neckY() + neckDepth;
    }

    double shoulderY() {
        return form.shoulder(shoulderX);
    }

    double chest() {
        return Form.CHEST_HALF + CHEST_EASE[fit] + layer;
    }

    double armpitY() {
        return form.armpit() + (fit == 3 ? 8 : fit == 2 ? 3 : 0) + layer * 0.4;
    }

    /** Half the gap between the two fronts of an open garment at a height. */
    double gap(double y) {
        return Between.at(y, neckY(), neckHalf, form.armpit() + 20, 10, form.hip(), 14, Form.STATURE, 20);
    }

    /** Whether shoulders carry it; else straps, the neck or nothing does. */
    boolean hasShoulders() {
        return sleeve() != Sleeve.STRAPS
                && neck() != Neckline.STRAPLESS
                && neck() != Neckline.OFF_SHOULDER
                && neck() != Neckline.HALTER;
    }

    /** The top edge over the bust where no shoulder carries the garment. */
    double bustY() {
        return neck() == Neckline.OFF_SHOULDER ? form.armpit() - 17 : form.armpit() - 7;
    }

    /** Half the width at a height. */
    double half(double y) {
        if (skirt != null && y > form.waist()) {
            return Math.max(skirt.half(y), torso(form.waist()) * Math.max(0, 1 - (y - form.waist()) / 12));
        }
        return torso(y);
    }

    private double torso(double y) {
        double waistEase = WAIST_EASE[fit] + layer;
        if (piece.construction().structure() == Structure.STRUCTURED) {
            waistEase -= 4;
        }
        if (wearing.belted()) {
            waistEase = layer * 0.6 + 2;
        }
        double hipHalf = Form.HIP_HALF + HIP_EASE[fit] + layer;
        double waist = Math.min(Form.WAIST_HALF + waistEase, wearing.belted() ? 99 : Math.max(chest(), hipHalf));
        if (wearing.isTucked()) {
            hipHalf = Math.min(hipHalf, Form.HIP_HALF + 1);
            waist = Math.min(
                    waist,
                    Between.at(y, form.waist() - 18, waist, wearing.waistband(), form.half(wearing.waistband()) + 1.5));
        }
        if (wearing.is(Finish.KNOTTED)) {
            waist = Form.WAIST_HALF + 4;
        }
        double below = Math.max(0, y - form.hip()) * 0.03 * (1 + layer / 4);
        return Between.at(y, armpitY(), chest(), form.waist(), waist, form.hip(), hipHalf) + below;
    }

    /** The right side from the armpit to the hem. */
    void side(Outline outline) {
        double from = armpitY();
        if (skirt != null) {
            outline.through(chest(), from + 4, half(form.waist()), form.waist());
            skirt.side(outline);
        } else if (hemY > form.hip() + 12) {
            outline.through(
                    chest(),
                    from + 4,
                    half(form.waist()),
                    form.waist(),
                    half(form.hip()),
                    form.hip(),
                    half(hemY),
                    hemY);
        } else if (hemY > form.waist() + 10) {
            outline.through(chest(), from + 4, half(form.waist()), form.waist(), half(hemY), hemY);
        } else {
            outline.through(half(hemY), hemY);
        }
    }
}
