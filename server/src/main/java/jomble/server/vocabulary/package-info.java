/** The words of the trade, served to the front end. */
package jomble.server.vocabulary;
