/** Benchmarks of the core on the wardrobes of the demonstration. */
package jomble.bench;
