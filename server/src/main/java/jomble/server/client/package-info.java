/** Clients of a studio, and the parts of their wardrobes besides pieces. */
package jomble.server.client;
