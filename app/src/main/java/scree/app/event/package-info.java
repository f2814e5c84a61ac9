/** A day of an event: where it is, how many chairs there are, who works when. Start at {@code Events}. */
package scree.app.event;
