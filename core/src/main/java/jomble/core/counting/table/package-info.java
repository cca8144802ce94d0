/** Tables that the counting works with: numbers for equal things, what is worked out once, sums of any size it needs. */
package jomble.core.counting.table;
