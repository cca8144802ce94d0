/** Lines and volumes on the figure. */
package jomble.core.judgement.rule.proportion;
