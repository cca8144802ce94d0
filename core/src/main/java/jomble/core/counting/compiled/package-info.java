/** A wardrobe in its contexts with everything that rules find of pieces and pairs worked out once, as numbers and masks. */
package jomble.core.counting.compiled;
