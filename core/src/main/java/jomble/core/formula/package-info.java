/** Formulas: what outfits have in common, as the kind of piece in some slots. */
package jomble.core.formula;
