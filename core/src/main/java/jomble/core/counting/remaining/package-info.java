/** The slots filled after the body is dressed, as a decision diagram: the core of the counting algorithm. */
package jomble.core.counting.remaining;
