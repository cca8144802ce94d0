/** Reads figures off the solutions: totals, per piece and pair, who occurs with whom, random picks, what removal would cost. */
package jomble.core.counting.figure;
