/** What a piece is: the vocabulary of kinds and attributes, and how unset attributes are derived. */
package jomble.core.piece;
