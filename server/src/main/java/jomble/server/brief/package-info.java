/** Briefs: what clients dress for, where, and within which limits. */
package jomble.server.brief;
