/** The inventory in and out of spreadsheets. */
package jomble.server.exchange;
