/** Colour as stylists compare it: CIELAB, CIEDE2000 differences, neutrals, hue families and plain names. */
package jomble.core.colour;
