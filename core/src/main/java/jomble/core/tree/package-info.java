/** A parsed JSON value together with the place it stands in, so that every problem can name its place. */
package jomble.core.tree;
