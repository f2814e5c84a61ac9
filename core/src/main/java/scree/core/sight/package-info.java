/**
 * What a picture itself says of the face in it: whether it can be read at all, where the skin's edge runs, and which pixels are bare skin.
 * Leans on {@code mesh} and {@code face}; zones, light and plans lean on it.
 */
package scree.core.sight;
