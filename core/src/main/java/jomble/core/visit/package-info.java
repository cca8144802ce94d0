/** Visits: when the stylist saw the client, or will, and what was noted. */
package jomble.core.visit;
