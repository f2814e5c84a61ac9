/**
 * Reads skin: zones on the face, depth in words, hue lean, undertone as shares, what lies on top of it, and where a base is
 * matched. Start at {@link scree.core.skin.SkinReader}. Leans on {@code colour}, {@code image} and {@code reason}.
 */
package scree.core.skin;
