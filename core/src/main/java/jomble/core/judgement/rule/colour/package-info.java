/** Colours, leathers and metals beside each other. */
package jomble.core.judgement.rule.colour;
