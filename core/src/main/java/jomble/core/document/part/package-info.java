/** What a part of a wardrobe document is, and what the readers of all parts share. */
package jomble.core.document.part;
