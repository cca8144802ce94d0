/**
 * Lists solutions: a page in the stable order with each combination completed, or all of them as a set that can be
 * queried.
 */
package jomble.core.counting.listing;
