/** Planning capsules, for a client or for a wardrobe sent in the request. */
package jomble.server.capsule;
