/**
 * Meters on the network: presses on skin and swatches, the light at the face. Start at {@link scree.app.meter.Meters}; a meter is never
 * asked while something is held in the database.
 */
package scree.app.meter;
