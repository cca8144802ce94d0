/**
 * Capsule planning: the wishes, the search for the small wardrobe that serves a client's life best, and what is known
 * about its quality.
 */
package jomble.core.capsule;
