/** One archive of everything a place stores: written while the application runs, checked and read without running it. */
package jomble.server.backup;
