/**
 * Colour that belongs together on one face: cheeks, lips, lids, lines and brows from undertone, depth and contrast. Begin with
 * {@link scree.core.harmony.Harmony}; single products are judged by {@code core.judge}.
 */
package scree.core.harmony;
