/** A wardrobe and its contexts with all findings of piece and pair rules precomputed as numbers and masks. */
package jomble.core.counting.compiled;
