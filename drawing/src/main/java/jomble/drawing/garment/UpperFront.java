package jomble.drawing.garment;

import jomble.core.piece.Piece;
import jomble.drawing.ink.Fabric;
import jomble.drawing.ink.Sheet;

/** The front of an upper garment, for what is drawn on it. */
record UpperFront(Piece piece, Sheet sheet, UpperCut cut, Details details, Fabric fabric) {
    double waist() {
        return cut.form.waist();
    }

    double hip() {
        return cut.form.hip();
    }

    /** Where a breast pocket begins. */
    double chestY() {
        return cut.form.armpit() + 6;
    }
}
