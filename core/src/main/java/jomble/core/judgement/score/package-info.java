/** The score that ranks outfits with the same verdict, and its parts. */
package jomble.core.judgement.score;
