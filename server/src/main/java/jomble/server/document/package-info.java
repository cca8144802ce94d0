/** Import and export of wardrobe documents. */
package jomble.server.document;
