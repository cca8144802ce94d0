/** Building an outfit: what still fits, what speaks against the rest, and what would finish it. */
package jomble.core.building;
