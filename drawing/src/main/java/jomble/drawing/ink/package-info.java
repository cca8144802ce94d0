/** Pen and paper: outlines, cloth to fill them with, and the sheet that becomes an SVG document. */
package jomble.drawing.ink;
