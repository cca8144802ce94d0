/** How each kind of piece is cut: its outlines and inner lines in the coordinates of the figure. */
package jomble.drawing.garment;
