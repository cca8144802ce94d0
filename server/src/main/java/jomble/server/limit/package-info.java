/** How much anybody may ask for at once: sign-ins, and the compute calls of a program. */
package jomble.server.limit;
