/** Sign-in, and API tokens for the compute calls. */
package jomble.server.account;
