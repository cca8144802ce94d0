/** Drawings of pieces under addresses that spell out the look, so that they can be kept for ever. */
package jomble.server.drawing;
