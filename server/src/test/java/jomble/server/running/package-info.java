/** The real application over a real database, started once for all tests of a run. */
package jomble.server.running;
