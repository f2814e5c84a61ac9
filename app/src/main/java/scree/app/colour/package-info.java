/**
 * The Colour stage: cheeks, lips, lids, lines and brows that belong together on the client's own face. Start at {@code ColourController};
 * what belongs together is {@link scree.core.harmony.Harmony}'s.
 */
package scree.app.colour;
