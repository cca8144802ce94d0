/** House rules of a studio and of single clients. */
package jomble.server.house;
