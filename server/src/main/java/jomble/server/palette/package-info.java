/** The palette step: the wardrobe's colours beside the client's own. */
package jomble.server.palette;
