/** The inventory of a client: pieces, their history and undo. */
package jomble.server.piece;
