/** What goes with what: bottoms, shoes and festive pieces. */
package jomble.core.judgement.rule.company;
