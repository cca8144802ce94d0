/** Capsules of a wardrobe: planned on request, for a client or for a document that is sent along. */
package jomble.server.capsule;
