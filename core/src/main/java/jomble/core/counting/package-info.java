/** Exact counting of outfits: totals, per piece, per pair, on paper and by random picks, and the lists behind them. */
package jomble.core.counting;
