/** The judgement of outfits: rules, findings with their evidence, schools, and the verdict with its reasons. */
package jomble.core.judgement;
