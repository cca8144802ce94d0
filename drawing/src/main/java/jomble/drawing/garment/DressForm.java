package jomble.drawing.garment;

import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Paint;
import jomble.drawing.ink.Sheet;
import jomble.drawing.ink.Weight;

/** The neutral form outfits are drawn on: without a face, without a skin tone, with the seams of a tailor's dummy. */
public final class DressForm {
    private static final Paint CLOTH = Paint.flat("#e3e3e3");
    private static final String EDGE = "#b9b9b9";
    private static final String SEAM = "#cfcfcf";
    private static final String STEEL = "#6b6d71";

    private DressForm() {}

    /** The form from the neck to the floor. */
    public static void draw(Sheet sheet, Form form) {
        double neck = form.shoulder(10);
        double crotch = form.crotch();
        sheet.shape(
                Outline.at(0, neck - 19)
                        .curve(7, neck - 19, 8.5, neck - 16)
                        .curve(8, neck - 6, 11, neck)
                        .curve(26, neck + 3, 37, form.shoulder(37) + 1)
                        .cubic(34, form.armpit() - 16, 31, form.armpit() - 4, Form.CHEST_HALF - 1, form.armpit() + 2)
                        .through(Form.WAIST_HALF - 1, form.waist(), Form.HIP_HALF - 1, form.hip(), 33, form.hip() + 52)
                        .through(30, form.knee(), 28, form.ankle() - 10)
                        .to(28, Form.STATURE - 6)
                        .curve(21, Form.STATURE - 1, 14, Form.STATURE - 6)
                        .to(14.5, form.ankle() - 10)
                        .through(11, form.knee(), 0.8, crotch)
                        .to(0, crotch)
                        .whole(),
                CLOTH,
                EDGE);
        sheet.line(Outline.at(0, neck - 12).to(0, crotch), SEAM, Weight.SEAM);
        sheet.line(
                Outline.at(-Form.WAIST_HALF, form.waist()).curve(0, form.waist() + 4, Form.WAIST_HALF, form.waist()),
                SEAM,
                Weight.STITCH);
    }

    /** A hook and hanger for what is taken off. */
    public static void hanger(Sheet sheet, Form form, double x) {
        double y = form.shoulder(10);
        sheet.line(
                Outline.at(x + 5, y - 34)
                        .cubic(x + 6, y - 44, x - 6, y - 44, x - 5, y - 34)
                        .curve(x, y - 30, x, y - 8),
                STEEL,
                Weight.SEAM);
        sheet.line(
                Outline.at(x - 40, y + 12).curve(x - 10, y - 2, x, y - 8).curve(x + 10, y - 2, x + 40, y + 12),
                STEEL,
                Weight.CORD);
    }
}
