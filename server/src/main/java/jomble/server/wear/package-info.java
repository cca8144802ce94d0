/** The wear log of a client. */
package jomble.server.wear;
