/** How a studio, and a stylist for one client, holds the rules. */
package jomble.server.house;
