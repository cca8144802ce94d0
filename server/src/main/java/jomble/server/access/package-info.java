/** What every call declares before it runs: the right it needs, and the form of its answer. */
package jomble.server.access;
