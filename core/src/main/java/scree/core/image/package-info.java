/**
 * Turns a hostile upload into colour: safe decoding, a raster, the card found by its corner marks, the camera's response
 * estimated from the card, and robust means over zones. Start at {@link scree.core.image.PictureIntake} for bytes and
 * {@link scree.core.image.CardFinder} for pixels. Pixels are sRGB codes; x runs right, y down. Leans on {@code colour}.
 */
package scree.core.image;
