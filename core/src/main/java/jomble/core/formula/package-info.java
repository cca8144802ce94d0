/** What outfits have in common: for some slots, what kind of piece they hold. */
package jomble.core.formula;
