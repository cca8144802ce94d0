/** Where things fall on the figure: heights as fractions of stature, published means or the client's own. */
package jomble.core.proportion;
