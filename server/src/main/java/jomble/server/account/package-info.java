/** Who may sign in, and the tokens of programs that ask the compute calls. */
package jomble.server.account;
