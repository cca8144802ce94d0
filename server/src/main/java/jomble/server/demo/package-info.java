/** The made-up studio that a demonstration starts with. */
package jomble.server.demo;
