/** Breaking suits: which jackets go with which trousers and skirts, and what the next suit should be like. */
package jomble.core.suit;
