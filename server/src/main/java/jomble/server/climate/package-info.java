/** The climate of places and the weather to come. */
package jomble.server.climate;
