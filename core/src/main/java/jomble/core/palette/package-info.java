/** The colours of a wardrobe: which dominate, which accent, which occur once. */
package jomble.core.palette;
