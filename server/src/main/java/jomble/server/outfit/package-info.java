/** Calls about building and varying outfits, formulas, and suits. */
package jomble.server.outfit;
