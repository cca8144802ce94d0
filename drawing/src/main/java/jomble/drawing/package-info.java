/** Pieces as SVG: the flat that shows a garment from the front, and the strip that shows it edge-on on the rail. */
package jomble.drawing;
