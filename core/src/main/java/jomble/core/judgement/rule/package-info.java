/** One rule of the job in each class, and the catalogue that lists them. */
package jomble.core.judgement.rule;
