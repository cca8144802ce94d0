/** The rules as they are set, their examples, and the rulings over them. */
package jomble.server.rule;
