/** Patterns, surfaces and what asks to be looked at. */
package jomble.core.judgement.rule.pattern;
