/** The exact counter: walks every body, keeps what was found, and reads all figures and lists off it. */
package jomble.core.counting.census;
