/**
 * How Scree looks: stones, smooth lines, the pebble field, labels in a margin, figures in words. Start at {@link scree.app.look.Stones}.
 * Lengths are px of the drawing, y grows downwards. Knows no stage and no store.
 */
package scree.app.look;
