/** The colours of a whole wardrobe: which carry it, which accent it, which stand alone. */
package jomble.core.palette;
