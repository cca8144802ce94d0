/** The exact counter, which puts the packages beside it together. */
package jomble.core.counting.exact;
