/** The rules as they are held, their examples, and the rulings over them. */
package jomble.server.rule;
