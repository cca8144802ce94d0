/** The wardrobe document, the open format everything is exported to and imported from, and the context of a question. */
package jomble.core.document;
