/** Enumerates the combinations of a question: the bodies one by one, what goes over each as a node of a decision diagram. */
package jomble.core.counting.enumeration;
