/** Finds the simplest way to wear a combination and to fill the slots that are not counted. */
package jomble.core.counting.completion;
