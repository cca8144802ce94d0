/** The exact counter, which combines the packages beside it. */
package jomble.core.counting.exact;
