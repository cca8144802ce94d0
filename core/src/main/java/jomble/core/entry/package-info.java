/** The entry line: a piece described in one line of plain words. */
package jomble.core.entry;
