/** Weather and the warmth of clothes: ISO 7730 comfort from ISO 9920 insulation. */
package jomble.core.climate;
