/** The studio: the tenant every row belongs to. */
package jomble.server.studio;
