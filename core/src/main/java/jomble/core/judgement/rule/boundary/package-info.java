/** The client's boundaries and the dress code. */
package jomble.core.judgement.rule.boundary;
