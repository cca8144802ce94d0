/** Every failure as application/problem+json. */
package jomble.server.problem;
