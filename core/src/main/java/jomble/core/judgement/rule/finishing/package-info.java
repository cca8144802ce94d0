/** Accessories: the last look in the mirror. */
package jomble.core.judgement.rule.finishing;
