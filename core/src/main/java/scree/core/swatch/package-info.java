/**
 * A kit from pictures: what a swatch sheet says of twelve products. Start at {@link scree.core.swatch.SheetReader}. Leans on
 * {@code image} for what lies in the picture, on {@code colour} for films, on {@code light} for the lamp.
 */
package scree.core.swatch;
