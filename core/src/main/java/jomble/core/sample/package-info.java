/** Generated wardrobes of any size, for demonstration and measurement. */
package jomble.core.sample;
