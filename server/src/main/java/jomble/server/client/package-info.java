/** Clients of a studio and the frame of their wardrobes. */
package jomble.server.client;
