/** The small wardrobe that dresses a client's life best: what is wished of it, the search, and how good the answer is. */
package jomble.core.capsule;
