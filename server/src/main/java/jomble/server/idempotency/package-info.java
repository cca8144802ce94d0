/** Requests with an Idempotency-Key: sent again because no answer came, they are answered, not carried out twice. */
package jomble.server.idempotency;
