/** Reports every failure as application/problem+json. */
package jomble.server.problem;
