/** Data structures of the counter: interning, memo tables, exact figures of any size it needs. */
package jomble.core.counting.table;
