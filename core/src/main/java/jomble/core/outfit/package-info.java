/** Outfits: pieces in slots, the structures they must form, and the ways each piece may be worn. */
package jomble.core.outfit;
