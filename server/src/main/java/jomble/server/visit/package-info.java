/** The stylist's visits to a client. */
package jomble.server.visit;
