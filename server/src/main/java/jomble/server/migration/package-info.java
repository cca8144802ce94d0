/** Steps of the database from one version to the next that SQL alone cannot take. */
package jomble.server.migration;
