/** Exact counting of outfits: totals, per piece, per pair, on paper and in the dark, and the lists behind them. */
package jomble.core.counting;
