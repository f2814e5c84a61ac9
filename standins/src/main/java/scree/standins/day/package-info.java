/** What a working day brings, made up: needs of sittings, for trying orders that nobody tuned them on. */
package scree.standins.day;
