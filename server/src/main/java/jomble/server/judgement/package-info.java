/** Verdicts on outfits, for a client and as stateless calls. */
package jomble.server.judgement;
