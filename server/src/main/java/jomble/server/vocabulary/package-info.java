/** The vocabulary, served to the front end. */
package jomble.server.vocabulary;
