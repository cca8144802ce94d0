/** Everything that was changed in a wardrobe, in steps that can be undone. */
package jomble.server.history;
