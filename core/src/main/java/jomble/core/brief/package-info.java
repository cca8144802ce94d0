/** What the wardrobe is for: the client's boundaries, palette, measures, occasions and climate. */
package jomble.core.brief;
