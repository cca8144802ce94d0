/** Lists solutions: a page of them in the stable order, each completed, or all of them as a set to be queried. */
package jomble.core.counting.listing;
