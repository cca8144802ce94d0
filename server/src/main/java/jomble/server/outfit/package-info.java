/** Outfits built from a piece, varied, and made into formulas: the calls about them. */
package jomble.server.outfit;
