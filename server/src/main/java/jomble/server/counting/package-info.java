/** Counts and lists of outfits, for a client and as stateless calls. */
package jomble.server.counting;
