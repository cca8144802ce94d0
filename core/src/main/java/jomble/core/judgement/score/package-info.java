/** The score that ranks outfits of one verdict, with the parts it is made of. */
package jomble.core.judgement.score;
