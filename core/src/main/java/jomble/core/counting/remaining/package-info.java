/** What can be put on over a dressed body, as a decision diagram: the heart of the counting. */
package jomble.core.counting.remaining;
