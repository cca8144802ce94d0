/** Photos of pieces: checked, re-encoded without metadata, kept in three sizes. */
package jomble.server.photo;
