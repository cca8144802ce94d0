/** The kinds a studio works with: the shipped ones and those it made by copying one. */
package jomble.server.kind;
