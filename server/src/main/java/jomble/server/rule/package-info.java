/** The rules, their settings and examples, and rulings. */
package jomble.server.rule;
