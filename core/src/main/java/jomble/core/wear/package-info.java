/** The wear log: what was worn when. */
package jomble.core.wear;
