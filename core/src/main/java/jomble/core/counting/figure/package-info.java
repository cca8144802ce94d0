/**
 * Reads figures off the solutions: totals, counts by piece and pair, co-occurrence, random picks, the effect of a
 * removal.
 */
package jomble.core.counting.figure;
