/**
 * The Skin stage: zones, spots and witnesses of a reading, measured again when they move. Start at {@link scree.app.skin.Readings}.
 * Colours are L*a*b* under D65; places are in units of the core's face frame.
 */
package scree.app.skin;
