/**
 * Finds the shades of a kit that come nearest to a skin, exactly, and says why. Start at {@link scree.core.shade.ShadeIndex}.
 * Colours are settled ones unless named wet. Leans on {@code colour}, {@code skin} and {@code reason}.
 */
package scree.core.shade;
