/** Rate limits: sign-ins, and a program's compute calls. */
package jomble.server.limit;
