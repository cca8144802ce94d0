/** Formality, and suits that are broken. */
package jomble.core.judgement.rule.tailoring;
